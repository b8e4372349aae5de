<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use InvalidArgumentException;
use JmesPath\AstRuntime;
use JmesPath\Parser;
use JmesPath\SyntaxErrorException;
use RuntimeException;
use Wexon\Core\Reading\Format\Document;

/** A JMESPath into the message: order.legs[0].price. Plain names and positions are followed directly, which is quicker. */
final class PathSource implements Source
{
    private const PLAIN = '/^[A-Za-z_]\w*(?:\.[A-Za-z_]\w*|\[\d{1,4}\])*$/';

    /** Keeps what it has parsed. */
    private static ?AstRuntime $runtime = null;

    /** @param  list<string|int>|null  $steps Null for anything but names and positions. */
    private function __construct(private readonly string $path, private readonly ?array $steps) {}

    /** @throws InvalidArgumentException If it is no JMESPath. */
    public static function of(string $path): self
    {
        $path = trim($path);
        if (preg_match(self::PLAIN, $path) === 1) {
            preg_match_all('/[A-Za-z_]\w*|\d+(?=\])/', $path, $found);

            return new self($path, array_map(static fn (string $step): string|int => ctype_digit($step) ? (int) $step : $step, $found[0]));
        }
        try {
            (new Parser)->parse($path);
        } catch (SyntaxErrorException $error) {
            throw new InvalidArgumentException("“{$path}” is no JMESPath: ".trim(explode("\n", $error->getMessage())[0]).'.');
        }

        return new self($path, null);
    }

    public function find(Document $document): mixed
    {
        return $this->steps === null ? $this->search($document) : $this->follow($document, $this->steps);
    }

    /** @param  list<string|int>  $steps */
    private function follow(Document $document, array $steps): mixed
    {
        $value = $document->values;
        foreach ($steps as $step) {
            if (! is_array($value) || ! isset($value[$step])) {
                return null;
            }
            $value = $value[$step];
        }

        return $value;
    }

    private function search(Document $document): mixed
    {
        self::$runtime ??= new AstRuntime;
        try {
            $found = (self::$runtime)($this->path, $document->values);
        } catch (RuntimeException|SyntaxErrorException) {
            // A function that does not take what the message holds there.
            return null;
        }

        return match (true) {
            is_int($found) => (string) $found,
            is_float($found) => rtrim(rtrim(sprintf('%.12F', $found), '0'), '.'),
            default => $found,
        };
    }

    public function words(): string
    {
        return "path “{$this->path}”";
    }

    public function toArray(): array
    {
        return ['from' => 'path', 'at' => $this->path];
    }
}
