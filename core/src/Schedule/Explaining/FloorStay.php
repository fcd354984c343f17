<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

/** A part on the floor of a place, over some days. */
final readonly class FloorStay
{
    /**
     * @param int $from first day, counted from the first day of the map
     * @param int $to last day
     * @param list<int> $worked days on which somebody works on it; on the others it cures
     * @param float $x metres from the left wall
     * @param float $y metres from the back wall
     * @param bool $reckoned nobody measured it
     * @param bool $fits there is floor for it
     */
    public function __construct(
        public string $part,
        public string $place,
        public int $from,
        public int $to,
        public array $worked,
        public float $x,
        public float $y,
        public float $long,
        public float $wide,
        public bool $reckoned,
        public bool $fits,
    ) {}

    /** Both are there on some day, and would stand on one another. */
    public function isInTheWayOf(self $other): bool
    {
        return $this->place === $other->place &&
            $this->from <= $other->to &&
            $other->from <= $this->to &&
            $this->x < $other->x + $other->long - 1e-6 &&
            $other->x < $this->x + $this->long - 1e-6 &&
            $this->y < $other->y + $other->wide - 1e-6 &&
            $other->y < $this->y + $this->wide - 1e-6;
    }

    public function at(float $x, float $y, bool $turned): self
    {
        return new self(
            part: $this->part,
            place: $this->place,
            from: $this->from,
            to: $this->to,
            worked: $this->worked,
            x: $x,
            y: $y,
            long: $turned ? $this->wide : $this->long,
            wide: $turned ? $this->long : $this->wide,
            reckoned: $this->reckoned,
            fits: true,
        );
    }
}
