<?php

declare(strict_types=1);

namespace App\Api\View;

/** A school as answered for this part and what another answer would change. */
final readonly class SchoolChoice
{
    /**
     * @param list<SchoolOption> $options
     */
    public function __construct(
        public string $id,
        public string $question,
        public string $answer,
        public array $options,
    ) {}
}
