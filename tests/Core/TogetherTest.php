<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Together\Lights;
use Wexon\Core\Together\Together;

/** Two of three: a trend that stays until the opposite comes, and two pulses that are true for a minute. */
final class TogetherTest extends TestCase
{
    private const SPEC = ['needs' => 2, 'within' => 60, 'signals' => [
        ['name' => 'trend', 'kind' => 'state', 'label' => 'trend'], ['name' => 'volume', 'kind' => 'pulse', 'label' => 'vol'], ['name' => 'news', 'kind' => 'pulse', 'inlet_id' => 7],
    ]];

    /** @param  list<string>  $story  "seconds inlet message => what is set off, or nothing". */
    #[DataProvider('stories')]
    public function test_story(array $story): void
    {
        $together = Together::of(self::SPEC);
        $lights = Lights::none();
        foreach ($story as $line) {
            [$happens, $expected] = explode(' => ', $line);
            [$seconds, $inlet, $message] = explode(' ', $happens, 3);
            $lights = Lights::fromArray($together->after($lights, LineReader::read($message), (int) $inlet, (new DateTimeImmutable('2026-03-02T14:30:00Z'))->modify("+{$seconds} seconds"))->toArray());
            $side = $together->becomes($lights);
            $lights = $side === null ? $lights : new Lights($lights->lit, $side);
            self::assertSame($expected, $side === null ? 'nothing' : $together->words($lights, $side), $line);
        }
    }

    /** @return iterable<string, array{list<string>}> */
    public static function stories(): iterable
    {
        $long = '2 of 3 signals are long, 2 are needed: ';
        yield 'once, and not again while it is true' => [['0 1 enter long MARL/USD label trend => nothing', '30 1 enter long MARL/USD label vol => '.$long.'trend, volume', '40 1 enter long MARL/USD label vol => nothing', '45 7 enter long MARL/USD => nothing']];
        yield 'a state lasts' => [['0 1 enter long MARL/USD label trend => nothing', '9000 1 enter long MARL/USD label vol => '.$long.'trend, volume']];
        yield 'a pulse does not' => [['0 1 enter long MARL/USD label vol => nothing', '61 7 enter long MARL/USD => nothing']];
        yield 'but for its last second' => [['0 1 enter long MARL/USD label vol => nothing', '60 7 enter long MARL/USD => '.$long.'volume, news']];
        yield 'again after it was not true' => [['0 1 enter long MARL/USD label trend => nothing', '10 1 enter long MARL/USD label vol => '.$long.'trend, volume', '100 1 enter long MARL/USD label vol => '.$long.'trend, volume']];
        yield 'not for two sides' => [['0 1 enter long MARL/USD label trend => nothing', '10 1 enter short MARL/USD label vol => nothing']];
        yield 'the opposite turns a state' => [['0 1 enter long MARL/USD label trend => nothing', '10 1 enter short MARL/USD label trend => nothing', '20 1 sell MARL/USD label vol => 2 of 3 signals are short, 2 are needed: trend, volume']];
        yield 'from one side to the other at once' => [['0 1 enter long MARL/USD label trend => nothing', '5 1 enter long MARL/USD label vol => '.$long.'trend, volume', '10 1 enter short MARL/USD label trend => nothing', '12 1 enter short MARL/USD label vol => 2 of 3 signals are short, 2 are needed: trend, volume']];
        yield 'an exit puts out' => [['0 1 enter long MARL/USD label trend => nothing', '5 1 exit long MARL/USD label trend => nothing', '10 1 enter long MARL/USD label vol => nothing']];
        yield 'of the other side it does not' => [['0 1 enter long MARL/USD label trend => nothing', '5 1 exit short MARL/USD label trend => nothing', '10 1 enter long MARL/USD label vol => '.$long.'trend, volume']];
        yield 'from another inlet it is not heard' => [['0 1 enter long MARL/USD label trend => nothing', '5 1 enter long MARL/USD label news => nothing', '6 7 enter long MARL/USD label news => '.$long.'trend, news']];
    }

    public function test_what_will_not_do(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('4 signals are needed, but there are 3.');
        Together::of(['needs' => 4] + self::SPEC);
    }
}
