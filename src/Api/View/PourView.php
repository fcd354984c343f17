<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The pour at the scale: what it reads, what it is to read, how far that is. */
final readonly class PourView
{
    public function __construct(
        public bool $connected,
        public string $device,
        public bool $simulated,
        public string $page,
        public bool $stable,
        public string $gross,
        public float $grossG,
        public ?Value $net,
        public ?Value $target,
        public ?Value $toGo,
        public ?Value $over,
        public float $level,
        public bool $isIn,
        public string|Message $words,
    ) {}
}
