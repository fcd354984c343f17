<?php

declare(strict_types=1);

namespace Judge;

/** One step of an order of work, by its id, with the product where a coat is laid. */
final readonly class Done
{
    public function __construct(public string $step, public ?string $product = null) {}

    /** @param list<string> $steps */
    public function isOneOf(array $steps): bool
    {
        return in_array($this->step, $steps, true);
    }
}
