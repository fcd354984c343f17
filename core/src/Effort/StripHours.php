<?php

declare(strict_types=1);

namespace Hull\Effort;

use Hull\Quantity\Area;

/** Minutes to bright metal by what comes off; typical, the yard's own log replaces them. */
final class StripHours
{
    public const WAYS = ['discs', 'small blaster', 'contractor'];
    /** What comes off => minutes a square metre with discs, least and most. */
    private const DISCS = [
        'light rust' => [15.0, 20.0],
        'scale' => [45.0, 45.0],
        'pitted' => [60.0, 90.0],
        'sound paint' => [20.0, 40.0],
    ];
    /** Blasting goes by the machine, whatever comes off: minutes a square metre, and to set up and sweep. */
    private const BLASTED = ['small blaster' => [30.0, 60.0, 30.0], 'contractor' => [8.0, 8.0, 60.0]];
    private const DISCS_SET_UP = 10.0;

    /** @return non-empty-list<string> */
    public static function kinds(): array
    {
        return array_keys(self::DISCS);
    }

    /**
     * @param string $off one of kinds()
     * @param string $way one of WAYS
     */
    public static function of(string $off, string $way, Area $area): HandsOn
    {
        [$least, $most] = self::DISCS[$off] ?? throw new \LogicException('Nothing is known of ' . $off . '.');
        [$least, $most, $setUp] = self::BLASTED[$way] ?? [$least, $most, self::DISCS_SET_UP];

        return HandsOn::minutes($least * $area->m2(), $most * $area->m2(), $setUp);
    }
}
