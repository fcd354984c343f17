<?php

declare(strict_types=1);

namespace App\Api\View;

/** An answer to a school question, and what speaks for and against it on this part. */
final readonly class SchoolOption
{
    /**
     * @param list<string> $for
     * @param list<string> $against
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public bool $chosen,
        public array $for,
        public array $against,
    ) {}
}
