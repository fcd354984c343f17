<?php

declare(strict_types=1);

namespace App\Api\View;

/** One zone of a coat: when it was laid, when it opens and closes, when the next coat gets there. */
final readonly class ZoneView
{
    public function __construct(
        public string $laid,
        public ?string $opens,
        public ?string $closes,
        public ?string $reached = null,
    ) {}
}
