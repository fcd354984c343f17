<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\Temperature;

/** Pot life away from the sheet's temperature and mass; an estimate. */
final class PotLife
{
    /** Share of the pot life in which the mix still wets and levels. */
    public const USABLE = 0.75;

    /**
     * ref x 2^-((T - Tref)/10) x (m_ref/m)^(1/3); the mass term is for bulk epoxies and polyesters only.
     * 40 min at 25 C: 98 min at 12 C, 57 at 20, 32 at 28, 20 at 35. A shallow tray doubles it.
     */
    public static function at(
        Duration $reference,
        Temperature $referenceAt,
        Temperature $at,
        ?Mass $referenceMass = null,
        ?Mass $mass = null,
        bool $tray = false,
    ): Duration {
        $hours = $reference->h() * 2.0 ** (($referenceAt->c() - $at->c()) / 10.0);
        if (null !== $referenceMass && null !== $mass) {
            if ($mass->kg() <= 0.0 || $referenceMass->kg() <= 0.0) {
                throw new InvalidQuantity('The mass mixed must be above zero.', 'a mass such as 100 g');
            }
            $hours *= ($referenceMass->kg() / $mass->kg()) ** (1 / 3);
        }

        return Duration::hours($tray ? 2.0 * $hours : $hours);
    }
}
