<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 3: nothing bare and ferrous leaves unprotected; nothing leaves wet or masked. */
final readonly class LeavesInOrder implements Law
{
    public function breaches(Work $work): array
    {
        $breaches = [];
        $bares = $work->last([...Steps::STRIPS, ...Steps::BATHS, 'sand-p80', 'hand-sand-metal', 'fit-clean']);
        $covers = $work->last([Steps::COAT, ...Steps::OILS, 'wax']);
        if ($work->isOf(Steps::FERROUS) && null !== $bares && (null === $covers || $covers < $bares)) {
            $breaches[] = new Breach(3, $bares, $work->steps[$bares]->step . ' bares iron and nothing covers it');
        }
        $wets = $work->last(Steps::WETS);
        $dries = $work->last(Steps::DRIES);
        if (null !== $wets && (null === $dries || $dries < $wets)) {
            $breaches[] = new Breach(3, $wets, $work->steps[$wets]->step . ' wets it and nothing dries it');
        }
        $masks = $work->last(['mask']);
        $unmasks = $work->last(Steps::UNMASKS);
        if (null !== $masks && (null === $unmasks || $unmasks < $masks)) {
            $breaches[] = new Breach(3, $masks, 'it leaves masked');
        }

        return $breaches;
    }
}
