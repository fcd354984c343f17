<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Member;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 17: top before bottom, inside before outside, what one stands on last; covers and seals after their seat's film. */
final readonly class OrderInSpace implements PieceLaw
{
    private const METAL = [
        ...Steps::FERROUS,
        ...Steps::ALUMINIUM,
        ...Steps::ZINC,
        'stainless-steel',
        'chrome-plate',
        'copper-alloy',
    ];
    private const GLUES = ['fit-seal', 'glue-on'];

    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->beside() as [$first, $then]) {
            if (
                $first->whole() === $then->whole() &&
                null !== $first->turn &&
                null !== $then->turn &&
                $first->turn < $then->turn
            ) {
                $breaches = [...$breaches, ...self::coats($piece, $first, $then)];
            }
            $breaches = [...$breaches, ...self::polished($piece, $first, $then)];
        }
        foreach ($piece->members as $cover) {
            foreach ($cover->ties as [$how, $on, $stays]) {
                $glued = $piece->first($cover->id, self::GLUES);
                $film = $piece->last($on, [Steps::COAT]);
                if (
                    !$stays &&
                    in_array($how, ['bonded-to', 'seals', 'covers'], true) &&
                    null !== $glued &&
                    null !== $film &&
                    $glued < $film
                ) {
                    $breaches[] = new Breach(17, $glued, sprintf('%s is on before the film of %s', $cover->id, $on));
                }
            }
        }

        return $breaches;
    }

    /** @return list<Breach> */
    private static function coats(Piece $piece, Member $first, Member $then): array
    {
        $mine = self::films($piece, $first->id);
        $theirs = self::films($piece, $then->id);
        foreach ($theirs as $film => $others) {
            foreach ($mine[$film] ?? [] as $n => $at) {
                $other = $others[$n] ?? \PHP_INT_MAX;
                $turned =
                    $other === $at &&
                    array_search($first->id, $piece->acts[$at]->parts, true) >
                        array_search($then->id, $piece->acts[$at]->parts, true);
                if ($at > $other || $turned) {
                    return [new Breach(17, $at, sprintf('%s is coated after %s', $first->id, $then->id))];
                }
            }
        }
        [$last, $other] = [self::lastPaint($piece, $first->id), self::lastPaint($piece, $then->id)];
        // Primed in one go, the lower is taped while the upper gets its colour.
        $shared = array_merge([], ...array_values(array_intersect_key($theirs, $mine)));
        if (null !== $last && null !== $other && $last > $other && !in_array($other, $shared, true)) {
            return [new Breach(17, $last, sprintf('%s is still coated when %s is done', $first->id, $then->id))];
        }

        return [];
    }

    /** Wax comes after every coat in the place, whatever lies higher. */
    private static function lastPaint(Piece $piece, string $part): ?int
    {
        $paints = array_filter(
            $piece->where($part, [Steps::COAT]),
            static fn(int $at): bool => !in_array($piece->acts[$at]->product, Steps::NEVER_DRY, true),
        );

        return [] === $paints ? null : max($paints);
    }

    /** @return array<int|string, list<int>> product and colour => where it is laid on a part */
    private static function films(Piece $piece, string $part): array
    {
        $films = [];
        foreach ($piece->where($part, [Steps::COAT]) as $at) {
            $films[$piece->acts[$at]->product . ' ' . $piece->acts[$at]->colour][] = $at;
        }

        return $films;
    }

    /** @return list<Breach> */
    private static function polished(Piece $piece, Member $body, Member $bright): array
    {
        $compound = $piece->last($body->id, ['compound', 'compound-hand']);
        $polish = $piece->first($bright->id, ['metal-polish']);
        $isMetal = in_array($bright->substrate, self::METAL, true) && !in_array($body->substrate, self::METAL, true);

        return $isMetal && null !== $compound && null !== $polish && $polish < $compound
            ? [new Breach(17, $polish, sprintf('%s is polished before %s is compounded', $bright->id, $body->id))]
            : [];
    }
}
