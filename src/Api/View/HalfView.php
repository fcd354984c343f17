<?php

declare(strict_types=1);

namespace App\Api\View;

/** Half a month of a usual year. */
final readonly class HalfView
{
    /**
     * @param string $from its first day
     * @param bool $open begun then everything finds its hours
     * @param string|null $finish the day on which it is done then
     */
    public function __construct(public string $from, public bool $open, public ?string $finish) {}
}
