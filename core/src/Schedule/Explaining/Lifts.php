<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Catalog\Catalogue;
use Hull\Job\Part;

/** How often a part is lifted by what is planned, and by how many people. */
final readonly class Lifts
{
    private function __construct(public string $part, public int $times, public int $people, public bool $hoist) {}

    /**
     * @param list<array{string, string, string}> $work part, place and step of each, in order of time
     * @param array<int|string, Part> $parts by the same ids
     *
     * @return list<self> what is too heavy for one person and is lifted at all, the heaviest first
     */
    public static function of(Catalogue $catalogue, array $work, array $parts): array
    {
        $times = $last = [];
        foreach ($work as [$part, $place, $step]) {
            $times[$part] =
                ($times[$part] ?? 0) +
                ($catalogue->steps[$step]->worked->lifts ?? 0) +
                (isset($last[$part]) && $last[$part] !== $place ? 1 : 0);
            $last[$part] = $place;
        }
        $lifts = [];
        foreach ($times as $part => $count) {
            $room = ($parts[$part] ?? null)?->room;
            if ($count > 0 && null !== $room && $room->isHeavy()) {
                $lifts[] = new self((string) $part, $count, 2, $room->wantsHoist());
            }
        }
        usort(
            $lifts,
            static fn(self $a, self $b): int => ($parts[$b->part]->room?->weight?->kg() ?? 0.0) <=>
                ($parts[$a->part]->room?->weight?->kg() ?? 0.0),
        );

        return $lifts;
    }
}
