<?php

declare(strict_types=1);

namespace App\Api\View;

/** What the log line led to. */
final readonly class LogAnswer
{
    /**
     * @param list<string> $gained
     */
    public function __construct(public string $entryId, public array $gained, public string $because) {}
}
