<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The recoat window of a coat on the axis of time. */
final readonly class WindowBand
{
    public function __construct(
        public string $stepKey,
        public string $name,
        public string|Message $coat,
        public string $laidAt,
        public ?string $touchAt,
        public ?string $opensAt,
        public ?string $closesAt,
        public ?string $againAt,
        public ?string $fullAt,
        public bool $planned,
        public string $phase,
        public string $phaseWords,
    ) {}
}
