<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Done;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 6: plugs go in before the blast and the bath, into what is dry, and come out of a film that is set and not hard, and
 * something is done meanwhile; 3: none is forgotten.
 */
final readonly class PlugsInAndOut implements Law
{
    /** Wet until one of the drying steps. */
    private const WET = ['detergent-wash', 'rinse', 'neutralise', 'water-break-test', ...Steps::BATHS];
    private const KEEPS_OUT = [Steps::COAT, ...Steps::BATHS, ...Steps::STRIPS, ...Steps::DUSTY];
    private const HARD = ['wait-handle', 'wait-full', 'oven-cure', 'ramp-cure'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        [$wet, $in, $hard] = [false, null, null];
        $first = $work->first([Steps::PLUGS]);
        foreach ($work->steps as $at => $done) {
            $wet = $done->isOneOf(Steps::DRIES) ? false : $wet || $done->isOneOf(self::WET);
            if (Steps::PLUGS === $done->step) {
                $in = $at;
                $off = $work->first(['dismantle', 'lift-off']);
                $early = null !== $off && $off > $at ? [new Breach(6, $at, 'plugged while it is still on')] : [];
                $breaches = [...$breaches, ...$early];
                $breaches = [...$breaches, ...$wet ? [new Breach(6, $at, 'plugged wet: the water stays in')] : []];
            }
            $hard = $done->isOneOf([Steps::COAT]) ? null : ($done->isOneOf(self::HARD) ? $at : $hard);
            if (Steps::UNPLUGS === $done->step) {
                $meanwhile = array_slice($work->steps, 1 + ($in ?? $at), $at - ($in ?? $at));
                $idle = array_filter($meanwhile, static fn(Done $d): bool => $d->isOneOf(self::KEEPS_OUT));
                $breaches = [] === $idle ? [...$breaches, new Breach(6, $at, 'plugged for nothing')] : $breaches;
                $in = null;
                $late = [new Breach(6, $at, 'plugs pulled from a hard film')];
                $breaches = [...$breaches, ...null !== $hard ? $late : []];
            }
            if (null !== $in && $done->isOneOf(['weld'])) {
                $breaches[] = new Breach(6, $at, 'welded with the plugs in');
            }
            if (null !== $first && $at < $first && $done->isOneOf(['blast', ...Steps::BATHS])) {
                $breaches[] = new Breach(6, $at, $done->step . ', then plugged');
            }
        }

        return null === $in ? $breaches : [...$breaches, new Breach(3, $in, 'a plug is left in')];
    }
}
