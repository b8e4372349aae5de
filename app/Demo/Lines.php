<?php

namespace App\Demo;

use Wexon\Core\Route\RouteState;

/** The demo's routes: one for each way of trading that Wexon knows so far, in different states. */
final class Lines
{
    /** @return list<array{name: string, inlet: string, accounts: list<string>, state: RouteState, rules: array<string, mixed>}> */
    public static function all(): array
    {
        return [
            self::line('Marl always-in', "Odile's charts", ['Quarry main', 'Quarry second'], RouteState::Armed, ['MARL/USD' => 'marl_perp'], 'both', 'close_and_reverse', ['rule' => 'percent_of_equity', 'amount' => '4'], ['protection' => ['stop' => ['percent' => '0.6'], 'trailing' => ['distance' => ['percent' => '0.3'], 'start' => ['percent' => '0.2']]]]),
            self::line('Tufa long only', "Odile's charts", ['Quarry main'], RouteState::Armed, ['TUFA/USD' => 'tufa_spot'], 'long', 'close_only', ['rule' => 'percent_at_risk', 'amount' => '0.01'], ['protection' => ['stop' => ['percent' => '0.8'], 'targets' => [['at' => ['percent' => '0.4'], 'share' => '50'], ['at' => ['risk' => '1'], 'share' => '50']], 'break_even' => ['after_target' => 1]]]),
            self::line('Chert and Skarn swings', "Tomas's script", ['Quarry second'], RouteState::Armed, ['CHERT/USD' => 'chert_perp', 'SKARN/USD' => 'skarn_perp'], 'both', 'close_only', ['rule' => 'from_message'], ['protection' => ['stop' => ['percent' => '0.7'], 'targets' => [['at' => ['percent' => '0.5'], 'share' => '40'], ['at' => ['percent' => '0.9'], 'share' => '40']], 'floor' => ['reached' => ['percent' => '0.6'], 'keep' => ['percent' => '0.2']], 'keeping' => 'both', 'times' => ['after' => 3600]], 'guards' => ['positions' => 1, 'queue_for' => 300, 'rest_after_loss' => 60]]),
            self::line('Marl grid', "Tomas's script", ['Quarry main'], RouteState::Armed, ['MARL/USD' => 'marl_spot'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '150'], ['entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side'], 'post_only' => true]]),
            self::line('Krona swings', "Odile's charts", ['Moor net', 'Moor both sides'], RouteState::Armed, ['NOK/SEK' => 'NOK-SEK'], 'both', 'close_and_reverse', ['rule' => 'percent_of_equity', 'amount' => '60'], ['protection' => ['stop' => ['points' => '90'], 'targets' => [['at' => ['points' => '60'], 'share' => '100']]]]),
            self::line('Rand resting', "Tomas's script", ['Moor both sides'], RouteState::Armed, ['SGD/ZAR' => 'SGD-ZAR'], 'both', 'close_only', ['rule' => 'from_message'], ['entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side', 'offset' => '0.05', 'unit' => 'percent'], 'cancel_after' => 600]]),
            self::line('Alder and Quillon', "Odile's charts", ['Pellam shares'], RouteState::Armed, ['ALDR' => 'ALDR', 'QLLN' => 'QLLN'], 'both', 'close_only', ['rule' => 'percent_of_equity', 'amount' => '8'], ['when_closed' => 'queue_exits', 'protection' => ['stop' => ['percent' => '0.5'], 'targets' => [['at' => ['risk' => '1.5'], 'share' => '100']], 'times' => ['before_close' => 300]]]),
            self::line('Ternholt at the open', "Tomas's script", ['Pellam shares'], RouteState::Armed, ['TRNH' => 'TRNH'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '900'], ['when_closed' => 'queue', 'entry' => ['type' => 'limit', 'limit' => ['at' => 'other_side', 'offset' => '0.2', 'unit' => 'percent'], 'time_in_force' => 'day']]),
            self::line('Tufa by letter', "Tomas's mailbox", ['Quarry second'], RouteState::Armed, ['TUFA/USD' => 'tufa_spot'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '300'], ['ask' => ['for' => 240]]),
            self::line('Skarn shorts', "Tomas's script", ['Quarry main'], RouteState::Paused, ['SKARN/USD' => 'skarn_perp'], 'short', 'close_only', ['rule' => 'fixed_units', 'amount' => '40']),
            self::line('Marl, two of three', "Odile's charts", ['Quarry second'], RouteState::Armed, ['MARL/USD' => 'marl_spot'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '120'], ['together' => ['needs' => 2, 'within' => 900, 'signals' => [['name' => 'marl turns', 'kind' => 'state', 'symbol' => 'MARL/USD'], ['name' => 'tufa turns', 'kind' => 'pulse', 'symbol' => 'TUFA/USD'], ['name' => 'chert turns', 'kind' => 'pulse', 'symbol' => 'CHERT/USD']]], 'protection' => ['stop' => ['percent' => '1']]]),
            // Nobody else sends this symbol, so that a newcomer's first message finds the account flat.
            self::line('First steps', "Odile's charts", ['Quarry main'], RouteState::Armed, ['OSTRA/USD' => 'ostra_spot'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '100'], ['protection' => ['stop' => ['percent' => '3']]]),
            self::line('Grist, coin toss', "Tomas's script", ['Quarry second'], RouteState::Armed, ['GRIST/USD' => 'grist_perp'], 'both', 'close_only', ['rule' => 'from_message'], ['protection' => ['stop' => ['percent' => '2']]]),
            // Drawn up in a hurry, so that the preflight has something to say.
            self::line('Skarn and Tufa, first try', "Tomas's script", ['Quarry main'], RouteState::Draft, ['SKARN/USD' => 'skarn_spot', 'TUFA/USD' => 'tufa_perp'], 'both', 'close_only', ['rule' => 'fixed_money', 'amount' => '4'], ['leverage' => ['times' => '20', 'margin' => 'isolated'], 'ladder' => ['levels' => 2, 'distance' => '6', 'spacing' => '1', 'first' => '1', 'growth' => '1'], 'guards' => ['positions' => 1], 'protection' => ['stop' => ['percent' => '5.5'], 'targets' => [['at' => ['percent' => '3'], 'share' => '60']]]]),
            self::line('Chert first live steps', "Odile's charts", ['Quarry live'], RouteState::Draft, ['CHERT/USD' => 'chert_spot'], 'long', 'close_only', ['rule' => 'fixed_money', 'amount' => '50']),
        ];
    }

    /**
     * @param  list<string>  $accounts
     * @param  array<string, string>  $legs  Symbol => instrument.
     * @param  array<string, string>  $size
     * @param  array<string, mixed>  $more  Further rules.
     * @return array{name: string, inlet: string, accounts: list<string>, state: RouteState, rules: array<string, mixed>}
     */
    private static function line(string $name, string $inlet, array $accounts, RouteState $state, array $legs, string $sides, string $opposite, array $size, array $more = []): array
    {
        return [
            'name' => $name,
            'inlet' => $inlet,
            'accounts' => $accounts,
            'state' => $state,
            'rules' => [
                'legs' => array_map(static fn (string $symbol, string $instrument): array => ['symbol' => $symbol, 'instrument' => $instrument], array_keys($legs), $legs),
                'sides' => $sides,
                'opposite' => $opposite,
                'size' => $size,
                ...$more,
            ],
        ];
    }
}
