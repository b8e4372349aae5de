<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may use whom. PHPStan checks this with the rest: bin/wexon check. */
final class HouseRules
{
    public function test_core_depends_on_nothing_but_numbers_and_expressions(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Wexon\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Wexon\Core'),
                Selector::inNamespace('Brick\Math'),
                Selector::inNamespace('Symfony\Component\ExpressionLanguage'),
                Selector::inNamespace('JmesPath'),
                Selector::classname('/^(BackedEnum|UnitEnum|Stringable|Closure|Date(Time|TimeImmutable|TimeInterface|TimeZone|Interval)|JsonException|Throwable|\w*Exception)$/', true),
            )
            ->because('the core has no framework, no clock and no input or output');
    }

    public function test_standins_do_not_know_the_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Standin'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App'))
            ->because('they play the outside world');
    }

    public function test_the_application_reaches_standins_over_the_network_only(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Standin'), Selector::inNamespace('Wexon\Core\Practice'))
            ->because('a real venue is no further away than HTTP');
    }

    public function test_only_the_dispatch_and_replay_decide(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->excluding(Selector::inNamespace('App\Dispatch'), Selector::inNamespace('App\Console\Bench'), Selector::classname('App\Http\Controllers\Journal\ReplayDecision'))
            ->shouldNotDependOn()
            ->classes(Selector::classname('Wexon\Core\Decision\Decide'))
            ->because('there is one decision, made in one place');
    }
}
