<?php

declare(strict_types=1);

namespace App\Api\View;

/** A route in figures. */
final readonly class FiguresView
{
    public function __construct(
        public int $steps,
        public Value $handsOn,
        public Value $elapsed,
        public string $money,
        public string $life,
        public int $risk,
        public int $hazard,
        public string $voc,
    ) {}
}
