<?php

declare(strict_types=1);

namespace Hull\Area;

/** How much more surface a shape has than its plain outline; typical factors. */
enum Complexity: string
{
    case Plain = 'plain';
    case Ribbed = 'ribbed';
    case Sections = 'sections';
    case Lattice = 'lattice';

    public function factor(): float
    {
        return match ($this) {
            self::Plain => 1.0,
            self::Ribbed => 1.15,
            self::Sections => 1.3,
            self::Lattice => 1.6,
        };
    }
}
