<?php

declare(strict_types=1);

namespace Hull\Cure;

/** One point of a coat: the hour it was laid at, and how far into the next coat, in hours, that one reaches it. */
final readonly class Zone
{
    public function __construct(public float $laid, public float $reached) {}
}
