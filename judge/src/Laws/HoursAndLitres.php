<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Done;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 14: hours and litres are believable: no coat in no time, no photograph longer than the coat, no tin of nothing. */
final readonly class HoursAndLitres implements Law
{
    /** Shaken or stirred, put on, looked at: no coat takes less, minutes. */
    private const LEAST_MIN = 2.0;
    /** Film of one coat as a typical tin of the class gives it: µm dry and volume solids, per cent. */
    private const COATS = [
        'self-etch' => [10, 12],
        'wash-primer' => [8, 10],
        'epoxy-primer-2k' => [50, 50],
        'epoxy-primer-fast' => [40, 52],
        'zinc-rich' => [60, 55],
        'surfacer-2k' => [60, 48],
        'filler-primer-1k' => [25, 20],
        'primer-sealer-2k' => [25, 38],
        'alkyd-primer' => [40, 45],
        'alkyd-enamel' => [35, 48],
        'enamel-aerosol' => [18, 16],
        'acrylic-lacquer' => [14, 13],
        'urethane-colour-2k' => [30, 45],
        'clear-2k' => [28, 48],
        'clear-2k-aerosol' => [20, 22],
        'marine-pu' => [40, 50],
        'topside-1k' => [35, 46],
        'epoxy-lining' => [150, 85],
        'epoxy-mastic' => [125, 80],
        'textured-liner' => [250, 65],
        'peelable-film' => [30, 20],
        'elastomeric-roof' => [250, 52],
        'silicone-roof' => [400, 90],
    ];
    /** Comes ready to use: nothing is mixed. */
    private const ONE_PART = [
        'self-etch',
        'filler-primer-1k',
        'alkyd-primer',
        'alkyd-enamel',
        'enamel-aerosol',
        'acrylic-lacquer',
        'topside-1k',
        'peelable-film',
        'elastomeric-roof',
        'silicone-roof',
        'cavity-wax',
    ];
    /** Goes off in the pot, minutes at 20 C; in the cold of a shed twice that. */
    private const POTS = ['epoxy-lining' => 30.0, 'surfacer-2k' => 60.0, 'textured-liner' => 60.0];
    private const COLD_POT = 2.0;
    /** Laid in so many minutes, with all that belongs to it, is one cup whatever the pot. */
    private const ONE_CUP_MIN = 8.0;
    /** Between a careful roller and the last can outdoors on a lattice. */
    private const LOST = [1.0, 5.0];
    /** From a gun only, and a gun loses more than any brush. */
    private const SPRAYED = ['surfacer-2k', 'primer-sealer-2k', 'urethane-colour-2k', 'clear-2k', 'textured-liner'];
    private const SPRAY_LOST = 1.2;
    /** Minutes to set up and clean, and a square metre by the slowest brush on lattice over rough metal. */
    private const SET_UP_MOST = 60.0;
    private const A_M2_MOST = 40.0;
    /** By discs, minutes a square metre: the tightest pits. */
    private const STRIP_MOST = 90.0;
    private const SPOTS = 0.001;
    /** Left in tray, hose and cup, L. */
    private const TRAY = 0.5;

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->where([Steps::COAT]) as $at) {
            foreach (self::coat($work->steps[$at], $work) as $says) {
                $breaches[] = new Breach(14, $at, $says);
            }
            $before = $work->steps[$at - 1] ?? null;
            if (
                in_array($work->steps[$at]->product, self::ONE_PART, true) &&
                true === $before?->isOneOf(Steps::MIXES)
            ) {
                $breaches[] = new Breach(14, $at - 1, $work->steps[$at]->product . ' is not mixed');
            }
            foreach (self::cups($work->steps[$at], true === $before?->isOneOf(Steps::MIXES)) as $says) {
                $breaches[] = new Breach(14, $at, $says);
            }
        }
        foreach ($work->where(['strip-discs', 'sand-off-film']) as $at) {
            if ($work->steps[$at]->minutes > self::SET_UP_MOST + self::STRIP_MOST * ($work->m2 ?? \INF)) {
                $breaches[] = new Breach(14, $at, $work->steps[$at]->step . ' takes for ever');
            }
        }

        return $breaches;
    }

    /** @return list<string> */
    private static function cups(Done $coat, bool $isLaidOut): array
    {
        $minutes = $coat->minutes ?? null;
        $pot = self::POTS[$coat->product ?? ''] ?? null;

        return match (true) {
            null === $minutes => [],
            $isLaidOut && $minutes <= self::ONE_CUP_MIN => [sprintf('many cups for a coat of %.0f minutes', $minutes)],
            !$isLaidOut && null !== $pot && $minutes - self::SET_UP_MOST > self::COLD_POT * $pot => [
                sprintf('%s laid for %.0f minutes from one pot', $coat->product, $minutes),
            ],
            default => [],
        };
    }

    /** @return list<string> */
    private static function coat(Done $done, Work $work): array
    {
        if (null === $done->minutes || null === $work->m2) {
            return [];
        }
        $photos = array_sum(
            array_map(static fn(int $at): float => $work->steps[$at]->minutes ?? 0.0, $work->where(['photograph'])),
        );
        $first = $work->first([Steps::COAT]);
        [$um, $solids] = self::COATS[$done->product ?? ''] ?? [0, 0];
        $least = 0 === $solids ? 0.0 : ($work->m2 * $um) / (10.0 * $solids);

        $says = [];
        if ($done->minutes < self::LEAST_MIN || $done->minutes > self::SET_UP_MOST + self::A_M2_MOST * $work->m2) {
            $says[] = sprintf('a coat in %.2f minutes', $done->minutes);
        }
        if (null !== $first && $work->steps[$first] === $done && $photos > $done->minutes) {
            $says[] = 'a photograph takes longer than the coat';
        }
        $arrives = in_array($done->product, self::SPRAYED, true) ? self::SPRAY_LOST : self::LOST[0];
        $fewest = $least * ($work->isInSpots ? self::SPOTS : $arrives);
        if (
            null !== $done->litres &&
            $least > 0.0 &&
            ($done->litres < $fewest || $done->litres > $least * self::LOST[1] + self::TRAY)
        ) {
            $says[] = sprintf('%.3f L of %s', $done->litres, $done->product);
        }

        return $says;
    }
}
