<?php

declare(strict_types=1);

namespace Hull\Film;

/** How fast a method goes: minutes a square metre, and minutes of set-up and clean-up for a product and session. */
final readonly class MethodPace
{
    public function __construct(public float $least, public float $most, public float $setUp) {}
}
