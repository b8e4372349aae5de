<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\ExactJson;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;

final class ExactJsonTest extends TestCase
{
    use TestTrait;

    /** Text stays text and numbers stay as they were written, whatever stands beside them. */
    public function test_every_number_is_kept_as_written(): void
    {
        $this->forAll(Generators::string(), Generators::int(), Generators::choose(0, PHP_INT_MAX), Generators::elements('', 'e5', 'E-7'))
            ->then(function (string $text, int $whole, int $fraction, string $exponent): void {
                $text = mb_scrub($text).'"1.5\\ 7';
                $number = "{$whole}.{$fraction}{$exponent}";
                $json = '{'.json_encode($text).': '.$number.', "list": ['.json_encode($text).', '.$number.', true, null]}';

                self::assertSame([$text => $number, 'list' => [$text, $number, true, null]], ExactJson::decode($json));
            });
    }

    /** Anything at all is either read or refused with its reason. */
    public function test_nothing_makes_it_stumble(): void
    {
        $bytes = Generators::map(static fn (array $bytes): string => implode('', array_map(chr(...), $bytes)), Generators::seq(Generators::choose(0, 255)));
        $pieces = Generators::map(implode(...), Generators::seq(Generators::elements('{', '}', '"', '\\', ':', ',', '"do"', '"symbol"', 'buy', '1e9', '[', ']', 'null', '-', "\xC3", ' ')));
        $this->limitTo(300)->forAll(Generators::oneOf($bytes, $pieces))->then(function (string $body): void {
            try {
                self::assertNotSame('', WexonMessage::read($body)->symbol);
            } catch (ReadingError $error) {
                self::assertTrue(mb_check_encoding($error->getMessage(), 'UTF-8'));
                self::assertStringContainsString('expected', $error->getMessage());
            }
        });
    }
}
