<?php

declare(strict_types=1);

namespace App\Answer;

/**
 * What this answers is kept for as long as nothing of the yard changes, and answered again without working it out. It
 * depends on nothing but the yard, who asks, the address, and the time of day down to so many seconds.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Lasts
{
    /** @param int $seconds after which the time of day alone makes another answer */
    public function __construct(public int $seconds = 60) {}
}
