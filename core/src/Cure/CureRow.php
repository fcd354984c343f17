<?php

declare(strict_types=1);

namespace Hull\Cure;

/** A line of a sheet: so many hours at so many degrees Celsius. */
final readonly class CureRow
{
    public function __construct(public float $celsius, public float $hours) {}
}
