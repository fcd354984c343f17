<?php

declare(strict_types=1);

namespace App\Api\View;

/** What breaks when work is put elsewhere. */
final readonly class TryView
{
    /** @param list<BreakView> $breaks */
    public function __construct(
        public array $breaks,
    ) {
    }
}
