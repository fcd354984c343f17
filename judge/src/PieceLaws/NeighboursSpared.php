<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 16: no dust, wash or overspray beside what is wiped, wet or finished; wax and silicone only after the last coat. */
final readonly class NeighboursSpared implements PieceLaw
{
    private const DIRTY = [
        ...Steps::DUSTY,
        ...Steps::WET_WASHES,
        'wet-scrape',
        'wet-lift',
        'sand-off-gentle',
        'dry-clean',
        'scuff',
        'scuff-pad',
        'sand-back',
        'sand-marks',
        'sand-down-marked',
        'wet-sand-800',
        'wet-sand-1000',
        'wet-sand-1500',
        'wet-sand-spots',
    ];
    private const LASTS = [...Steps::FEEDS, 'proof-fabric'];

    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->beside() as [$dirt, $spared]) {
            $open = $finished = false;
            foreach ($piece->acts as $at => $act) {
                $dirties = $act->isOn($dirt->id) && !$act->isOn($spared->id) && $act->isOneOf(self::DIRTY);
                if ($dirties && $open) {
                    $breaches[] = new Breach(
                        16,
                        $at,
                        sprintf('%s on %s while %s is wiped or wet', $act->step, $dirt->id, $spared->id),
                    );
                }
                $coats = $act->isOn($dirt->id) && Steps::COAT === $act->step;
                if ($finished && ($dirties || $coats)) {
                    $breaches[] = new Breach(
                        16,
                        $at,
                        sprintf('%s on %s when %s is waxed or oiled', $act->step, $dirt->id, $spared->id),
                    );
                }
                if ($act->isOn($spared->id)) {
                    $open = $act->isOneOf([...Steps::WIPES, ...Steps::MIXES, Steps::COAT]);
                    $finished = $finished || $act->isOneOf(self::LASTS);
                }
            }
        }

        return $breaches;
    }
}
