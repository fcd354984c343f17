<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 3: what touches food leaves bare, washed hot, and with nothing done to it after that. */
final readonly class FoodIsBare implements Law
{
    private const RINSE = 'food-rinse';
    private const AFTER = ['inspect', 'hand-over', 'reassemble', 'refit', 'isolate', 'join-up'];
    private const LEFT_ON = ['wax', 'dress-vinyl', 'dress-rubber', 'rust-oil', 'oil-film', 'oil-wood', Steps::COAT];

    public function breaches(Work $work): array
    {
        if ('food' !== $work->service) {
            return [];
        }
        $breaches = [];
        foreach ($work->where(self::LEFT_ON) as $at) {
            $breaches[] = new Breach(3, $at, $work->steps[$at]->step . ' on what touches food');
        }
        $rinsed = $work->last([self::RINSE]);
        if (null === $rinsed) {
            return [...$breaches, new Breach(3, count($work->steps) - 1, 'not washed hot for food')];
        }
        foreach (array_slice($work->steps, $rinsed + 1, null, true) as $at => $done) {
            if (!$done->isOneOf(self::AFTER)) {
                $breaches[] = new Breach(3, $at, $done->step . ' after it was washed for food');
            }
        }

        return $breaches;
    }
}
