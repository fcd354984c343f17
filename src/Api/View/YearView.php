<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** When in a usual year what is left of a part can be closed, the part alone. */
final readonly class YearView
{
    /**
     * @param string|Message $says that in a sentence, or why nothing is planned
     * @param list<HalfView> $halves from the half of the month that is running, for a year
     * @param string $climate whose usual year that is
     * @param string|null $until day before which it is to be begun, or it waits; null where nothing closes
     * @param string|null $from day from which it can be begun, where it cannot now
     * @param int $urgency what wants somebody sooner has the lower number: what never finds its hours, then by the day
     */
    public function __construct(
        public string $part,
        public string|Message $says,
        public array $halves,
        public string $climate,
        public ?string $until,
        public ?string $from,
        public int $urgency,
    ) {}
}
