<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\TimeLaw;
use Judge\Timetable;

/** 25: what works, dries or cures by itself is left to it until it is over. */
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
        'dig-out' => 110.0,
    ];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->stints as $stints) {
            foreach ($stints as $at => $stint) {
                $next = $stints[$at + 1] ?? null;
                if (null === $next) {
                    continue;
                }
                $sky = $timetable->sky($stint);
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
}
