<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Temperature;

/** How a part follows the air: first order, with a time constant by its mass for its area. */
final class PartLag
{
    public static function temperature(Temperature $part, Temperature $air, Duration $after, Duration $tau): Temperature
    {
        return Temperature::celsius($air->c() + ($part->c() - $air->c()) * exp(-$after->h() / self::tau($tau)));
    }

    /** Time until the part reaches a temperature between its own and the air's. */
    public static function timeTo(Temperature $part, Temperature $air, Temperature $wanted, Duration $tau): Duration
    {
        $whole = $air->c() - $part->c();
        $left = $air->c() - $wanted->c();
        if (0.0 === $whole || $left / $whole <= 0.0 || $left / $whole > 1.0) {
            throw new InvalidQuantity(
                'The part never reaches that temperature in this air.',
                'a temperature between the part and the air or oven',
                'wanted',
            );
        }

        return Duration::hours(-self::tau($tau) * log($left / $whole));
    }

    private static function tau(Duration $tau): float
    {
        return $tau->h() > 0.0
            ? $tau->h()
            : throw new InvalidQuantity('A time constant of zero means no lag.', 'a duration such as 15 min');
    }
}
