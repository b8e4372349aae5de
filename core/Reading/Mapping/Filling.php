<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Mapping;

use Brick\Math\BigDecimal;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Expression\ExpressionTrouble;
use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Reading\Nearest;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Signal\Signal;

/** One message being read by one reading: looks each field up once, expressions after what they look at. */
final class Filling
{
    /** Fields of our message that are not named like the field of the reading. */
    private const MESSAGE_FIELDS = ['position.before' => 'position_before', 'position.after' => 'position_after', 'position.size' => 'position_size'];

    /** @var array<string, array{found: mixed, value: string|list<mixed>|null, error: ReadingError|null}> */
    private array $looked = [];

    /** @var array<string, true> */
    private array $looking = [];

    /**
     * @param  array<string, FieldRule>  $rules
     * @param  array<string, string>|null  $meant  By the word rules; null when none of them takes the text.
     */
    public function __construct(
        private readonly Document $document,
        private readonly array $rules,
        private readonly ?array $meant,
        /** @var list<string> */
        private readonly array $texts = [],
    ) {}

    /** @throws ReadingError The first that is wrong. */
    public function signal(): Signal
    {
        if ($this->meant === null && ! isset($this->rules['do'])) {
            throw ReadingError::at('do', $this->document->text, 'a text that one of the word rules takes: '.implode(', ', array_map(static fn (string $text): string => "“{$text}”", array_slice($this->texts, 0, 8))), Nearest::of($this->document->text, $this->texts, 4));
        }
        if ($this->meant === [] && ! isset($this->rules['do'])) {
            throw ReadingError::missing('do', 'a place where the message tells what to do, or word rules: the reading has neither');
        }
        $message = [];
        foreach ($this->fields() as $field) {
            $looked = $this->look($field);
            if ($looked['error'] !== null) {
                throw $looked['error'];
            }
            if ($looked['value'] !== null) {
                // The side that “exit long” names counts less than a field of its own.
                $message = self::joined($message, $this->part($field, $looked['value']));
            }
        }
        try {
            return WexonMessage::fromArray($message);
        } catch (ReadingError $error) {
            $rule = $this->rules[self::MESSAGE_FIELDS[$error->field] ?? explode('.', $error->field)[0]] ?? null;
            throw $rule === null ? $error : $error->from($error->field, $rule->words());
        }
    }

    /**
     * What is there stays; the parts of the chart's position come one by one.
     *
     * @param  array<string, mixed>  $message
     * @param  array<string, mixed>  $part
     * @return array<string, mixed>
     */
    private static function joined(array $message, array $part): array
    {
        if (is_array($part['position'] ?? null) && is_array($message['position'] ?? null)) {
            $message['position'] += $part['position'];
        }

        return $message + $part;
    }

    /** @return list<FieldTrace> */
    public function traces(): array
    {
        return array_map(function (string $field): FieldTrace {
            $looked = $this->look($field);
            $error = $looked['error'];
            if ($error === null && $looked['value'] !== null) {
                try {
                    $this->part($field, $looked['value']);
                } catch (ReadingError $wrong) {
                    $error = $wrong;
                }
            }

            return FieldTrace::of($field, isset($this->rules[$field]) ? $this->rules[$field]->words() : 'word rule', self::shown($looked['found']), self::shown($looked['value']), $error?->getMessage(), $error?->nearest);
        }, $this->fields());
    }

    /** @return list<string> What the reading fills; the side and the position come before what to do, which may name them too. */
    private function fields(): array
    {
        $fields = $this->rules + ($this->meant ?? []);
        $has = isset($fields['do']);
        unset($fields['do']);

        return [...array_keys($fields), ...($has ? ['do'] : [])];
    }

    /** @return array{found: mixed, value: string|list<mixed>|null, error: ReadingError|null} */
    private function look(string $field): array
    {
        if (isset($this->looked[$field])) {
            return $this->looked[$field];
        }
        $this->looking[$field] = true;
        $rule = $this->rules[$field] ?? null;
        $error = null;
        try {
            $found = $rule === null ? null : $this->found($rule);
            $value = self::orDefault($found, $rule, $this->meant[$field] ?? null);
        } catch (ReadingError $error) {
            $found = $value = null;
        }
        if ($error === null && $value === null && $rule?->required === true) {
            $error = ReadingError::missing($field, "a value at {$rule->words()}, which is required");
        }
        unset($this->looking[$field]);

        return $this->looked[$field] = ['found' => $found, 'value' => $rule === null || $rule->translate === [] || ! is_string($value) ? $value : $rule->translate[mb_strtolower(trim($value))] ?? $value, 'error' => $error];
    }

    /** @throws ReadingError */
    private function found(FieldRule $rule): mixed
    {
        if (! $rule->source instanceof Expression) {
            return $rule->source->find($this->document);
        }
        $values = [];
        foreach ($rule->source->names as $name) {
            if (isset($this->looking[$name])) {
                throw ReadingError::at($rule->field, $rule->source->written, "an expression that does not need itself: {$rule->field} and {$name} look at each other");
            }
            $value = isset($this->rules[$name]) || isset($this->meant[$name]) ? $this->look($name)['value'] : null;
            $values[$name] = is_array($value) ? null : $value;
        }
        try {
            $value = $rule->source->value($values);
        } catch (ExpressionTrouble $trouble) {
            throw ReadingError::at($rule->field, $rule->source->written, "an expression that has a value here; {$trouble->getMessage()}");
        }

        return $value instanceof BigDecimal ? (string) $value : $value;
    }

    /** @return string|list<mixed>|null */
    private static function orDefault(mixed $found, ?FieldRule $rule, ?string $meant): string|array|null
    {
        $value = match (true) {
            is_string($found) => trim($found) === '' ? null : $found,
            is_bool($found) => $found ? 'true' : 'false',
            is_array($found) && array_is_list($found) => $found === [] ? null : $found,
            is_array($found) => throw ReadingError::at($rule->field ?? '', $found, 'one value; point at a part of the object'),
            default => null,
        };

        return $value ?? $meant ?? $rule?->default;
    }

    /**
     * @param  string|list<mixed>  $value
     * @return array<string, mixed>
     *
     * @throws ReadingError
     */
    private function part(string $field, string|array $value): array
    {
        $rule = $this->rules[$field] ?? null;
        $kind = $rule->kind ?? SignalFields::all()[$field]['kind'];
        try {
            return $kind->part($field, $value, $rule?->unit);
        } catch (ReadingError $error) {
            throw $rule === null ? $error : $error->from($error->field, $rule->words());
        }
    }

    private static function shown(mixed $value): ?string
    {
        return match (true) {
            $value === null => null,
            is_string($value) => mb_strimwidth(mb_scrub($value, 'UTF-8'), 0, 200, '…'),
            default => mb_strimwidth((string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE), 0, 200, '…'),
        };
    }
}
