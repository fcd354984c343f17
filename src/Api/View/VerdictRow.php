<?php

declare(strict_types=1);

namespace App\Api\View;

/** What may go over one film on a material. */
final readonly class VerdictRow
{
    /** @param list<VerdictCell> $cells */
    public function __construct(public string $below, public array $cells) {}
}
