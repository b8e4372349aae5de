<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Guess;

/** Words that traders' programs use, and what they usually mean here. */
final class Vocabulary
{
    /** Names that a field's value often stands at, the most telling first. Lower case, letters and digits alone. */
    public const NAMES = [
        'do' => ['do', 'action', 'intent', 'orderaction', 'signal', 'command', 'cmd', 'type', 'ordertype', 'side', 'direction', 'event', 'order', 'operation', 'verb', 'what'],
        'side' => ['positionside', 'side', 'direction', 'way', 'longshort'],
        'symbol' => ['symbol', 'ticker', 'instrument', 'pair', 'market', 'asset', 'coin', 'contract', 'product', 'security', 'sym', 'code', 'name'],
        'size' => ['size', 'qty', 'quantity', 'amount', 'volume', 'contracts', 'lots', 'lot', 'units', 'shares', 'ordersize', 'orderqty', 'vol', 'notional', 'stake'],
        'share' => ['share', 'closepercent', 'percentclose', 'exitpercent', 'portion'],
        'price' => ['price', 'close', 'last', 'orderprice', 'entryprice', 'entry', 'px', 'rate', 'mark', 'fillprice'],
        'limit' => ['limit', 'limitprice'],
        'trigger' => ['trigger', 'triggerprice'],
        'stop' => ['stop', 'stoploss', 'sl', 'stopprice', 'protectivestop'],
        'targets' => ['targets', 'target', 'takeprofit', 'tp', 'takeprofits', 'tp1', 'profit'],
        'trailing' => ['trailing', 'trail', 'trailingstop'],
        'position_before' => ['positionbefore', 'before', 'prevposition', 'previousposition', 'prev', 'from', 'prevmarketposition', 'was'],
        'position_after' => ['positionafter', 'after', 'marketposition', 'newposition', 'position', 'now', 'to'],
        'position_size' => ['positionsize', 'possize', 'marketpositionsize', 'positionqty', 'holding'],
        'label' => ['label', 'comment', 'text', 'note', 'reason', 'alertname', 'alert', 'strategy', 'message', 'tag', 'remark', 'description'],
        'accounts' => ['accounts', 'account'],
        'fired_at' => ['firedat', 'time', 'timestamp', 'ts', 'date', 'datetime', 'timenow', 'at', 'sent', 'created', 'when'],
        'expires_at' => ['expiresat', 'expires', 'validuntil', 'expiry'],
        'id' => ['id', 'orderid', 'alertid', 'messageid', 'uid', 'uuid', 'signalid', 'nonce', 'ref'],
    ];

    /** Names that hardly hold anything but what to do, even when the word is a strange one. */
    public const TELLING = ['do', 'action', 'intent', 'orderaction', 'command', 'cmd', 'verb'];

    /** What is meant by a word for what to do. Lower case, letters alone. */
    public const ACTIONS = [
        'b' => 'buy', 'bought' => 'buy', 'bullish' => 'buy', 'up' => 'buy', 'openlong' => 'enter long', 'long' => 'enter long', 'golong' => 'enter long',
        'enterlong' => 'enter long', 'longentry' => 'enter long', 'buytoopen' => 'enter long', 'entrylong' => 'enter long', 'l' => 'enter long', 'buyentry' => 'enter long',
        's' => 'sell', 'sold' => 'sell', 'bearish' => 'sell', 'down' => 'sell', 'openshort' => 'enter short', 'short' => 'enter short', 'goshort' => 'enter short',
        'entershort' => 'enter short', 'shortentry' => 'enter short', 'selltoopen' => 'enter short', 'entryshort' => 'enter short', 'sellentry' => 'enter short',
        'close' => 'exit', 'closed' => 'exit', 'closeposition' => 'exit', 'out' => 'exit', 'x' => 'exit', 'exitposition' => 'exit',
        'closelong' => 'exit long', 'exitlong' => 'exit long', 'longexit' => 'exit long', 'selltoclose' => 'exit long', 'longclose' => 'exit long', 'xl' => 'exit long',
        'closeshort' => 'exit short', 'exitshort' => 'exit short', 'shortexit' => 'exit short', 'buytoclose' => 'exit short', 'shortclose' => 'exit short', 'xs' => 'exit short',
        'closeall' => 'flatten', 'exitall' => 'flatten', 'flat' => 'flatten', 'flattenall' => 'flatten', 'reverse' => 'flip', 'reverselong' => 'flip long', 'reverseshort' => 'flip short',
        'cancelall' => 'cancel all', 'cancelorders' => 'cancel all', 'addlong' => 'add long', 'addshort' => 'add short', 'scalein' => 'add', 'average' => 'add', 'averagedown' => 'add',
        'entry' => 'enter', 'open' => 'enter', 'start' => 'enter', 'stop' => 'exit',
    ];

    /** What is meant by a word for a side. */
    public const SIDES = ['buy' => 'long', 'b' => 'long', 'bullish' => 'long', 'up' => 'long', 'l' => 'long', 'sell' => 'short', 's' => 'short', 'bearish' => 'short', 'down' => 'short', 'sh' => 'short'];

    public static function letters(string $text): string
    {
        return strtolower((string) preg_replace('/[^A-Za-z]/', '', $text));
    }
}
