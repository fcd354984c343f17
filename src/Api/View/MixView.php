<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The mix cards of a part. */
final readonly class MixView
{
    /**
     * @param list<CoatCard> $coats
     */
    public function __construct(
        public string $partId,
        public string|Message $obstacle,
        public string $place,
        public string $vessel,
        public string $scale,
        public bool $helper,
        public bool $tray,
        public array $coats,
        public bool $scaleIsThere,
        public string $now,
    ) {}
}
