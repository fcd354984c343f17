<?php

declare(strict_types=1);

namespace Hull\WorkCard;

/** Every kind of work card. */
final class Kinds
{
    /** @return array<int|string, Kind> by id */
    public static function all(): array
    {
        $kinds = [];
        foreach (
            [
                new CorePour(),
                new CurrentBath(),
                new AcidBath(),
                new LaminateRepair(),
                new CanJob(),
                new Fairing(),
                new Whitening(),
                new Dilution(),
                new FitCheck(),
                new StripeCoat(),
                new HideColour(),
            ]
            as $kind
        ) {
            $kinds[$kind->id()] = $kind;
        }

        return $kinds;
    }
}
