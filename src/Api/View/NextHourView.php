<?php

declare(strict_types=1);

namespace App\Api\View;

/** What can be begun now. */
final readonly class NextHourView
{
    /**
     * @param int $version of the plan it is read from; 0 where there is none
     * @param list<NextView> $next best first
     */
    public function __construct(public int $version, public array $next) {}
}
