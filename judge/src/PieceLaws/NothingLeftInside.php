<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 20: what is closed is looked into for what was left, after the last work in it and before the lid goes on. */
final readonly class NothingLeftInside implements PieceLaw
{
    private const LOOKS = ['look-inside', 'clear-cavity'];
    /** A cushion or a cloth covers and closes nothing. */
    private const SOFT = ['flexible-vinyl', 'fabric', 'rubber', 'roof-membrane'];

    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->members as $lid) {
            foreach ($lid->ties as [$how, $on, $stays]) {
                $isLid = 'covers' === $how && !$stays && !in_array($lid->substrate, self::SOFT, true);
                $closed = $isLid ? $piece->last($lid->id, Steps::PUTS_BACK) : null;
                if (null === $closed) {
                    continue;
                }
                $worked = $piece->last($on, [...Steps::DUSTY, Steps::COAT]) ?? -1;
                $looked = [...$piece->where($on, self::LOOKS), ...$piece->where($lid->id, self::LOOKS)];
                if ([] === array_filter($looked, static fn(int $at): bool => $at > $worked && $at < $closed)) {
                    $breaches[] = new Breach(
                        20,
                        $closed,
                        sprintf('nobody looked into %s before %s went on', $on, $lid->id),
                    );
                }
            }
        }

        return $breaches;
    }
}
