<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 5: the last wipe stands directly before the first coat, and before each that follows abrading; mixing may be between.
 */
final readonly class WipedJustBefore implements Law
{
    /** Laid with other preparation: cavity films are blown in, a roof gets its own wash and not cloths of alcohol. */
    private const WITHOUT = ['cavity-wax', 'elastomeric-roof', 'silicone-roof'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $last = -1;
        foreach ($work->where([Steps::COAT]) as $at) {
            $between = array_slice($work->steps, $last + 1, $at - $last - 1);
            $rubbed = -1 === $last || [] !== array_filter($between, static fn($d): bool => $d->isOneOf(Steps::RUBS));
            $before = $at - 1;
            while ($before > $last && $work->steps[$before]->isOneOf(Steps::MIXES)) {
                --$before;
            }
            if (
                $rubbed &&
                !in_array($work->steps[$at]->product, self::WITHOUT, true) &&
                ($before <= $last || !$work->steps[$before]->isOneOf(Steps::WIPES))
            ) {
                $breaches[] = new Breach(
                    5,
                    $at,
                    sprintf(
                        '%s stands before the coat, not the wipe',
                        $before > $last ? $work->steps[$before]->step : 'nothing',
                    ),
                );
            }
            $last = $at;
        }

        return $breaches;
    }
}
