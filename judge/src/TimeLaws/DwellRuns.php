<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/** 25: what works, dries or cures by itself is left to it until it is over; 1: and chemistry no longer. */
final readonly class DwellRuns implements TimeLaw
{
    private const LAW = 25;
    /** Hours by the clock; and at 20 C, faster when it is warmer. */
    private const CLOCK = [
        'convert-rust' => 24.0,
        'recover-vinyl' => 24.0,
        'glue-on' => 24.0,
        'whiten-peroxide' => 12.0,
        'proof-fabric' => 12.0,
        'putty-pits' => 12.0,
        'putty-over-primer' => 12.0,
        'tank-rinse' => 24.0,
        'asbestos-removal' => 48.0,
    ];
    private const CHEMISTRY = [
        'rust-oil' => 48.0,
        'oil-wood' => 24.0,
        'loosen' => 12.0,
        'chemical-strip' => 6.0,
        'bath-citric' => 10.0,
        'bath-chelate' => 18.0,
        'bath-electrolysis' => 12.0,
        'laminate-epoxy' => 24.0,
        'laminate-polyester' => 12.0,
        'regelcoat' => 12.0,
        'crack-stop-gelcoat' => 4.0,
        'crack-stop-clear' => 24.0,
        'vinyl-patch' => 2.0,
        'patch-membrane' => 4.0,
        'plastic-weld' => 4.0,
        'fair-epoxy' => 18.0,
        'core-pour' => 12.0,
        'close-skin' => 12.0,
        'dry-core' => 160.0,
        'let-out' => 110.0,
    ];

    /** Hours of chemistry at 20 C after which it is taken off; and hours on the clock after them until it is dry. */
    private const WORKS = [
        'mould-kill' => 0.2,
        'destain-oxalic' => 0.15,
        'alkaline-degrease' => 0.25,
        'mild-degrease' => 0.1,
        'smoke-clean' => 0.1,
        'adhesive-remove' => 0.25,
        'metal-prep' => 0.4,
        'metal-prep-tight' => 0.4,
        'zinc-pretreat' => 0.2,
        'tarnish-clean' => 0.2,
        'brighten' => 0.1,
    ];
    private const DRIES_ON_H = 0.55;
    /** Gel below film whitens for a day at the most; it is rinsed off then. */
    private const LIES = ['whiten-peroxide' => 24.1];

    public function breaches(Timetable $timetable): array
    {
        $breaches = $this->driedOn($timetable);
        foreach ($timetable->stints as $stints) {
            foreach ($stints as $at => $stint) {
                $next = $stints[$at + 1] ?? null;
                if (null === $next) {
                    continue;
                }
                $sky = $stint->isOneOf(Steps::BATHS) ? $timetable->air($stint) : $timetable->sky($stint);
                $over = match (true) {
                    isset(self::CLOCK[$stint->step]) => ($next->from - $stint->to) / self::CLOCK[$stint->step],
                    isset(self::CHEMISTRY[$stint->step]) => $sky->worked($stint->to, $next->from) /
                        self::CHEMISTRY[$stint->step],
                    default => 1.0,
                };
                if ($over < 0.97) {
                    $breaches[] = new Breach(
                        self::LAW,
                        null,
                        sprintf('%s is %d %% over when %s begins', $stint->words(), (int) (100 * $over), $next->step),
                    );
                }
            }
        }

        return $breaches;
    }

    /** @return list<Breach> chemistry that had done its work and was left to dry */
    private function driedOn(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->stints as $stints) {
            foreach ($stints as $at => $stint) {
                $next = $stints[$at + 1] ?? null;
                $lies = self::LIES[$stint->step] ?? \INF;
                if (null !== $next && $next->from - $stint->to > $lies) {
                    $breaches[] = new Breach(
                        1,
                        null,
                        sprintf('%s lies on for %.1f h', $stint->words(), $next->from - $stint->to),
                    );
                }
                $works = self::WORKS[$stint->step] ?? null;
                if (null === $works || null === $next) {
                    continue;
                }
                $over = $timetable->sky($stint)->worked($stint->to, $next->from - self::DRIES_ON_H);
                if ($next->from - self::DRIES_ON_H > $stint->to && $over > $works + 0.02) {
                    $breaches[] = new Breach(
                        1,
                        null,
                        sprintf('%s dries on for %.1f h', $stint->words(), $next->from - $stint->to),
                    );
                }
            }
        }

        return $breaches;
    }
}
