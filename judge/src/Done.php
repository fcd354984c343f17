<?php

declare(strict_types=1);

namespace Judge;

/** One step of an order of work, by its id, with the product where a coat is laid, and what it is said to take. */
final readonly class Done
{
    /**
     * @param float|null $minutes hands-on; null where nobody said
     * @param float|null $litres of paint as poured; null where nobody said
     * @param float|null $hours from its begin to where the next may begin; null where nobody said
     */
    public function __construct(
        public string $step,
        public ?string $product = null,
        public ?float $minutes = null,
        public ?float $litres = null,
        public ?float $hours = null,
    ) {}

    /** @param list<string> $steps */
    public function isOneOf(array $steps): bool
    {
        return in_array($this->step, $steps, true);
    }
}
