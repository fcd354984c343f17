<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A part that still gets the same paint. */
final readonly class RideView
{
    /**
     * @param list<string> $before steps that it needs before its coat
     * @param string|Message $needs how much work and waiting these are; empty where there are none
     * @param bool $inTime it is ready for the coat while what is mixed can still be used
     */
    public function __construct(
        public string $partId,
        public string $part,
        public string $job,
        public Value $paint,
        public array $before,
        public string|Message $needs,
        public bool $inTime,
    ) {}
}
