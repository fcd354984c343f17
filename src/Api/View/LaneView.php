<?php

declare(strict_types=1);

namespace App\Api\View;

/** A zone of the job: one lane of the order. */
final readonly class LaneView
{
    public function __construct(
        public string $partId,
        public string $name,
        public string $substrate,
        public string $hatch,
        public string $place,
        public string $obstacle,
        public int $done,
        public int $all,
    ) {}
}
