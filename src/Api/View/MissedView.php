<?php

declare(strict_types=1);

namespace App\Api\View;

/** A part that is not done when it is due. */
final readonly class MissedView
{
    /** @param ?string $end when it is done; null where it has no room at all */
    public function __construct(public string $part, public string $due, public ?string $end) {}
}
