<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Which gallon is meant where nobody says: quarts, pints and fluid ounces go with it. */
enum Gallon: string
{
    case Us = 'us';
    case Imperial = 'imperial';

    /** Litres. */
    public function litres(): float
    {
        return self::Us === $this ? 3.785412 : 4.54609;
    }

    public function words(): string
    {
        return self::Us === $this ? 'US' : 'imperial';
    }
}
