<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a part may be made of, surest first. */
final readonly class TellingView
{
    /** @param list<Option> $materials */
    public function __construct(public array $materials) {}
}
