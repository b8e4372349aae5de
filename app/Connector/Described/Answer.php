<?php

namespace App\Connector\Described;

use App\Connector\VenueTrouble;
use JmesPath\Env;
use RuntimeException;
use Wexon\Core\Reading\Numbers;

/**
 * A venue's answer, and where its values are. Numbers are text, as they were written.
 *
 * @phpstan-import-type CallSpec from Description
 */
final readonly class Answer
{
    public function __construct(private string $venue, private mixed $body) {}

    /** @throws VenueTrouble If it is not there. */
    public function text(string $path, string $what): string
    {
        $value = $this->find($path);

        return is_string($value) && $value !== '' ? $value : throw VenueTrouble::doubt("{$this->venue}: the answer has no {$what} at “{$path}”. Look the description of the venue through.");
    }

    /** @throws VenueTrouble If it is no number. */
    public function number(string $path, string $what): string
    {
        $text = $this->text($path, $what);

        return Numbers::plain($text) ?? throw VenueTrouble::doubt("{$this->venue}: the {$what} at “{$path}” is “".mb_substr($text, 0, 40).'”, which is no number. Look the description of the venue through.');
    }

    public function textOr(string $path, string $default): string
    {
        $value = $this->find($path);

        return is_string($value) && $value !== '' ? $value : $default;
    }

    /** @return list<string> */
    public function texts(string $path): array
    {
        $value = $this->find($path);

        return array_values(array_filter(is_array($value) ? $value : [$value], is_string(...)));
    }

    /**
     * @return list<self>
     *
     * @throws VenueTrouble If there is no list.
     */
    public function list(string $path): array
    {
        $value = $this->find($path);

        return is_array($value) && array_is_list($value)
            ? array_map(fn (mixed $one): self => new self($this->venue, $one), $value)
            : throw VenueTrouble::doubt("{$this->venue}: the answer has no list at “{$path}”. Look the description of the venue through.");
    }

    private function find(string $path): mixed
    {
        try {
            $value = Env::search($path, $this->body);
        } catch (RuntimeException) {
            return null;
        }

        return is_int($value) || is_float($value) ? (string) $value : $value;
    }
}
