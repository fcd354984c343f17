<?php

declare(strict_types=1);

namespace App\Api\View;

/** A batch that was mixed: until when it may be used. */
final readonly class MixClock
{
    public function __construct(
        public string $mixedAt,
        public string $readyAt,
        public string $usableUntil,
        public int $batch,
    ) {}
}
