<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/**
 * 19: same film, same colour, zones of one part in one place: one go, unless the order in space puts another zone
 * between them. That two colours are never one act is in what an act is: it has one colour.
 */
final readonly class OneGo implements PieceLaw
{
    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->members as $whole) {
            if ($whole->whole() !== $whole->id) {
                continue;
            }
            foreach (self::films($piece, $whole->id, $whole->place) as $film => $laid) {
                [$most, $zones] = $laid;
                $isParted = self::isParted($piece, $whole->id, array_map(strval(...), array_keys($zones)));
                if (count($zones) > 1 && !$isParted && $most > max(array_map(count(...), $zones))) {
                    $breaches[] = new Breach(
                        19,
                        null,
                        sprintf('%s is laid in %d goes on %s', $film, $most, implode(' and ', array_keys($zones))),
                    );
                }
            }
        }

        return $breaches;
    }

    /**
     * Another zone lies between these from the top down or towards the way out.
     *
     * @param list<string> $zones
     */
    private static function isParted(Piece $piece, string $whole, array $zones): bool
    {
        $turns = array_filter(array_map(static fn(string $z): ?array => $piece->members[$z]->turn, $zones));
        foreach (array_diff($piece->zones($whole), $zones) as $other) {
            $turn = $piece->members[$other]->turn;
            if (count($turns) > 1 && null !== $turn && min($turns) < $turn && $turn < max($turns)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array<int|string, array{int, array<int|string, list<int>>}> product and colour => in how many acts, and
     *     in which of them each zone has it
     */
    private static function films(Piece $piece, string $whole, string $place): array
    {
        $zones = array_filter(
            $piece->zones($whole),
            static fn(string $z): bool => $piece->members[$z]->place === $place,
        );
        $films = [];
        foreach ($piece->acts as $at => $act) {
            foreach (Steps::COAT === $act->step ? array_intersect($zones, $act->parts) : [] as $zone) {
                $films[$act->product . ' ' . $act->colour][$zone][] = $at;
            }
        }

        return array_map(
            static fn(array $by): array => [count(array_unique(array_merge(...array_values($by)))), $by],
            $films,
        );
    }
}
