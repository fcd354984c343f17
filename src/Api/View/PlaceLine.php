<?php

declare(strict_types=1);

namespace App\Api\View;

/** A place of a job as it is stored, for taking another part into it. Temperature in K, humidity 0 to 1. */
final readonly class PlaceLine
{
    /**
     * @param list<string> $hazards
     * @param list<string> $users names of the parts worked in it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public float $temperature,
        public float $humidity,
        public array $hazards,
        public array $users,
    ) {}
}
