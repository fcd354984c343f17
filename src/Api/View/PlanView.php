<?php

declare(strict_types=1);

namespace App\Api\View;

/** The schedule of the whole yard. */
final readonly class PlanView
{
    /**
     * @param string $status none, wanted, working, done or failed
     * @param int $done orders worked out so far, of tries
     * @param list<string> $outdated why it may no longer hold
     * @param ?string $bound no schedule ends before this
     * @param ?string $better planned from scratch it would end then
     * @param ?string $found the search went on, and what it found ends then
     * @param ?Value $sooner by how much that is sooner
     * @param bool $again it was made by moving an earlier one as little as could be
     * @param list<PlanPart> $parts
     * @param list<PlannedView> $work in order of time
     * @param list<LostView> $unplaced what has no room
     * @param list<MissedView> $missed due dates that are not kept
     * @param list<ClosedView> $closed what it waits for, said first
     * @param list<MoveView> $moves what it does otherwise than the one before
     * @param list<PlanPerson> $people
     * @param list<PlaceHours> $places
     */
    public function __construct(
        public string $now,
        public string $zone,
        public int $version,
        public ?string $madeAt,
        public string $note,
        public string $status,
        public int $done,
        public int $tries,
        public array $outdated,
        public ?string $finish,
        public ?string $bound,
        public ?Value $handsOn,
        public ?Value $rework,
        public ?Value $late,
        public ?string $better,
        public ?string $found,
        public ?Value $sooner,
        public bool $again,
        public bool $pinned,
        public array $parts,
        public array $work,
        public array $unplaced,
        public array $missed,
        public array $closed,
        public array $moves,
        public array $people,
        public array $places,
    ) {}
}
