<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;

/**
 * How long it still takes from the beginning of each activity until all is done that waits for it: its part alone with
 * the yard to itself, and from there on what on other parts comes after it.
 */
final class Tails
{
    /** @var array<int|string, Placement> each part as if it were alone */
    private array $placed = [];

    /** @var array<int|string, float> activity => hours from its beginning */
    private array $hours = [];

    private function __construct(private readonly Yard $yard) {}

    /**
     * @param float|null $bound hour before which the yard cannot end, where it is known
     *
     * @return array<int|string, float> activity => hours from its beginning to the end of what waits for it
     */
    public static function of(Yard $yard, ?float $bound = null): array
    {
        $self = new self($yard);
        $self->alone([] === $yard->dues ? $yard->now : $bound ?? LowerBound::of($yard));
        for ($longer = [] !== $yard->needs, $rounds = count($yard->chains); $longer && $rounds > 0; --$rounds) {
            $longer = $self->handOn();
        }

        return $self->hours;
    }

    /** @param float $latest hour at which all could be done */
    private function alone(float $latest): void
    {
        foreach ($this->yard->chains as $part => $ids) {
            $yard = new Yard(
                now: $this->yard->now,
                end: $this->yard->end,
                work: array_map($this->yard->activity(...), $ids),
                people: $this->yard->people,
                floors: $this->yard->floors,
                gear: $this->yard->gear,
                finished: $this->yard->finished,
                teams: $this->yard->teams,
            );
            $placer = new Placer($yard);
            foreach (Blocks::of($yard)[$part] ?? [] as $block) {
                $placer->add($block);
            }
            $placed = $placer->schedule()->placed;
            $end = max([$yard->now, ...array_map(static fn(Placement $p): float => $p->end, array_values($placed))]);
            // What is due sooner than all can be done has so much longer to go.
            $due = max(0.0, $latest - ($this->yard->dues[$part] ?? \INF));
            $this->placed += $placed;
            foreach ($ids as $id) {
                $this->hours[$id] = $due + $end - ($placed[$id]->start ?? $end);
            }
        }
    }

    /** What waits for something on another part is waited for, too. */
    private function handOn(): bool
    {
        $longer = false;
        foreach ($this->yard->chains as $ids) {
            $next = null;
            foreach (array_reverse($ids) as $id) {
                $here = $this->placed[$id] ?? null;
                if (null === $here) {
                    continue;
                }
                $hours = $this->hours[$id];
                if (null !== $next) {
                    $hours = max($hours, $this->placed[$next]->start - $here->start + $this->hours[$next]);
                }
                foreach ($this->yard->neededBy[$id] ?? [] as $other) {
                    $hours = max($hours, $this->until($here, $other) + $this->hours[$other]);
                }
                $longer = $longer || $hours > $this->hours[$id] + Interval::SAME;
                $this->hours[$id] = $hours;
                $next = $id;
            }
        }

        return $longer;
    }

    /** Hours from the beginning of something to that of something on another part that waits for it. */
    private function until(Placement $here, string $other): float
    {
        $waits = array_map(
            static fn(Lag $lag): float => $lag->from === $here->id ? $lag->passing->after($here->end) ?? 0.0 : 0.0,
            $this->yard->activity($other)->lags,
        );

        return max([$here->end, ...$waits]) - $here->start;
    }
}
