<?php

declare(strict_types=1);

namespace App\Api\View;

/** Where waste goes, and which steps leave it. */
final readonly class DisposalView
{
    /** @param list<string> $from */
    public function __construct(public string $where, public array $from) {}
}
