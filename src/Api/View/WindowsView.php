<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** When each film lets you in. */
final readonly class WindowsView
{
    /**
     * @param list<WindowBand> $bands
     * @param list<CoatCard> $cards
     * @param list<string|Message> $gateWarnings
     * @param list<FindingView> $findings
     * @param PlaceHours $air of its place
     * @param ?NextCoatView $next when the next coat may begin
     */
    public function __construct(
        public string $partId,
        public string|Message $obstacle,
        public string $now,
        public array $bands,
        public array $cards,
        public PlaceView $place,
        public Value $dewMargin,
        public bool $mayCoat,
        public array $gateWarnings,
        public string $airSource,
        public array $findings,
        public PlaceHours $air,
        public ?NextCoatView $next,
    ) {}
}
