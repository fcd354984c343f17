<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A part that should have come off before its carrier was worked. */
final readonly class StillOnView
{
    /**
     * @param string|Message $says what is wrong, in a sentence
     * @param string $off key of the step that takes it off
     */
    public function __construct(
        public string $partId,
        public string $name,
        public string|Message $says,
        public string $off,
    ) {}
}
