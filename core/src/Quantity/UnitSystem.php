<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** How quantities are shown; typed input may always use either. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
}
