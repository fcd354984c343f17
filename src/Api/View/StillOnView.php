<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part that should have come off before its carrier was worked. */
final readonly class StillOnView
{
    /**
     * @param string $says what is wrong, in a sentence
     * @param string $off key of the step that takes it off
     */
    public function __construct(public string $partId, public string $name, public string $says, public string $off) {}
}
