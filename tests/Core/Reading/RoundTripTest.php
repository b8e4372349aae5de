<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Reading\Line\LineWriter;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;

/** Both forms of our message say the same: whatever is written in one, is read from the other. */
final class RoundTripTest extends TestCase
{
    use TestTrait;

    public function test_json_and_line_mean_the_same(): void
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/schemas/message-1.json');
        $read = 0;
        $this->limitTo(1500)->forAll(self::messages())->disableShrinking()->then(function (array $message) use ($schema, &$read): void {
            $message = array_filter($message, static fn (mixed $value): bool => $value !== null);
            try {
                $signal = WexonMessage::fromArray($message);
            } catch (ReadingError $error) {
                self::assertStringContainsString('expected', $error->getMessage());

                return;
            }
            $read++;
            $line = LineWriter::write($signal);

            self::assertTrue((new Validator)->validate(Helper::toJSON($message), $schema)->isValid(), (string) json_encode($message));
            self::assertSame($signal->toArray(), LineReader::read($line)->toArray(), $line);
            self::assertSame($signal->toArray(), WexonMessage::read((string) json_encode($signal->toArray()))->toArray());
            self::assertSame($line, LineWriter::write(LineReader::read($line)));
        });
        self::assertGreaterThan(60, $read, 'many of them make sense');
    }

    private static function messages(): Generator
    {
        $maybe = static fn ($generator) => Generators::oneOf(Generators::constant(null), $generator);
        $number = Generators::map(static fn (array $parts): string => "{$parts[0]}.{$parts[1]}", Generators::tuple(Generators::choose(1, 9_999_999), Generators::choose(0, 999_999)));
        $word = Generators::elements('first', 'long entry 2', 'size', 'say "go"', 'back\\slash', 'müde', 'all', '38.4', 'a,b', "it's", '-', 'long');
        $anyDistance = static fn (array $kinds) => Generators::map(static fn (array $parts): array => [$parts[0] => $parts[1]], Generators::tuple(Generators::elements(...$kinds), $number));
        $distance = $anyDistance(['percent', 'price', 'ticks', 'points', 'at']);
        $target = Generators::map(static fn (array $parts): array => [...$parts[0], ...($parts[1] === null ? [] : ['share' => $parts[1]])], Generators::tuple($anyDistance(['percent', 'risk', 'at', 'ticks']), $maybe(Generators::elements('20', '33.3'))));
        $size = Generators::map(static fn (array $parts): array => ['amount' => $parts[0], 'unit' => $parts[1], ...($parts[1] === 'money' && $parts[2] ? ['currency' => 'USD'] : [])], Generators::tuple($number, Generators::elements('units', 'lots', 'contracts', 'money', 'percent'), Generators::bool()));
        $side = Generators::elements('long', 'short', 'flat');
        $position = Generators::map(static fn (array $parts): array => array_filter(['before' => $parts[0], 'after' => $parts[1], 'size' => $parts[2]], is_string(...)), Generators::tuple($side, $side, $maybe($number)));
        $trailing = Generators::map(static fn (array $parts): array => array_filter(['distance' => $parts[0], 'start' => $parts[1], 'step' => $parts[2]], is_array(...)), Generators::tuple($anyDistance(['percent', 'ticks']), $maybe($distance), $maybe($anyDistance(['price', 'points']))));

        return Generators::associative([
            'do' => Generators::elements('enter', 'add', 'exit', 'flip', 'set', 'place', 'cancel', 'protect', 'flatten', 'buy', 'sell'),
            'side' => $maybe($side), 'symbol' => $maybe(Generators::elements('MARL/USD', 'size', 'QS:M 1', '"M"', 'all', 'É')),
            'all' => $maybe(Generators::constant(true)), 'size' => $maybe($size), 'share' => $maybe(Generators::elements('50', '33.33')),
            'limit' => $maybe($distance), 'trigger' => $maybe($distance), 'stop' => $maybe($distance),
            'targets' => $maybe(Generators::vector(2, $target)), 'trailing' => $maybe($trailing), 'position' => $maybe($position),
            'price' => $maybe($number), 'label' => $maybe($word), 'accounts' => $maybe(Generators::elements(['main'], ['main', 'long one'])),
            'fired_at' => $maybe(Generators::elements('2026-03-02T14:30:00Z', '2026-03-02T15:30:00.250+01:00')),
            'expires_at' => $maybe(Generators::constant('2026-03-02T14:31:00Z')), 'id' => $maybe($word), 'slip' => $maybe(Generators::constant('k7p2m9qd')),
        ]);
    }
}
