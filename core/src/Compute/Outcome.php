<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Quantity\Message;
use Hull\Quantity\Quantity;

/** What a formula gives back: named values and warnings. */
final readonly class Outcome
{
    /**
     * @param array<int|string, Quantity|string|bool> $values
     * @param list<string|Message> $warnings
     */
    private function __construct(public array $values, public array $warnings) {}

    /** @param array<int|string, Quantity|string|bool> $values */
    public static function of(array $values): self
    {
        return new self($values, []);
    }

    public function warn(string|Message $warning): self
    {
        return new self($this->values, [...$this->warnings, $warning]);
    }

    public function warnIf(bool $condition, string|Message $warning): self
    {
        return $condition ? $this->warn($warning) : $this;
    }
}
