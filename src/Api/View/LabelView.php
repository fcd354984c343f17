<?php

declare(strict_types=1);

namespace App\Api\View;

/** What the square on a label opens. */
final readonly class LabelView
{
    public function __construct(public string $jobId, public int $number) {}
}
