<?php

declare(strict_types=1);

namespace Hull\Effort;

use Hull\Film\Method;
use Hull\Quantity\Area;

/** Minutes for one coat by method; typical, the yard's own log replaces them. */
final class CoatHours
{
    /** Open frames and lattice by brush take so many times as long, at least and at most. */
    private const FRAMES = [2.0, 3.0];
    private const OVERHEAD = 1.5;
    private const FIRST_ON_ROUGH = 1.5;

    public static function of(Method $method, Area $area, bool $frames, bool $overhead, bool $firstOnRough): HandsOn
    {
        $pace = $method->pace ?? throw new \LogicException('No pace is known of ' . $method->id . '.');
        $times = $area->m2() * ($overhead ? self::OVERHEAD : 1.0) * ($firstOnRough ? self::FIRST_ON_ROUGH : 1.0);
        [$fewer, $more] = $frames ? self::FRAMES : [1.0, 1.0];

        return HandsOn::minutes($pace->least * $fewer * $times, $pace->most * $more * $times, $pace->setUp);
    }
}
