<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Money;
use Hull\Quantity\Volume;

/** A size a product is sold in: a tin, or a kit of both parts by what it makes when mixed. */
final readonly class Pack
{
    public function __construct(public Volume $size, public Money $price)
    {
    }
}
