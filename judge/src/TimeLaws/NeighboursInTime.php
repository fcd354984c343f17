<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Sheets;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 16 by the clock: in the place where something of another part is wiped or wet nobody makes dust, flings compound or
 * sprays water; no spark, hot air or flame where solvent is used, no acid where bleach is, nobody else indoors where
 * isocyanate is sprayed.
 */
final readonly class NeighboursInTime implements TimeLaw
{
    private const LAW = 16;
    private const DUSTY = [
        ...Steps::DUSTY,
        'blow-off',
        'dry-clean',
        'scrape-caked',
        'pressure-wash',
        'scuff',
        'scuff-pad',
        'sand-back',
        'sand-marks',
        'sand-down-marked',
        'compound',
        'compound-hand',
        'polish',
        'polish-paint',
        'plastic-polish',
        'metal-polish',
        'glass-polish',
        ...Steps::FEEDS,
        'proof-fabric',
    ];
    private const SPARKS = [
        'force-dry',
        'heat-strip',
        'wire-wheel',
        'strip-discs',
        'zinc-spots',
        'weld',
        'oven-cure',
        'ramp-cure',
    ];
    private const SOLVENT = [
        'solvent-degrease',
        'solvent-rub',
        'adhesive-remove',
        'mould-wipe',
        'lacquer-strip',
        'fit-film-off',
        'recover-vinyl',
        'spot-prime',
        'final-wipe',
        'wipe-acetone',
        'wipe-soft',
    ];
    private const WATERBORNE = ['elastomeric-roof', 'epoxy-lining'];
    private const BLEACH = ['mould-kill'];
    /** With isocyanate, from a gun or a can: everybody else is out for the flash time. */
    private const SPRAYED = [
        'surfacer-2k',
        'primer-sealer-2k',
        'urethane-colour-2k',
        'clear-2k',
        'clear-2k-aerosol',
        'textured-liner',
    ];
    /** Share of the hours of the sheet; what damp cures is quicker where it is damp. */
    private const DRY = 0.9;
    private const DRY_IN_DAMP = 0.55;
    private const LIKES_DAMP = ['silicone-roof', 'mcu-encapsulator'];
    /** A wipe is out of date after an hour; whatever lies on it until then is under the film. */
    private const WIPED_H = 1.0;
    /** Vapour lies on the floor as long, hours. */
    private const LINGERS_H = 0.2;
    private const SHORT_H = 0.02;
    /** Making good that takes longer is more than wiping again. */
    private const ABRADES_H = 0.5;
    private const DAY_H = 24.0;

    public function breaches(Timetable $timetable): array
    {
        $places = [];
        foreach ($timetable->all() as $stint) {
            $places[$stint->place][] = $stint;
        }
        $breaches = [];
        foreach ($places as $stints) {
            foreach ($stints as $one) {
                foreach ($stints as $other) {
                    $says = $one->part === $other->part ? null : $this->says($timetable, $one, $other);
                    if (null !== $says) {
                        $breaches[] = new Breach(
                            self::LAW,
                            null,
                            sprintf('%s %s %s', $one->words(), $says, $other->words()),
                        );
                    }
                }
            }
        }

        return $breaches;
    }

    private function says(Timetable $timetable, Stint $one, Stint $other): ?string
    {
        return match (true) {
            $this->fouls($one, $other->from, $this->spared($timetable, $other)) => 'beside what is wiped or wet,',
            $one->isOneOf(self::SPARKS) &&
                $this->isSolvent($other) &&
                $this->isOver($one, $other->from, $other->to + self::LINGERS_H)
                => 'in the vapour of',
            !$timetable->sky($one)->outdoors &&
                in_array($one->product, self::SPRAYED, true) &&
                [] !== array_diff($other->who, $one->who) &&
                $this->isOver($other, $one->from, $one->to + self::LINGERS_H)
                => 'is sprayed, and somebody is in for',
            $one->isOneOf(self::BLEACH) &&
                $this->isAcid($other) &&
                $this->about($timetable, $one) > $other->from + self::SHORT_H &&
                $this->about($timetable, $other) > $one->from + self::SHORT_H
                => 'and, not rinsed off in between,',
            default => null,
        };
    }

    /** By its dust, its spray, its wax; a coat that is late by what is abraded for it first. */
    private function fouls(Stint $one, float $from, float $to): bool
    {
        return match (true) {
            $one->isOneOf(self::DUSTY) => $this->isOver($one, $from, $to),
            Steps::COAT === $one->step && $one->rework >= self::ABRADES_H => $one->from < $to - self::SHORT_H &&
                $one->from + $one->rework > $from + self::SHORT_H,
            default => false,
        };
    }

    private function isOver(Stint $one, float $from, float $to): bool
    {
        return $one->from < $to - self::SHORT_H && $one->to > $from + self::SHORT_H;
    }

    private function isSolvent(Stint $stint): bool
    {
        return $stint->isOneOf(self::SOLVENT) ||
            (Steps::COAT === $stint->step && !in_array($stint->product, self::WATERBORNE, true));
    }

    private function isAcid(Stint $stint): bool
    {
        return 'acid' === (Steps::LEAVES[$stint->step] ?? '') || 'convert-rust' === $stint->step;
    }

    /** Until when nothing may fall on it: for wiped work its hour, for a coat until it is dry to the touch. */
    private function spared(Timetable $timetable, Stint $stint): float
    {
        if ($stint->isOneOf(Steps::WIPES)) {
            return $stint->to + self::WIPED_H;
        }
        if (
            Steps::COAT !== $stint->step ||
            null === $stint->product ||
            in_array($stint->product, Steps::NEVER_DRY, true)
        ) {
            return -\INF;
        }
        $sky = $timetable->sky($stint);
        $until = $stint->to;
        $dry = in_array($stint->product, self::LIKES_DAMP, true) ? self::DRY_IN_DAMP : self::DRY;
        while ($until < $stint->to + 2.0 * self::DAY_H) {
            if (($sky->cured($stint->product, Sheets::TOUCH, $stint->to, $until + 0.25) ?? 1.0) >= $dry) {
                break;
            }
            $until += 0.25;
        }

        return $until;
    }

    /** Until when it is about: until it is rinsed off its part, for a day where nobody does. */
    private function about(Timetable $timetable, Stint $stint): float
    {
        foreach ($timetable->stints[$stint->part] ?? [] as $later) {
            if (
                $later->from >= $stint->to - self::SHORT_H &&
                $later->isOneOf(['rinse', 'neutralise', 'pressure-wash'])
            ) {
                return $later->to;
            }
        }

        return $stint->to + self::DAY_H;
    }
}
