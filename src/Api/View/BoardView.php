<?php

declare(strict_types=1);

namespace App\Api\View;

/** A whole job: its zones as lanes, its actions in order, its next day. */
final readonly class BoardView
{
    /**
     * @param ?string $due day by whose evening it is to be done
     * @param list<LaneView> $lanes
     * @param list<ActionView> $actions
     * @param list<StillOnView> $stillOn parts that the record leaves on what was worked already
     */
    public function __construct(
        public string $jobId,
        public string $name,
        public ?string $due,
        public array $lanes,
        public array $actions,
        public DayView $day,
        public Value $handsOn,
        public Value $saved,
        public int $sharedActions,
        public array $stillOn,
    ) {}
}
