<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Guess;

use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Signal\Action;

/**
 * A first reading of a message of unknown shape, by the names of its values and by what they look like. It is a proposal:
 * the trader sees the signal that it makes and corrects it.
 *
 * @phpstan-import-type ReadingSpec from Reading
 * @phpstan-import-type RuleSpec from \Wexon\Core\Reading\Mapping\FieldRule
 */
final class Guess
{
    /** Fields in the order in which they choose; a value serves one field only. */
    private const ORDER = ['do', 'symbol', 'side', 'position_before', 'position_after', 'position_size', 'stop', 'targets', 'trailing', 'limit', 'trigger', 'size', 'share', 'price', 'fired_at', 'expires_at', 'id', 'accounts', 'label'];

    private const REQUIRED = ['do', 'symbol'];

    /** @return ReadingSpec */
    public static function of(Document $document): array
    {
        $leaves = Leaf::all($document);
        if ($leaves === []) {
            return GuessFromText::of($document->text);
        }
        $chosen = self::byName($leaves);
        $chosen += self::byLooks($leaves, $chosen);
        if (isset($chosen['position_before']) !== isset($chosen['position_after'])) {
            // Half of the chart's position says nothing.
            unset($chosen['position_before'], $chosen['position_after'], $chosen['position_size']);
        }
        $fields = [];
        foreach (SignalFields::names() as $field) {
            if (isset($chosen[$field])) {
                $fields[$field] = self::rule($field, $chosen[$field]);
            }
        }

        return ['fields' => $fields, 'words' => isset($fields['do']) ? [] : GuessFromText::of($document->text)['words'] ?? []];
    }

    /**
     * @param  list<Leaf>  $leaves
     * @return array<string, Leaf>
     */
    private static function byName(array $leaves): array
    {
        $chosen = [];
        foreach (self::ORDER as $field) {
            foreach (Vocabulary::NAMES[$field] as $name) {
                foreach ($leaves as $leaf) {
                    $isTelling = $field === 'do' && in_array($name, Vocabulary::TELLING, true) && preg_match('/^[\p{L}_ -]{1,30}$/u', $leaf->value) === 1;
                    if (! isset($chosen[$field]) && ($leaf->name === $name || $leaf->fullName === $name) && ! in_array($leaf, $chosen, true) && ($isTelling || Looks::like($field, $leaf->value))) {
                        $chosen[$field] = $leaf;
                    }
                }
            }
        }

        return $chosen;
    }

    /**
     * What to do and the symbol can be told by their looks; separated values also by being the first number, as a price.
     *
     * @param  list<Leaf>  $leaves
     * @param  array<string, Leaf>  $chosen
     * @return array<string, Leaf>
     */
    private static function byLooks(array $leaves, array $chosen): array
    {
        $more = [];
        foreach (['do', 'symbol', 'fired_at', 'price'] as $field) {
            foreach ($leaves as $leaf) {
                $isFree = ! in_array($leaf, $chosen, true) && ! in_array($leaf, $more, true);
                $mayGuess = $field === 'do' || $field === 'symbol' || $leaf->from === 'column';
                if (! isset($chosen[$field]) && ! isset($more[$field]) && $isFree && $mayGuess && strlen($leaf->value) > 1 && Looks::like($field, $leaf->value)) {
                    $more[$field] = $leaf;
                }
            }
        }

        return $more;
    }

    /** @return RuleSpec */
    private static function rule(string $field, Leaf $leaf): array
    {
        $rule = ['from' => $leaf->from, 'at' => $leaf->at];
        $translate = match ($field) {
            'do' => self::translations(Vocabulary::ACTIONS, $leaf->value, Action::words()),
            'side' => self::translations(Vocabulary::SIDES, $leaf->value, ['long', 'short']),
            default => [],
        };

        return $rule + ($translate === [] ? [] : ['translate' => $translate]) + (in_array($field, self::REQUIRED, true) ? ['required' => true] : []);
    }

    /**
     * The word that was found and its counterparts: whoever says "B" also says "S".
     *
     * @param  array<string, string>  $vocabulary
     * @param  list<string>  $own
     * @return array<string, string>
     */
    private static function translations(array $vocabulary, string $found, array $own): array
    {
        $letters = Vocabulary::letters($found);
        $meant = $vocabulary[$letters] ?? null;
        if ($meant === null || in_array(strtolower($found), $own, true)) {
            return [];
        }
        $translate = [strtolower(trim($found)) => $meant];
        foreach (self::counterparts($letters) as $other) {
            if (isset($vocabulary[$other])) {
                $translate[self::inTheStyleOf($found, $other)] = $vocabulary[$other];
            }
        }

        return $translate;
    }

    /** @return list<string> */
    private static function counterparts(string $word): array
    {
        $groups = [['b', 's'], ['l', 's', 'x'], ['long', 'short', 'flat', 'close', 'exit'], ['bullish', 'bearish'], ['up', 'down'], ['bought', 'sold'], ['buy', 'sell'],
            ['openlong', 'openshort', 'closelong', 'closeshort'], ['enterlong', 'entershort', 'exitlong', 'exitshort'], ['longentry', 'shortentry', 'longexit', 'shortexit'],
            ['entrylong', 'entryshort', 'exitlong', 'exitshort'], ['buytoopen', 'selltoopen', 'buytoclose', 'selltoclose'], ['golong', 'goshort'], ['open', 'close'], ['start', 'stop']];
        foreach ($groups as $group) {
            if (in_array($word, $group, true)) {
                return array_values(array_diff($group, [$word]));
            }
        }

        return [];
    }

    /** "openlong" as "open_long" when the message writes "open_short". */
    private static function inTheStyleOf(string $found, string $word): string
    {
        $between = preg_match('/[A-Za-z]([ _-])[A-Za-z]/', $found, $match) === 1 ? $match[1] : '';

        return $between === '' ? $word : (string) preg_replace('/^(open|close|enter|exit|long|short|go|entry|buy|sell|to)(?=.)/', '$1'.$between, $word);
    }
}
