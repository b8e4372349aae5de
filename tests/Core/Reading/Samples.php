<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

/**
 * Messages as charting platforms, scripts and mailboxes send them, with what each must come to: lines in our own one-line
 * form, one for each signal, or “!” and words of the error. “own” is read without a reading, “guess” with the first mapping
 * that Wexon proposes for it.
 */
final class Samples
{
    /** @return iterable<string, array{string, string|array<string, mixed>, list<string>}> Body, reading, expected. */
    public static function all(): iterable
    {
        yield from self::own();
        yield from self::guessed();
        yield from self::mapped();
        yield from self::wrong();
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    private static function own(): iterable
    {
        yield 'own object' => ['{"do":"enter","side":"long","symbol":"MARL/USD","size":{"amount":250,"unit":"money"}}', 'own', ['enter long MARL/USD size 250 money']];
        yield 'own line' => ['enter long MARL/USD size 250 USD stop 2% targets 1.5%:50 3%:50', 'own', ['enter long MARL/USD size 250 USD stop 2% targets 1.5%:50 3%:50']];
        yield 'own line in capitals' => ['SELL skarn/usd CHART long flat PRICE 6.15', 'own', ['sell skarn/usd chart long flat price 6.15']];
        yield 'a burst of lines' => ["place long MARL/USD size 1 limit @38.1 label \"step 1\"\r\nplace long MARL/USD size 1 limit @38.0 label \"step 2\"\n\n", 'own', ['place long MARL/USD size 1 units limit @38.1 label "step 1"', 'place long MARL/USD size 1 units limit @38.0 label "step 2"']];
        yield 'a list of objects' => ['[{"do":"cancel","all":true},{"do":"flatten"},{"do":"set","side":"flat","symbol":"M"}]', 'own', ['cancel all', 'flatten all', 'set flat M']];
        yield 'one object for each line' => ["{\"do\":\"buy\",\"symbol\":\"A\"}\n{\"do\":\"sell\",\"symbol\":\"B\"}", 'own', ['buy A', 'sell B']];
        yield 'objects without anything between' => ['{"do":"buy","symbol":"A"}{"do":"exit","symbol":"B"}', 'own', ['buy A', 'exit B']];
        yield 'a comma too many' => ['{"do":"buy","symbol":"M","size":3,}', 'own', ['buy M size 3 units']];
        yield 'smart quotes' => ['{“do”: “sell”, “symbol”: “M”}', 'own', ['sell M']];
        yield 'smart quotes and a comma' => ['{“do”: “sell”, “symbol”: “M”, “label”: “a,b,}”,}', 'own', ['sell M label a,b,}']];
        yield 'a byte order mark' => ["\xEF\xBB\xBF{\"do\":\"buy\",\"symbol\":\"M\"}", 'own', ['buy M']];
        yield 'sixteen bits a letter' => ["\xFF\xFE".mb_convert_encoding('exit long MARL/USD share 25%', 'UTF-16LE'), 'own', ['exit long MARL/USD share 25%']];
        yield 'a line break inside a text' => ["{\"do\":\"buy\",\"symbol\":\"M\",\"label\":\"first\nsecond\"}", 'own', ['buy M label "first second"']];
        yield 'a missing last bracket' => ['{"do":"buy","symbol":"M","size":{"amount":4,"unit":"percent"', 'own', ['buy M size 4%']];
        yield 'a missing comma between lines' => ["{\"do\": \"buy\"\n \"symbol\": \"M\"\n}", 'own', ['buy M']];
        yield 'our object inside a text' => ["Alert on Marl.\n{\"do\":\"buy\",\"symbol\":\"M\"}\nSent by the chart.", 'own', ['buy M']];
        yield 'every kind of distance' => ['{"do":"enter","side":"short","symbol":"M","limit":{"ticks":3},"stop":{"price":"0.5"},"targets":[{"risk":2,"share":40},"@30:60"],"trailing":{"distance":{"points":8},"start":{"percent":2},"step":{"percent":"0.5"}}}', 'own', ['enter short M limit 3ticks stop 0.5away targets 2x:40 @30:60 trailing 8points start 2% step 0.5%']];
        yield 'time in milliseconds, accounts and expiry' => ['{"do":"protect","symbol":"M","stop":38.1,"fired_at":1772461800000,"expires_at":"2026-03-02T14:31:00Z","accounts":["main","small"]}', 'own', ['protect M stop @38.1 accounts main,small fired 2026-03-02T14:30:00.000Z expires 2026-03-02T14:31:00.000Z']];
        yield 'blanks that nobody sees' => ["exit\u{A0}long\u{A0}MARL/USD\u{200B}", 'own', ['exit long MARL/USD']];
        yield 'a symbol that is a keyword' => ['buy "size" size 1', 'own', ['buy "size" size 1 units']];
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    private static function guessed(): iterable
    {
        yield 'flat object, short words' => ['{"action":"B","ticker":"QS:MARLUSD","qty":3,"price":38.4}', 'guess', ['buy QS:MARLUSD size 3 units price 38.4']];
        yield 'numbers as text with groups' => ['{"signal":"SELL","pair":"MARL/USD","amount":"1,250.50"}', 'guess', ['sell MARL/USD size 1250.50 units']];
        yield 'nested two deep' => ['{"data":{"order":{"action":"close_long","qty":"2"},"market":"MARLUSD"},"sent":1772461800}', 'guess', ['exit long MARLUSD size 2 units fired 2026-03-02T14:30:00.000Z']];
        yield 'inside a list of one' => ['[{"type":"entry_short","symbol":"CHERT"}]', 'guess', ['enter short CHERT']];
        yield 'a list inside an object' => ['{"orders":[{"action":"buy","symbol":"TUFA","size":5}]}', 'guess', ['buy TUFA size 5 units']];
        yield 'script with its position' => ['{"ticker":"SKARN","order":{"action":"sell","contracts":45,"price":6.1},"position":{"before":"flat","after":"short","size":"-45"},"comment":"trend flip"}', 'guess', ['sell SKARN size 45 units chart flat short 45 price 6.1 label "trend flip"']];
        yield 'positions by their sign' => ['{"action":"sell","symbol":"M","prev_position":"3","market_position":"-3"}', 'guess', ['sell M chart long short']];
        yield 'pairs with an equals sign' => ["action=buy\nticker=MARL\nqty=3\n", 'guess', ['buy MARL size 3 units']];
        yield 'pairs with a colon, money and percent' => ["Side: LONG\nSymbol: MARL/USD\nSize: 250 USD\nStop Loss: 2%", 'guess', ['enter long MARL/USD size 250 USD stop 2%']];
        yield 'pairs in one line' => ['action=sell symbol=MARL qty="3" price=38.4', 'guess', ['sell MARL size 3 units price 38.4']];
        yield 'pairs with semicolons' => ['action: exit_short; symbol: M1; comment: "back; again"', 'guess', ['exit short M1 label "back; again"']];
        yield 'pairs between other text' => ["Your alert has fired.\nSymbol: MARL/USD\nAction: buy\nPrice: 38.46\nGood trading!", 'guess', ['buy MARL/USD price 38.46']];
        yield 'two blocks of pairs' => ["action=buy\nsymbol=A\n\naction=sell\nsymbol=B", 'guess', ['buy A', 'sell B']];
        yield 'form-encoded' => ['action=buy&symbol=MARL%2FUSD&qty=3&note=a+b', 'guess', ['buy MARL/USD size 3 units label "a b"']];
        yield 'form with brackets' => ['order%5Baction%5D=sell&symbol=M', 'guess', ['sell M']];
        yield 'separated by commas' => ['buy,MARL/USD,38.46', 'guess', ['buy MARL/USD price 38.46']];
        yield 'separated by bars' => ['MARL/USD | SELL | 38.46 | 2026-03-02T14:30:00Z', 'guess', ['sell MARL/USD price 38.46 fired 2026-03-02T14:30:00.000Z']];
        yield 'a table with its names' => ["action;symbol;qty\nbuy;MARL;3\nsell;TUFA;4", 'guess', ['buy MARL size 3 units', 'sell TUFA size 4 units']];
        yield 'separated by tabs' => ["long\tMARL\t38.46", 'guess', ['enter long MARL price 38.46']];
        yield 'a sentence with a slash' => ['MARL/USD crossing up 38.40', 'guess', ['buy MARL/USD']];
        yield 'a sentence with a price' => ['SKARN overbought at 6.20 on the hourly', 'guess', ['sell SKARN price 6.20']];
        yield 'a headline in capitals' => ['LONG ENTRY: CHERT', 'guess', ['enter long CHERT']];
        yield 'single quotes' => ["{'action': 'buy', 'ticker': 'MARL', 'live': True}", 'guess', ['buy MARL']];
        yield 'no quotes at all' => ['{action: buy, ticker: MARL, qty: .5}', 'guess', ['buy MARL size 0.5 units']];
        yield 'foreign letters in Windows-1252' => ["action=buy\nsymbol=MARL\nnote=Einstieg f\xFCr M\xE4rz", 'guess', ['buy MARL label "Einstieg für März"']];
        yield 'an object behind a heading' => ['[Desk] new order >>> {"cmd":"short","asset":"QLLN","volume":"10 lots"} <<<', 'guess', ['enter short QLLN size 10 lots']];
        yield 'targets in a list' => ['{"action":"buy","symbol":"M","takeprofit":["39.5","41"],"sl":"37.2"}', 'guess', ['buy M stop @37.2 targets @39.5 @41']];
        yield 'size in percent' => ['{"side":"buy","symbol":"M","qty":"5%"}', 'guess', ['buy M size 5%']];
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> */
    private static function mapped(): iterable
    {
        $keys = static fn (array $more): array => ['fields' => ['do' => ['from' => 'key', 'at' => 'a'], 'symbol' => ['from' => 'key', 'at' => 's'], ...$more]];
        yield 'translation' => ['{"a":"Kauf","s":"M"}', ['fields' => ['do' => ['from' => 'key', 'at' => 'a', 'translate' => ['KAUF' => 'enter long']], 'symbol' => ['from' => 'key', 'at' => 's']]], ['enter long M']];
        yield 'a default and a constant' => ['{"a":"buy"}', $keys(['symbol' => ['from' => 'constant', 'at' => 'MARL/USD'], 'size' => ['from' => 'key', 'at' => 'q', 'unit' => 'lots', 'default' => '0.1']]), ['buy MARL/USD size 0.1 lots']];
        yield 'the unit that was chosen' => ['{"a":"buy","s":"M","q":"-250","tp":12,"t":1772461800500}', $keys(['size' => ['from' => 'key', 'at' => 'q', 'unit' => 'money'], 'targets' => ['from' => 'key', 'at' => 'tp', 'unit' => 'ticks'], 'fired_at' => ['from' => 'key', 'at' => 't', 'unit' => 'milliseconds since 1970']]), ['buy M size 250 money targets 12ticks fired 2026-03-02T14:30:00.500Z']];
        yield 'a path with a filter' => ['{"fields":[{"n":"act","v":"sell"},{"n":"tick","v":"M"}]}', ['fields' => ['do' => ['from' => 'path', 'at' => 'fields[?n==`act`].v | [0]'], 'symbol' => ['from' => 'path', 'at' => 'fields[1].v']]], ['sell M']];
        yield 'columns' => ['M;S;0.5', ['fields' => ['symbol' => ['from' => 'column', 'at' => '1'], 'do' => ['from' => 'column', 'at' => '2', 'translate' => ['s' => 'sell']], 'share' => ['from' => 'constant', 'at' => '']]], ['sell M']];
        yield 'patterns with a named group' => ['[12:30] order filled: sell 3.5 of MARLUSD', ['fields' => ['do' => ['from' => 'pattern', 'at' => 'filled: (?<value>\w+)'], 'size' => ['from' => 'pattern', 'at' => '(\d+\.\d+) of'], 'symbol' => ['from' => 'pattern', 'at' => 'of ([A-Z]+)']]], ['sell MARLUSD size 3.5 units']];
        yield 'an expression over other fields' => ['{"a":"buy","s":"M","q":"3","p":"38.40"}', $keys(['price' => ['from' => 'key', 'at' => 'p'], 'size' => ['from' => 'key', 'at' => 'q'], 'stop' => ['from' => 'expression', 'at' => 'round(price * 0.98, 2)'], 'label' => ['from' => 'expression', 'at' => '"x" ~ size ~ (price > 38 ? " high" : " low")']]), ['buy M size 3 units stop @37.63 price 38.40 label "x3 high"']];
        yield 'what to do by an expression' => ['{"s":"M","now":"-2"}', ['fields' => ['symbol' => ['from' => 'key', 'at' => 's'], 'position_size' => ['from' => 'constant', 'at' => ''], 'price' => ['from' => 'constant', 'at' => ''], 'label' => ['from' => 'key', 'at' => 'now'], 'do' => ['from' => 'expression', 'at' => 'number(label) < 0 ? "enter short" : "enter long"']]], ['enter short M label -2']];
        $words = ['fields' => ['symbol' => ['from' => 'constant', 'at' => 'MARL/USD']], 'words' => [
            ['when' => 'is', 'text' => 'long entry 2', 'then' => ['do' => 'add long']],
            ['when' => 'contains', 'text' => 'long entry', 'then' => ['do' => 'enter long']],
            ['when' => 'begins', 'text' => 'half', 'then' => ['do' => 'exit', 'share' => '50']],
            ['when' => 'matches', 'text' => 'stop to (\d+)', 'then' => ['do' => 'exit', 'label' => 'stopped']],
        ]];
        yield 'a phrase that is one' => ['Long  Entry 2', $words, ['add long MARL/USD']];
        yield 'a phrase that contains one' => ['fast long entry 7', $words, ['enter long MARL/USD']];
        yield 'a phrase that begins with one' => ['HALF out', $words, ['exit MARL/USD share 50%']];
        yield 'a phrase that matches' => ['move stop to 38', $words, ['exit MARL/USD label stopped']];
        yield 'our own object in spite of the reading' => ['{"do":"flatten"}', $words, ['flatten all']];
        yield 'our own line in spite of the reading' => ['enter long MARL/USD size 1', $words, ['enter long MARL/USD size 1 units']];
        yield 'a field beside the word rules' => ["close it\nticker: SKARN\nnote: half", ['fields' => ['symbol' => ['from' => 'key', 'at' => 'Ticker']], 'words' => [['when' => 'contains', 'text' => 'close it', 'then' => ['do' => 'exit']]]], ['exit SKARN']];
    }

    /** @return iterable<string, array{string, string|array<string, mixed>, list<string>}> */
    private static function wrong(): iterable
    {
        $keys = ['fields' => ['do' => ['from' => 'key', 'at' => 'a', 'translate' => ['k' => 'buy']], 'symbol' => ['from' => 'key', 'at' => 's', 'required' => true], 'size' => ['from' => 'key', 'at' => 'q']]];
        yield 'nothing' => ["  \n ", 'own', ['! message: found nothing']];
        yield 'a shape that nobody taught' => ['long entry', 'own', ['! teach Wexon this shape']];
        yield 'a placeholder left over' => ['{"do":"buy","symbol":"${symbol}"}', 'own', ['! found “${symbol}”; expected a value; this is a placeholder']];
        yield 'a placeholder of the trader\'s own platform' => ['buy <<TICKER>> size 1', 'own', ['! found “<<TICKER>>”']];
        yield 'a word one letter off' => ['{"do":"bye","symbol":"M"}', 'own', ['! do: found “bye”', 'Did you mean “buy”?']];
        yield 'a name one letter off' => ['{"do":"buy","symbl":"M"}', 'own', ['! symbl: found “M”; expected no such field', 'Did you mean “symbol”?']];
        yield 'an unknown word in a line' => ['enter long MARL/USD sise 3', 'own', ['! message: found “sise”', 'Did you mean “size”?']];
        yield 'a clause twice' => ['buy M size 1 size 2', 'own', ['! “size” once only']];
        yield 'a share of an entry' => ['enter long M share 50%', 'own', ['! only an exit closes a share']];
        yield 'shares beyond the whole' => ['enter long M targets 1%:60 2%:50', 'own', ['! targets: found “110 %”; expected shares that sum to 100']];
        yield 'a stop in multiples of itself' => ['enter long M stop 2x', 'own', ['! stop: found “2x”']];
        yield 'a strange word at a telling name, guessed' => ['{"action":"bye","ticker":"MARL"}', 'guess', ['! do: found “bye” (key “action”)', 'Did you mean “buy”?']];
        yield 'a mapping that says not what to do' => ['{"s":"M"}', ['fields' => ['symbol' => ['from' => 'key', 'at' => 's']]], ['! do: found nothing; expected a place where the message tells what to do']];
        yield 'a word that has no translation' => ['{"a":"q","s":"M"}', $keys, ['! do: found “q” (key “a”); expected one of enter', 'a translation makes it one of them']];
        yield 'a required value that is not there' => ['{"a":"k"}', $keys, ['! symbol: found nothing; expected a value at key “s”, which is required']];
        yield 'words instead of a number' => ['{"a":"k","s":"M","q":"about 3 of"}', $keys, ['! size: found “about 3 of” (key “q”)', 'Did you mean “3”?']];
        yield 'an object instead of a value' => ['{"a":"k","s":{"name":"M"}}', $keys, ['! symbol: found an object; expected one value']];
        yield 'a phrase that no rule takes' => ['long exit', ['fields' => ['symbol' => ['from' => 'constant', 'at' => 'M']], 'words' => [['when' => 'is', 'text' => 'long entry', 'then' => ['do' => 'buy']]]], ['! do: found “long exit”; expected a text that one of the word rules takes: “long entry”', 'Did you mean “long entry”?']];
        yield 'an expression that divides by zero' => ['{"a":"k","s":"M","q":"0"}', ['fields' => [...$keys['fields'], 'label' => ['from' => 'key', 'at' => 'q'], 'size' => ['from' => 'expression', 'at' => '1 / label']]], ['! size:', 'divided by zero']];
        yield 'expressions that look at each other' => ['{"a":"k","s":"M"}', ['fields' => [...$keys['fields'], 'size' => ['from' => 'expression', 'at' => 'price'], 'price' => ['from' => 'expression', 'at' => 'size']]], ['! look at each other']];
        yield 'too many in one body' => [str_repeat("buy M\n", 51), 'own', ['! 51 messages in one body']];
        yield 'bytes that are no text' => ["\xff\xfe\x00", 'own', ['! message']];
    }
}
