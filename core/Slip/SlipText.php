<?php

declare(strict_types=1);

namespace Wexon\Core\Slip;

use InvalidArgumentException;
use Wexon\Core\Profile\ChartProfile;
use Wexon\Core\Profile\Variables;
use Wexon\Core\Reading\Line\LineWriter;
use Wexon\Core\Signal\Signal;

/** The message text of a slip: what is known is written out, what only the chart knows is a placeholder of its profile. */
final class SlipText
{
    public const FORMS = ['json', 'line'];

    /**
     * @param  string  $form  One of FORMS.
     * @param  string  $code  By which the message is told to be this slip's.
     * @param  string|null  $phrase  The inlet's shared phrase, if it wants one.
     *
     * @throws InvalidArgumentException If the platform cannot write what the message needs.
     */
    public static function of(Slip $slip, ChartProfile $profile, string $form, string $code, ?string $phrase = null): string
    {
        $fields = $slip->signal === null ? self::script($slip, $profile) : self::plain($slip->signal, $profile);
        $fields += ['slip' => $code] + ($phrase === null ? [] : ['phrase' => $phrase]);

        return $form === 'line' ? self::line($fields, $slip->signal) : (string) json_encode($fields, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT);
    }

    /** @return array<string, mixed> */
    private static function plain(Signal $signal, ChartProfile $profile): array
    {
        return $signal->toArray() + self::filled($profile, ['price' => 'close', 'fired_at' => 'time']);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException
     */
    private static function script(Slip $slip, ChartProfile $profile): array
    {
        foreach (Variables::ofScripts() as $variable) {
            if ($profile->text($variable) === null) {
                throw new InvalidArgumentException("The chart profile has no placeholder for {$variable}, which one alert for all orders of a script needs: add it to the profile, or make an alert for each signal.");
            }
        }
        $size = self::filled($profile, ['amount' => 'order_size']);
        $position = self::filled($profile, ['before' => 'position_before', 'after' => 'position_after', 'size' => 'position_size']);

        return self::filled($profile, ['do' => 'order_action'])
            + ['symbol' => $slip->symbol]
            + ($size === [] ? [] : ['size' => $size + ['unit' => $profile->sizeUnit]])
            + ['position' => $position]
            + self::filled($profile, ['price' => 'order_price', 'label' => 'comment', 'fired_at' => 'time']);
    }

    /**
     * @param  array<string, string>  $wanted  Field => variable.
     * @return array<string, string> Field => placeholder, of those that the platform can write.
     */
    private static function filled(ChartProfile $profile, array $wanted): array
    {
        return array_filter(array_map($profile->text(...), $wanted), is_string(...));
    }

    /**
     * The one-line form; placeholders stand where the values will, those of free text in quotes.
     *
     * @param  array<string, mixed>  $fields
     */
    private static function line(array $fields, ?Signal $signal): string
    {
        $words = $signal === null ? [self::word($fields, 'do'), self::quoted(self::word($fields, 'symbol'))] : [LineWriter::write($signal)];
        $size = is_array($fields['size'] ?? null) && $signal === null ? $fields['size'] : null;
        $position = is_array($fields['position'] ?? null) ? $fields['position'] : null;
        array_push($words, ...($size === null ? [] : ['size', self::word($size, 'amount'), self::word($size, 'unit')]));
        array_push($words, ...($position === null ? [] : ['chart', ...array_values(array_filter($position, is_string(...)))]));
        foreach (['price' => 'price', 'label' => 'label', 'fired_at' => 'fired', 'slip' => 'slip', 'phrase' => 'phrase'] as $field => $clause) {
            if (isset($fields[$field])) {
                array_push($words, $clause, in_array($field, ['label', 'phrase'], true) ? self::quoted(self::word($fields, $field)) : self::word($fields, $field));
            }
        }

        return implode(' ', $words);
    }

    /** @param  array<array-key, mixed>  $fields */
    private static function word(array $fields, string $field): string
    {
        $value = $fields[$field] ?? '';

        return is_string($value) ? $value : '';
    }

    private static function quoted(string $text): string
    {
        return preg_match('/^[\w.:\/-]+$/', $text) === 1 ? $text : '"'.addcslashes($text, '"\\').'"';
    }
}
