<?php

declare(strict_types=1);

namespace Hull\Effort;

use Hull\Quantity\Area;

/** Minutes for one coat by method; typical, the yard's own log replaces them. */
final class CoatHours
{
    /** Method => minutes a square metre (least, most), minutes of set-up and clean-up for a product and session. */
    private const METHODS = [
        'brush' => [6.0, 10.0, 10.0],
        'roller' => [4.0, 6.0, 15.0],
        'roll-and-tip' => [6.0, 8.0, 15.0],
        'hvlp' => [2.0, 3.0, 38.0],
        'conventional' => [1.5, 2.5, 38.0],
        'liner-gun' => [2.0, 2.0, 38.0],
        'airless' => [0.5, 1.0, 45.0],
        'aerosol' => [3.0, 5.0, 5.0],
        'cavity-wand' => [3.0, 3.0, 10.0],
    ];
    /** Open frames and lattice by brush take so many times as long, at least and at most. */
    private const FRAMES = [2.0, 3.0];
    private const OVERHEAD = 1.5;
    private const FIRST_ON_ROUGH = 1.5;

    /** @return non-empty-list<string> */
    public static function methods(): array
    {
        return array_keys(self::METHODS);
    }

    /** @param string $method one of methods() */
    public static function of(string $method, Area $area, bool $frames, bool $overhead, bool $firstOnRough): HandsOn
    {
        [$least, $most, $setUp] = self::METHODS[$method] ?? throw new \LogicException('No method ' . $method . '.');
        $times = $area->m2() * ($overhead ? self::OVERHEAD : 1.0) * ($firstOnRough ? self::FIRST_ON_ROUGH : 1.0);
        [$fewer, $more] = $frames ? self::FRAMES : [1.0, 1.0];

        return HandsOn::minutes($least * $fewer * $times, $most * $more * $times, $setUp);
    }
}
