<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Density;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Volume;

/** The parts of one batch, by volume and, where densities are known, by mass on one scale without taring. */
final readonly class Recipe
{
    private function __construct(public Volume $base, public Volume $hardener, public Volume $thinner) {}

    /** Thinner is a share of base + hardener, inside the total. 1.5 L of 4:1 + 10 %: 1.091 + 0.273 + 0.136 L. */
    public static function ofTotal(MixRatio $ratio, Volume $total): self
    {
        $mixed = $total->litresValue() / (1.0 + $ratio->thinnerShare);
        $base = ($mixed * $ratio->base) / ($ratio->base + $ratio->hardener);

        return new self(
            Volume::litres($base),
            Volume::litres($mixed - $base),
            Volume::litres($mixed * $ratio->thinnerShare),
        );
    }

    /** @return array{Mass, Mass, Mass} what the scale shows after base, hardener and thinner */
    public function cumulative(Density $base, Density $hardener, Density $thinner): array
    {
        $a = $this->base->litresValue() * $base->kgPerL();
        $b = $a + $this->hardener->litresValue() * $hardener->kgPerL();

        return [
            Mass::kilograms($a),
            Mass::kilograms($b),
            Mass::kilograms($b + $this->thinner->litresValue() * $thinner->kgPerL()),
        ];
    }

    /** Volume ratio to mass ratio; 2:1 by volume with 1.15 and 0.95 kg/L is 100:41.3 by mass. */
    public static function massRatio(MixRatio $byVolume, Density $base, Density $hardener): MixRatio
    {
        if ($byVolume->isOnePart() || $base->kgPerL() <= 0.0) {
            throw new InvalidQuantity(
                'A one-part product or a base without density has no mass ratio.',
                MixRatio::ACCEPTED,
                'ratio',
            );
        }

        return MixRatio::of(
            100.0,
            (100.0 * $byVolume->hardener * $hardener->kgPerL()) / ($byVolume->base * $base->kgPerL()),
        );
    }
}
