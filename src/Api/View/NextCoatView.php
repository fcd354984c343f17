<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** When the next coat may begin, zone by zone, and what the film below stands by when. */
final readonly class NextCoatView
{
    /**
     * @param ?string $from null when some zone never opens
     * @param ?string $until null when no zone ever closes
     * @param list<ZoneView> $zones where the coat was begun, half way, where it was ended
     * @param list<string|Message> $advice what opens the window again when it is empty
     * @param list<ReadyView> $ready
     */
    public function __construct(
        public ?string $from,
        public ?string $until,
        public bool $open,
        public array $zones,
        public array $advice,
        public array $ready,
    ) {}
}
