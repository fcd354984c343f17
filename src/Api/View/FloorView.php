<?php

declare(strict_types=1);

namespace App\Api\View;

/** The floors of the yard over the days of its schedule. */
final readonly class FloorView
{
    /**
     * @param list<string> $days as 2026-05-04, today first
     * @param list<FloorPlaceView> $places
     * @param list<LiftView> $lifts
     * @param list<LiesView> $lies
     */
    public function __construct(public array $days, public array $places, public array $lifts, public array $lies) {}
}
