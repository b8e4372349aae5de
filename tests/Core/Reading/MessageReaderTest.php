<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use App\Console\Bench\Monsters;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Profile\ChartProfile;
use Wexon\Core\Profile\Placeholders;
use Wexon\Core\Reading\Format\Formats;
use Wexon\Core\Reading\Guess\Guess;
use Wexon\Core\Reading\Line\LineWriter;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Reading\MessageReader;
use Wexon\Core\Reading\Piece;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Secrets;
use Wexon\Core\Reading\Understood;

final class MessageReaderTest extends TestCase
{
    use TestTrait;

    private const MOST_BYTES = 32 * 1024 * 1024;

    /**
     * @param  string|array{fields: array<string, array{from: string, at: string}>}  $reading
     * @param  list<string>  $expected
     */
    #[DataProviderExternal(Samples::class, 'all')]
    public function test_samples(string $body, string|array $reading, array $expected): void
    {
        $understood = self::read($body, $reading);
        $said = $understood->error !== null ? ['! '.$understood->error->getMessage()] : array_map(
            static fn (Piece $piece): string => $piece->signal === null ? '! '.$piece->error?->getMessage() : LineWriter::write($piece->signal),
            $understood->pieces,
        );
        if (! str_starts_with($expected[0], '!')) {
            self::assertSame($expected, $said);

            return;
        }
        self::assertStringStartsWith('!', $said[0]);
        foreach ($expected as $words) {
            self::assertStringContainsString(ltrim($words, '! '), $said[0]);
        }
    }

    /** @param  list<string>  $notes */
    #[DataProvider('mended')]
    public function test_what_was_mended_is_said(string $body, string $format, array $notes): void
    {
        $apart = Formats::takeApart($body);

        self::assertSame($format, $apart->format);
        self::assertSame($notes, [...$apart->notes, ...$apart->documents[0]->notes]);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function mended(): iterable
    {
        yield 'nothing' => ['{"a": 1}', 'json', []];
        yield 'quotes, and a comma' => ['{“a”: 1,}', 'json', ['Smart quotes were taken as plain ones.', 'A comma too many was dropped.']];
        yield 'bytes' => ["caf\xE9", 'phrase', ['Its bytes are not UTF-8; it was read as Windows-1252.']];
        yield 'a form' => ['a=1&b=2', 'form', []];
        yield 'pairs' => ["a: 1\nb: 2", 'pairs', []];
        yield 'separated' => ['a|b', 'separated', []];
        yield 'a clock is no pair' => ['Closed at 10:30', 'phrase', []];
        yield 'an object in a text' => ['see {"a": 1}', 'text_with_json', []];
        yield 'a line' => ['buy MARL', 'line', []];
        yield 'what begins like a line' => ["buying MARL\nnow", 'phrase', []];
    }

    /** Whatever comes, there is an answer that says what is wrong; and with little memory. */
    public function test_nothing_makes_it_stumble(): void
    {
        $bytes = Generators::map(static fn (array $bytes): string => implode('', array_map(chr(...), $bytes)), Generators::seq(Generators::choose(0, 255)));
        $pieces = Generators::map(implode(...), Generators::seq(Generators::elements('{', '}', '"', '\\', ':', ',', "\n", '=', '&', '|', ';', '%2', 'do', 'buy', '1e9', '[', ']', 'null', '-', "\xC3", ' ', "\t", '“', "'", 'long', '${', '@', '<b>')));
        $this->limitTo(400)->forAll(Generators::oneOf($bytes, $pieces), Generators::elements('own', 'guess'))->then(function (string $body, string $reading): void {
            $this->assertAnswers($body, $reading);
        });
    }

    /** How long each takes, bin/wexon bench says. */
    #[DataProviderExternal(Monsters::class, 'all')]
    public function test_monsters_are_answered(string $body): void
    {
        $this->assertAnswers($body, 'own');
        $this->assertAnswers($body, 'guess');
    }

    /** @param  'own'|'guess'  $reading */
    private function assertAnswers(string $body, string $reading): void
    {
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $understood = self::read($body, $reading);
        Secrets::blankOut($body);

        self::assertLessThan(self::MOST_BYTES, memory_get_peak_usage() - $before);
        foreach ([$understood->error, ...array_map(static fn (Piece $piece) => $piece->error, $understood->pieces)] as $error) {
            if ($error !== null) {
                self::assertStringContainsString('expected', $error->getMessage());
                self::assertTrue(mb_check_encoding($error->getMessage(), 'UTF-8'));
                self::assertLessThan(700, strlen($error->getMessage()));
            }
        }
        self::assertTrue($understood->error !== null || $understood->pieces !== []);
    }

    /** @param  string|array<string, mixed>  $reading */
    private static function read(string $body, string|array $reading): Understood
    {
        $own = ChartProfile::of(['variables' => ['symbol' => '<<TICKER>>'], 'size_unit' => 'units']);
        $placeholders = Placeholders::of(ChartProfile::bench(), $own);
        if ($reading === 'guess') {
            try {
                $reading = Guess::of(Formats::takeApart($body)->documents[0]);
            } catch (ReadingError) {
                $reading = 'own';
            }
        }
        $value = is_array($reading) ? Reading::of($reading) : null;

        return MessageReader::of($value, $placeholders)->read($body);
    }
}
