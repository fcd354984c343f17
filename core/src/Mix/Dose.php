<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;

/** Small doses: weighing error, catalyst by temperature, dilution. */
final class Dose
{
    public const DEFAULT_TOLERANCE = 0.05;

    /** One step of the scale or cup over the smallest dose; half of it when rounding to the nearest step. */
    public static function error(Mass $resolution, Mass $dose): Percentage
    {
        return $dose->kg() > 0.0
            ? Percentage::ratio($resolution->kg() / $dose->kg())
            : throw new InvalidQuantity('A dose of nothing cannot be weighed.', 'a mass above zero such as 8 g');
    }

    /** Catalyst share of resin mass: what the table says, held inside 1.0 to 3.0 %. */
    public static function catalystShare(Percentage $said): Percentage
    {
        return Percentage::ratio(min(0.03, max(0.01, $said->ratioValue())));
    }

    /** @return array{Volume, Volume} concentrate and water for C1 V1 = C2 V2 */
    public static function dilute(Percentage $stock, Percentage $wanted, Volume $total): array
    {
        if ($wanted->ratioValue() > $stock->ratioValue() || $stock->ratioValue() <= 0.0) {
            throw new InvalidQuantity(
                'Water cannot make a solution stronger than its stock.',
                'a wanted strength at or below the stock',
                'wanted',
            );
        }
        $concentrate = ($total->litresValue() * $wanted->ratioValue()) / $stock->ratioValue();

        return [Volume::litres($concentrate), Volume::litres($total->litresValue() - $concentrate)];
    }
}
