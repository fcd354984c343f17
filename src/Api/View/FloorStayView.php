<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part on the floor over some days; metres. */
final readonly class FloorStayView
{
    /**
     * @param int $from first day, by its place in the list of days
     * @param list<int> $worked days on which somebody works on it; on the others it cures
     * @param bool $reckoned nobody measured it; its floor is reckoned from its surface
     * @param bool $fits there is floor for it
     */
    public function __construct(
        public string $partId,
        public string $name,
        public string $job,
        public int $from,
        public int $to,
        public array $worked,
        public float $x,
        public float $y,
        public float $long,
        public float $wide,
        public bool $reckoned,
        public bool $fits,
        public string $size,
    ) {}
}
