<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** One piece of work in the schedule. */
final readonly class PlannedView
{
    /**
     * @param string $dry until then a film is wet
     * @param list<string> $who
     * @param string $kind of what keeps it from beginning earlier
     * @param ?string $other the work that is about
     * @param ?string $from it may begin from then on, by what comes before it
     * @param ?string $until up to then, by the window of the film or metal below; null where nothing closes
     * @param ?Value $rework abrading, because a window is missed
     * @param list<string> $with what is put on, where its name does not say so, and gear that is taken
     * @param ?string $row id of the work that its row begins with: one part after the other goes through it; null where
     *                     it stands alone or begins one
     * @param list<string|Message> $hangs what it hangs on: what breaks if it comes colder or warmer than forecast
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string $place,
        public string $start,
        public string $end,
        public string $dry,
        public array $who,
        public string|Message $why,
        public string $kind,
        public ?string $other,
        public Value $slack,
        public bool $critical,
        public ?Value $rework,
        public bool $setUp,
        public bool $coat,
        public bool $fixed,
        public ?string $from,
        public ?string $until,
        public array $with,
        public array $hangs,
        public ?string $row,
    ) {}
}
