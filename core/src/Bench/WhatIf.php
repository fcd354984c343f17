<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Quantity\Percentage;

/** What the paint is asked for, if things were otherwise than planned. */
final readonly class WhatIf
{
    /**
     * @param int $coats more coats of the topmost film of each part
     * @param Percentage $loss more of the paint lost than usual, in points
     * @param bool $breeze in the wind
     * @param string|null $method put on another way; null as planned
     */
    public function __construct(
        public int $coats,
        public Percentage $loss,
        public bool $breeze,
        public ?string $method,
    ) {}

    public static function asPlanned(): self
    {
        return new self(0, Percentage::ratio(0.0), false, null);
    }

    public function isAsPlanned(): bool
    {
        return 0 === $this->coats && 0.0 === $this->loss->ratioValue() && !$this->breeze && null === $this->method;
    }
}
