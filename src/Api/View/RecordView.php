<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What was really done, and what the surface is now. */
final readonly class RecordView
{
    /**
     * @param list<EntryView> $entries
     * @param list<FactView> $facts
     * @param list<LayerView> $layers
     * @param list<FindingView> $findings
     * @param list<StepLine> $steps
     * @param list<string|Message> $closing what of the strip-down register stands against the next step
     * @param bool $marked rain or dew reached a coat too soon, and nobody has looked yet
     */
    public function __construct(
        public string $partId,
        public string|Message $obstacle,
        public string $now,
        public string $substrate,
        public string $substrateHatch,
        public array $entries,
        public array $facts,
        public array $layers,
        public string $phaseWords,
        public array $findings,
        public array $steps,
        public Value $temperature,
        public Value $humidity,
        public string $airSource,
        public string $units,
        public string $jobId,
        public array $closing,
        public bool $marked,
    ) {}
}
