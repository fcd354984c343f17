<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A part as it matters today. */
final readonly class TodayCard
{
    /**
     * @param list<string|Message> $closing what of the strip-down register stands against the next step
     * @param bool $marked rain or dew reached a coat too soon, and nobody has looked yet
     */
    public function __construct(
        public string $partId,
        public string $part,
        public string $job,
        public string $place,
        public string $air,
        public Value $dewMargin,
        public bool $mayCoat,
        public string $doing,
        public string $next,
        public string $nextHow,
        public ?WindowBand $window,
        public string $urgency,
        public string|Message $message,
        public array $closing,
        public bool $marked,
    ) {}
}
