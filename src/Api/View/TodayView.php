<?php

declare(strict_types=1);

namespace App\Api\View;

/** What is curing, what opens or closes next, what to do now. */
final readonly class TodayView
{
    /**
     * @param list<TodayCard> $cards
     */
    public function __construct(public string $now, public array $cards) {}
}
