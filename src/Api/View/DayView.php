<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What the next day of work takes. */
final readonly class DayView
{
    /**
     * @param list<string> $wear
     * @param list<string> $mind
     * @param list<DisposalView> $disposal
     * @param list<EncounterView> $encounters
     * @param list<LocalTopicView> $local
     */
    public function __construct(
        public Value $handsOn,
        public int $actions,
        public array $wear,
        public array $mind,
        public array $disposal,
        public array $encounters,
        public array $local,
        public string $voc,
        public string|Message $vocWarning,
    ) {}
}
