<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** One action of the job, on one lane or on several at once. */
final readonly class ActionView
{
    /**
     * @param list<string> $lanes
     * @param string $moves off where parts are taken off what carries them, on where they go back; else empty
     * @param list<string|Message> $after what of other parts had to come first, in words
     */
    public function __construct(
        public string $step,
        public string $name,
        public string $phase,
        public string $place,
        public array $lanes,
        public Value $handsOn,
        public ?Value $saved,
        public bool $isWait,
        public string $moves,
        public array $after,
    ) {}
}
