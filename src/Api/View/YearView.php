<?php

declare(strict_types=1);

namespace App\Api\View;

/** When in a usual year what is left of a part can be closed, the part alone. */
final readonly class YearView
{
    /**
     * @param string $says that in a sentence, or why nothing is planned
     * @param list<HalfView> $halves from the half of the month that is running, for a year
     * @param string $climate whose usual year that is
     */
    public function __construct(
        public string $part,
        public string $says,
        public array $halves,
        public string $climate,
    ) {}
}
