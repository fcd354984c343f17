<?php

declare(strict_types=1);

namespace App\Api\View;

/** Two whole routes side by side. */
final readonly class BesideView
{
    /**
     * @param list<BesideRow> $rows
     * @param list<string> $for
     * @param list<string> $against
     */
    public function __construct(
        public WayView $left,
        public WayView $right,
        public array $rows,
        public array $for,
        public array $against,
    ) {}
}
