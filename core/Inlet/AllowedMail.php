<?php

declare(strict_types=1);

namespace Wexon\Core\Inlet;

use InvalidArgumentException;
use Wexon\Core\Reading\Split;

/** Mail addresses and domains that may send: "alerts@charts.example, @desk.example". An empty list lets everybody. */
final readonly class AllowedMail
{
    /** @param  list<string>  $allowed  Lower case; a domain begins with @. */
    private function __construct(private array $allowed) {}

    /** @throws InvalidArgumentException If one is neither an address nor a domain. */
    public static function of(string $written): self
    {
        $allowed = [];
        foreach (Split::by('/[\s,;<>"]+/', strtolower($written)) as $one) {
            if ($one === '') {
                continue;
            }
            $one = str_contains($one, '@') ? $one : "@{$one}";
            if (preg_match('/^[^@\s]*@[a-z0-9](?:[a-z0-9.-]*[a-z0-9])?$/', $one) !== 1) {
                throw new InvalidArgumentException("“{$one}” is neither a mail address nor a domain: write alerts@charts.example, or @charts.example for everybody there.");
            }
            $allowed[] = $one;
        }

        return new self($allowed);
    }

    public function allow(string $address): bool
    {
        $address = strtolower(trim($address));
        $at = strrchr($address, '@');

        return $this->allowed === [] || in_array($address, $this->allowed, true) || ($at !== false && in_array($at, $this->allowed, true));
    }

    /** @return list<string> */
    public function toArray(): array
    {
        return $this->allowed;
    }
}
