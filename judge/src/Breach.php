<?php

declare(strict_types=1);

namespace Judge;

/** A law that an order of work breaks, and where. */
final readonly class Breach
{
    /** @param int|null $at number of the step, from 0; null for the order as a whole */
    public function __construct(public int $law, public ?int $at, public string $says) {}
}
