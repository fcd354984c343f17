<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What is wanted of a part, by which film and by which schools; the route is planned again. */
final readonly class PlanWish
{
    /**
     * @param array<int|string, string> $schools answers to school questions; those not named stay
     * @param string|null $aim what is wanted; empty for what the survey makes likely, null to leave it
     * @param string|null $film the film system; empty for the one that fits best, null to leave it
     * @param list<LayerBody>|null $layers what is decided by hand about layers of the film; null to leave it
     */
    public function __construct(
        public array $schools = [],
        public ?string $aim = null,
        public ?string $film = null,
        public ?array $layers = null,
    ) {}
}
