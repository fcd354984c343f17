<?php

declare(strict_types=1);

namespace Hull\Effort;

use Hull\Quantity\Area;

/** Minutes to bright metal by what comes off. */
final class StripHours
{
    /** @param string $off name of a row of the pace; what it does not know goes by its last row */
    public static function of(Pace $pace, string $off, Area $area): HandsOn
    {
        $row = $pace->row($off);

        return HandsOn::minutes($row->least * $area->m2(), $row->most * $area->m2(), $pace->setUp);
    }
}
