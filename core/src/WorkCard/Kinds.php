<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Compute\Figures;

/** Every kind of work card, by the figures of a catalogue. */
final class Kinds
{
    /** @return array<int|string, Kind> by id */
    public static function by(Figures $figures): array
    {
        $kinds = [];
        foreach (
            [
                new CorePour($figures),
                new CurrentBath($figures),
                new AcidBath($figures),
                new LaminateRepair($figures),
                new CanJob($figures),
                new Fairing($figures),
                new Whitening($figures),
                new Dilution($figures),
                new FitCheck($figures),
                new StripeCoat($figures),
                new HideColour($figures),
            ]
            as $kind
        ) {
            $kinds[$kind->id()] = $kind;
        }

        return $kinds;
    }
}
