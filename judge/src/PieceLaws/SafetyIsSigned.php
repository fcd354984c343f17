<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;

/** 21: brakes, steering, lifting, seat belts: planned as far as may be, signed for by name before they go back. */
final readonly class SafetyIsSigned implements PieceLaw
{
    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->members as $member) {
            if ($member->isSafety && [] === $member->signs) {
                $breaches[] = new Breach(21, null, sprintf('nobody signs for %s', $member->id));
            }
        }

        return $breaches;
    }
}
