<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part as it was when its job was closed. */
final readonly class ClosedPart
{
    public function __construct(
        public string $id,
        public string $name,
        public string $substrate,
        public int $stepsDone,
        public int $stepsAll,
    ) {}
}
