<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;

/** What the gear of a yard is taken for, piece by piece of each kind. */
final class GearUse
{
    /** @var array<int|string, list<Busy>> kind => pieces of it */
    private array $pieces = [];

    /** @param array<int|string, int> $owned kind => how many; one of what is not among them */
    public function __construct(private readonly array $owned) {}

    public function take(Activity $activity, float $start, float $end): void
    {
        foreach ($activity->gear as $kind) {
            $this->free($kind, $start, $end)?->take($start, $end, $activity->id);
        }
    }

    public function leave(Activity $activity): void
    {
        foreach ($activity->gear as $kind) {
            foreach ($this->pieces[$kind] ?? [] as $busy) {
                $busy->leave($activity->id);
            }
        }
    }

    /** @return array{float, Why}|null until when what it needs is all taken, and for what */
    public function against(Activity $activity, float $start, float $end): ?array
    {
        foreach ($activity->gear as $kind) {
            if (null === $this->free($kind, $start, $end)) {
                [$over, $by] = $this->over($kind, $start, $end);

                return [$over, new Why(WhyKind::Gear, $kind, $by)];
            }
        }

        return null;
    }

    private function free(string $kind, float $start, float $end): ?Busy
    {
        foreach ($this->of($kind) as $busy) {
            if (null === $busy->over($start, $end)) {
                return $busy;
            }
        }

        return null;
    }

    /** @return array{float, string} when the first of them is free again, and of which activity */
    private function over(string $kind, float $start, float $end): array
    {
        $first = [$end, ''];
        foreach ($this->of($kind) as $busy) {
            $over = $busy->over($start, $end);
            $first = null !== $over && ('' === $first[1] || $over[0] < $first[0]) ? $over : $first;
        }

        return $first;
    }

    /** @return list<Busy> */
    private function of(string $kind): array
    {
        return $this->pieces[$kind] ??= array_map(
            static fn(int $_): Busy => new Busy(),
            range(1, max(1, $this->owned[$kind] ?? 1)),
        );
    }
}
