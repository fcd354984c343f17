<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;

/** What can be begun now, best first: what is planned for now, then what has least time to spare. */
final readonly class NextHour
{
    private const NOW_H = 0.25;

    /**
     * @param bool $planned the schedule has it now
     * @param bool $fits it can be done, or stopped, within the hour
     * @param float $slack hours, see Slack
     * @param float $start where the schedule has it
     */
    private function __construct(
        public string $id,
        public bool $planned,
        public bool $fits,
        public float $slack,
        public float $start,
    ) {}

    /**
     * @param array<int|string, float> $slack by activity
     *
     * @return list<self>
     */
    public static function of(Schedule $schedule, array $slack, float $hours = 1.0): array
    {
        $yard = $schedule->yard;
        $blocks = Blocks::of($yard);
        $options = [];
        foreach ($yard->chains as $part => $ids) {
            $first = $blocks[$part][0] ?? [];
            $placed = isset($first[0]) ? $schedule->placed[$first[0]->id] ?? null : null;
            if (null === $placed || !self::canBegin($yard, $first)) {
                continue;
            }
            $options[] = new self(
                $placed->id,
                $placed->start <= $yard->now + self::NOW_H,
                !$first[0]->whole || $first[0]->hours <= $hours + Interval::SAME,
                $slack[$placed->id] ?? 0.0,
                $placed->start,
            );
        }
        usort(
            $options,
            static fn(self $a, self $b): int => [!$a->planned, $a->slack, $a->start, $a->id] <=> [
                !$b->planned,
                $b->slack,
                $b->start,
                $b->id,
            ],
        );

        return $options;
    }

    /**
     * It can begin within minutes, and nothing that follows comes to need abrading by it.
     *
     * @param list<Activity> $block
     */
    private static function canBegin(Yard $yard, array $block): bool
    {
        $placer = new Placer($yard);
        $placer->add($block);
        $placed = $placer->schedule()->placed;

        return isset($placed[$block[0]->id]) &&
            $placed[$block[0]->id]->start <= $yard->now + self::NOW_H &&
            [] === array_filter($block, static fn(Activity $a): bool => $placed[$a->id]->late ?? false);
    }
}
