<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 9: bare metal is covered in time: from the step that bares it last to its first film a working day at the most. */
final readonly class CoveredInTime implements Law
{
    /** Laid bare, or its skin renewed by a metal prep. */
    private const BARES = [
        ...Steps::BATHS,
        'strip-discs',
        'wire-wheel',
        'sand-off-film',
        ...Steps::SANDS_METAL,
        'blast',
        'chemical-strip',
        'heat-strip',
        'wet-lift',
        'wet-scrape',
        'rub-steel',
        'metal-prep',
        'brighten',
    ];
    /** What is converted keeps its own hours. */
    private const KEEPS = ['convert-rust', 'boil-black'];
    private const CREEPS = ['cavity-wax'];
    /** Steel flash-rusts and aluminium's oxide grows back within the day; zinc that is scuffed is not laid bare. */
    private const MOST_H = 12.0;

    public function breaches(Work $work): array
    {
        $first = $work->first([Steps::COAT, ...Steps::OILS]);
        if (null === $first || !$work->isOf([...Steps::FERROUS, ...Steps::ALUMINIUM])) {
            return [];
        }
        if (!$work->isOf(Steps::FERROUS) && in_array($work->steps[$first]->product, self::CREEPS, true)) {
            return []; // Oxide on light metal is no harm below a wax.
        }
        $before = array_filter($work->where(self::BARES), static fn(int $at): bool => $at < $first);
        $kept = array_filter($work->where(self::KEEPS), static fn(int $at): bool => $at < $first);
        if ([] === $before || max([-1, ...$kept]) > max($before)) {
            return [];
        }
        $last = max($before);
        $hours = 0.0;
        foreach (array_slice($work->steps, $last + 1, $first - $last - 1) as $done) {
            $hours += $done->hours ?? 0.0;
        }

        return $hours <= self::MOST_H
            ? []
            : [new Breach(9, $last, sprintf('bare for %.0f hours after %s', $hours, $work->steps[$last]->step))];
    }
}
