<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The order of work. */
final readonly class RouteView
{
    /**
     * @param list<StepView> $steps
     * @param list<FindingView> $findings
     * @param list<LayerView> $layers
     * @param list<SchoolChoice> $schools
     */
    public function __construct(
        public string $partId,
        public string $jobId,
        public int $number,
        public string $because,
        public string|Message $obstacle,
        public string $system,
        public string $systemWhy,
        public string $life,
        public string $substrate,
        public string $substrateHatch,
        public Value $area,
        public array $steps,
        public array $findings,
        public array $layers,
        public ?Value $build,
        public ?Value $handsOn,
        public ?Value $elapsed,
        public array $schools,
        public string $air,
    ) {}
}
