<?php

declare(strict_types=1);

namespace App\Api\View;

/** The secret address of the calendar. */
final readonly class CalendarView
{
    public function __construct(public ?string $address) {}
}
