<?php

declare(strict_types=1);

namespace Tests\Core\Slip;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Worlds;
use Wexon\Core\Profile\ChartProfile;
use Wexon\Core\Profile\Placeholders;
use Wexon\Core\Profile\Variables;
use Wexon\Core\Reading\MessageReader;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Slip\Expiry;
use Wexon\Core\Slip\Silence;
use Wexon\Core\Slip\Slip;
use Wexon\Core\Slip\SlipSet;
use Wexon\Core\Slip\SlipText;

final class SlipTest extends TestCase
{
    /** @param  list<string>  $kinds */
    #[DataProvider('sets')]
    public function test_the_exact_set(string $sides, string $opposite, string $style, bool $adds, array $kinds): void
    {
        $slips = SlipSet::of('Line', Worlds::rules($sides, $opposite), $style, $adds, null);

        self::assertSame($kinds, array_map(static fn (Slip $slip): string => $slip->kind, $slips));
    }

    /** @return iterable<array{string, string, string, bool, list<string>}> */
    public static function sets(): iterable
    {
        yield 'long only' => ['long', 'close_only', 'plain', false, ['enter long MARL/USD', 'exit long MARL/USD']];
        yield 'short only with adds' => ['short', 'ignore', 'plain', true, ['enter short MARL/USD', 'add short MARL/USD', 'exit short MARL/USD']];
        yield 'both' => ['both', 'close_only', 'plain', false, ['enter long MARL/USD', 'exit long MARL/USD', 'enter short MARL/USD', 'exit short MARL/USD']];
        yield 'always in' => ['both', 'close_and_reverse', 'plain', false, ['flip long MARL/USD', 'flip short MARL/USD']];
        yield 'a script' => ['both', 'close_only', 'script', true, ['script MARL/USD']];
    }

    /**
     * What the platform makes of a slip's text is understood, whatever stands in the placeholders.
     *
     * @param  array<string, string>  $filled
     */
    #[DataProvider('filled')]
    public function test_a_filled_slip_is_understood(string $style, string $form, array $filled, string $signal): void
    {
        $profile = ChartProfile::bench();
        $slip = SlipSet::of('Line', Worlds::rules(), $style, false, AskedSize::of(BigDecimal::of('2.5')))[0];
        $text = SlipText::of($slip, $profile, $form, 'k7p2m9qd', 'open "sesame"');
        $reader = MessageReader::of(null, Placeholders::of($profile));

        self::assertStringContainsString('placeholder', (string) $reader->read($text)->pieces[0]->error?->getMessage());
        $values = array_combine(array_map(static fn (string $name): string => "\${{$name}}", array_keys($filled)), $filled);
        $piece = $reader->read(strtr($text, $values))->pieces[0];
        self::assertSame($signal, json_encode($piece->signal?->toArray(), JSON_UNESCAPED_SLASHES), (string) $piece->error?->getMessage());
    }

    /** @return iterable<array{string, string, array<string, string>, string}> */
    public static function filled(): iterable
    {
        $plain = ['close' => '38.4', 'time' => '2026-03-02T14:30:00Z'];
        $script = $plain + ['order_action' => 'sell', 'order_size' => '3', 'position_before' => 'long', 'position_after' => 'flat', 'position_size' => '0', 'order_price' => '38.41', 'comment' => 'out, at last'];
        foreach (['json', 'line'] as $form) {
            yield "plain, {$form}" => ['plain', $form, $plain, '{"do":"enter","side":"long","symbol":"MARL/USD","size":{"amount":"2.5","unit":"units"},"price":"38.4","fired_at":"2026-03-02T14:30:00.000Z","slip":"k7p2m9qd"}'];
            yield "script, {$form}" => ['script', $form, $script, '{"do":"sell","symbol":"MARL/USD","size":{"amount":"3","unit":"units"},"position":{"before":"long","after":"flat","size":"0"},"price":"38.41","label":"out, at last","fired_at":"2026-03-02T14:30:00.000Z","slip":"k7p2m9qd"}'];
        }
    }

    public function test_a_platform_that_cannot_say_the_position_cannot_pass_on_a_script(): void
    {
        $variables = array_diff_key(array_map(static fn (string $says): string => "<{$says}>", Variables::all()), ['position_before' => 0]);
        $profile = ChartProfile::of(['variables' => $variables, 'size_unit' => 'lots']);
        $this->expectExceptionObject(new InvalidArgumentException('The chart profile has no placeholder for position_before, which one alert for all orders of a script needs: add it to the profile, or make an alert for each signal.'));
        SlipText::of(SlipSet::of('Line', Worlds::rules(), 'script', false, null)[0], $profile, 'json', 'x');
    }

    #[DataProvider('expiries')]
    public function test_expiry_and_its_reminders(string $expires, Expiry $expected, ?Expiry $last, bool $reminds): void
    {
        $expiry = Expiry::of(new DateTimeImmutable($expires), new DateTimeImmutable('2026-03-02T12:00:00Z'));

        self::assertSame($expected, $expiry);
        self::assertSame($reminds, $expiry->wantsReminder($last));
    }

    /** @return iterable<array{string, Expiry, Expiry|null, bool}> */
    public static function expiries(): iterable
    {
        yield 'far' => ['2026-03-09T12:00:01Z', Expiry::Far, null, false];
        yield 'a week' => ['2026-03-09T12:00:00Z', Expiry::WithinAWeek, null, true];
        yield 'a week, said' => ['2026-03-08T12:00:00Z', Expiry::WithinAWeek, Expiry::WithinAWeek, false];
        yield 'a day' => ['2026-03-03T12:00:00Z', Expiry::WithinADay, Expiry::WithinAWeek, true];
        yield 'past' => ['2026-03-02T12:00:00Z', Expiry::Past, Expiry::WithinADay, true];
        yield 'past, said' => ['2026-02-02T12:00:00Z', Expiry::Past, Expiry::Past, false];
        yield 'renewed, and a week again' => ['2026-03-05T12:00:00Z', Expiry::WithinAWeek, null, true];
    }

    /** @param  list<string>  $heard */
    #[DataProvider('silences')]
    public function test_silence(array $heard, ?int $longest): void
    {
        $times = array_map(static fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-03-02T{$time}Z"), $heard);

        self::assertSame($longest, Silence::unusual($times, new DateTimeImmutable('2026-03-02T12:00:00Z')));
    }

    /** @return iterable<array{list<string>, int|null}> */
    public static function silences(): iterable
    {
        yield 'too few to know' => [['01:00:00', '01:01:00', '01:02:00', '01:03:00'], null];
        yield 'exactly twice the longest' => [['08:00:00', '08:10:00', '09:00:00', '10:00:00', '10:00:00'], null];
        yield 'a little more' => [['08:00:00', '08:10:00', '08:20:00', '09:59:59', '09:00:00'], 3599];
        yield 'longer than usual' => [['07:00:00', '07:30:00', '08:00:00', '09:00:00', '09:59:59'], 3600];
        yield 'a burst is no measure' => [['11:58:30', '11:58:31', '11:58:32', '11:58:33', '11:58:34'], null];
    }
}
