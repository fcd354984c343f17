<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Act;
use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 16: wax and silicone in a place only after the last coat there, whatever part it is on. */
final readonly class WaxAfterCoats implements PieceLaw
{
    private const WAXES = ['wax', 'dress-vinyl', 'dress-rubber'];

    public function breaches(Piece $piece): array
    {
        $breaches = $waxed = [];
        foreach ($piece->acts as $at => $act) {
            foreach ($act->parts as $id) {
                $member = $piece->members[$id];
                if (self::isWax($act)) {
                    $waxed[$member->place] ??= $id;
                } elseif (Steps::COAT === $act->step && isset($waxed[$member->place])) {
                    $breaches[] = new Breach(
                        16,
                        $at,
                        sprintf('%s is coated where %s has been waxed', $id, $waxed[$member->place]),
                    );
                }
            }
        }

        return $breaches;
    }

    private static function isWax(Act $act): bool
    {
        return $act->isOneOf(self::WAXES) ||
            (Steps::COAT === $act->step && in_array($act->product, Steps::NEVER_DRY, true));
    }
}
