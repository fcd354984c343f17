<?php

declare(strict_types=1);

namespace App\Format;

/** An error (RFC 9457). Errors in a body carry a JSON pointer and what would be accepted. */
final readonly class ProblemDocument
{
    /** @param list<ProblemError> $errors */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array $errors = [],
    ) {}
}
