<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a typed quantity was read as, or why it was not read: then the text is empty. */
final readonly class UnderstoodView
{
    public function __construct(
        public string $text,
        public string $other,
        public string $note,
        public float $value,
        public string $unit,
        public string $refusal,
    ) {}
}
