<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Why a part has no hour, and what would give it one. */
final readonly class HelpView
{
    /**
     * @param string|Message $says what is against it with the part alone; empty where it has room by itself
     * @param list<RemedyView> $remedies tried, soonest done first
     * @param string|Message|null $season from when on it has its hour in a usual year, in words
     * @param string $climate whose usual year that is
     */
    public function __construct(
        public string $part,
        public string|Message $says,
        public array $remedies,
        public string|Message|null $season,
        public string $climate,
    ) {}
}
