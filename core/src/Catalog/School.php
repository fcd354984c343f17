<?php

declare(strict_types=1);

namespace Hull\Catalog;

/**
 * A question restorers answer differently, with when each answer wins. The first answer open on a job is the default.
 */
final readonly class School
{
    /**
     * @param non-empty-array<int|string, SchoolAnswer> $answers
     * @param list<string> $families substrates it is asked for
     */
    public function __construct(
        public string $id,
        public string $question,
        public array $answers,
        public array $families,
    ) {}

    public function default(): string
    {
        return (string) array_key_first($this->answers);
    }
}
