<?php

declare(strict_types=1);

namespace App\Api\View;

/** What can be begun now, and what of plan, weather and gear concerns today. */
final readonly class NextHourView
{
    /**
     * @param int $version of the plan it is read from; 0 where there is none
     * @param bool $hasParts there is something in the yard
     * @param list<NextView> $next best first
     * @param list<string> $outdated why the plan may no longer hold
     * @param int $moved how many things the latest plan put elsewhere than the one before
     * @param string $note why it was made
     * @param list<PlaceMatters> $places
     * @param list<string> $wear for what is planned today
     * @param list<string> $mind
     */
    public function __construct(
        public int $version,
        public bool $hasParts,
        public array $next,
        public array $outdated,
        public int $moved,
        public string $note,
        public array $places,
        public array $wear,
        public array $mind,
    ) {}
}
