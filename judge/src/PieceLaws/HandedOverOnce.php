<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Act;
use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 18: a piece is handed over once, when all of it is done; no zone is signed off before its body is through. */
final readonly class HandedOverOnce implements PieceLaw
{
    private const WORK = [...Steps::DUSTY, ...Steps::WET_WASHES, ...Steps::BATHS, Steps::COAT, 'oven-cure'];

    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->wholes() as $ids) {
            $over = array_keys(
                array_filter(
                    $piece->acts,
                    static fn(Act $a): bool => 'hand-over' === $a->step && [] !== array_intersect($ids, $a->parts),
                ),
            );
            if (count($over) > 1) {
                $breaches[] = new Breach(18, $over[0], sprintf('%s handed over %d times', $ids[0], count($over)));
            }
            foreach ($piece->acts as $at => $act) {
                $late = [] !== $over && $at > $over[0] && 'hand-over' !== $act->step;
                if ($late && [] !== array_intersect($ids, $act->parts)) {
                    $breaches[] = new Breach(18, $at, sprintf('%s after the hand-over', $act->step));
                    break;
                }
            }
        }
        foreach ($piece->members as $zone) {
            $signed = $piece->first($zone->id, ['inspect']);
            foreach (array_diff($piece->zones($zone->whole()), [$zone->id]) as $body) {
                $last = $piece->last($body, self::WORK);
                if (null !== $signed && null !== $last && $last > $signed) {
                    $breaches[] = new Breach(
                        18,
                        $signed,
                        sprintf('%s signed off before %s is through', $zone->id, $body),
                    );
                }
            }
        }

        return $breaches;
    }
}
