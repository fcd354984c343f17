<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Sheets;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/** 24: everything that cures, dissolves or freezes is worked in the air its label allows, not paints alone. */
final readonly class AirSuits implements TimeLaw
{
    private const LAW = 24;
    /** What is wiped on a part too hot to leave a hand on is gone before it has done a thing, or dries on. */
    private const COOL = [-60, 45, 0];
    /** Coldest and hottest part, C; and for so many hours after. */
    private const AIR = [
        'laminate-epoxy' => [12, 32, 12],
        'laminate-polyester' => [15, 30, 4],
        'laminate-vinylester' => [15, 30, 4],
        'regelcoat' => [15, 30, 4],
        'crack-stop-gelcoat' => [15, 30, 4],
        'core-pour' => [15, 30, 6],
        'core-board' => [12, 32, 12],
        'close-skin' => [12, 32, 12],
        'putty-pits' => [10, 35, 0],
        'putty-over-primer' => [10, 35, 0],
        'fair-epoxy' => [10, 35, 0],
        'fill-over-metal' => [12, 32, 0],
        'fill-over-epoxy' => [12, 32, 0],
        'fill-over-coating' => [12, 32, 0],
        'recover-vinyl' => [12, 30, 2],
        'glue-on' => [12, 30, 2],
        'convert-rust' => [8, 35, 24],
        'chemical-strip' => [10, 30, 0],
        'metal-prep' => [10, 35, 0],
        'metal-prep-tight' => [10, 35, 0],
        'zinc-pretreat' => [10, 35, 0],
        'bath-citric' => [10, 60, 0],
        'bath-chelate' => [10, 60, 0],
        'whiten-peroxide' => [10, 35, 0],
        'rust-oil' => [5, 60, 0],
        'mask' => [5, 60, 0],
        'wax' => [5, 30, 0],
        'patch-membrane' => [8, 35, 2],
        'proof-fabric' => [8, 45, 0],
        'dress-vinyl' => [5, 45, 0],
        'dress-rubber' => [5, 45, 0],
        'mould-kill' => [5, 45, 0],
        'destain-oxalic' => [5, 45, 0],
        'alkaline-degrease' => self::COOL,
        'mild-degrease' => self::COOL,
        'solvent-degrease' => self::COOL,
        'adhesive-remove' => self::COOL,
        'smoke-clean' => self::COOL,
        'final-wipe' => self::COOL,
        'wipe-acetone' => self::COOL,
        'wipe-soft' => self::COOL,
        'wipe-waterborne' => [8, 45, 0],
    ];
    /** Water that freezes on the part washes nothing. */
    private const WASH_C = 2.0;
    private const SLACK_C = 0.5;

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            $air = self::AIR[$stint->step] ?? null;
            if (Steps::COAT === $stint->step && null !== $stint->product) {
                $air = [...Sheets::air($stint->product), 0];
            }
            $air ??= $stint->isOneOf(Steps::WET_WASHES) ? [self::WASH_C, 400, 0] : null;
            if (null === $air) {
                continue;
            }
            [$least, $most, $after] = $air;
            for ($hour = $stint->from; $hour < $stint->to + $after; ++$hour) {
                $c = $timetable->sky($stint)->c($hour);
                if ($c < $least - self::SLACK_C || $c > $most + self::SLACK_C) {
                    $breaches[] = new Breach(self::LAW, null, sprintf('%s at %.1f C', $stint->words(), $c));
                    break;
                }
            }
        }

        return $breaches;
    }
}
