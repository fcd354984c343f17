<?php

declare(strict_types=1);

namespace App\Api\View;

/** What is bought at one place, and when it is here if ordered now. */
final readonly class OrderView
{
    /**
     * @param list<string> $lines
     */
    public function __construct(
        public string $seller,
        public string $here,
        public array $lines,
        public string $price,
    ) {}
}
