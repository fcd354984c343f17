<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A heavy part and how often it is lifted by what is planned. */
final readonly class LiftView
{
    public function __construct(
        public string $partId,
        public string $name,
        public string $weight,
        public int $times,
        public string|Message $says,
    ) {}
}
