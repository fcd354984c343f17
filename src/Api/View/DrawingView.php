<?php

declare(strict_types=1);

namespace App\Api\View;

/** What the work looks like. */
final readonly class DrawingView
{
    /**
     * @param list<MarkView> $marks
     */
    public function __construct(public float $ratio, public string $caption, public array $marks) {}
}
