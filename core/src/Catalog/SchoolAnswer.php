<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** One answer to a school question, and when it wins. */
final readonly class SchoolAnswer
{
    /**
     * @param list<Argument> $arguments
     * @param array<int|string, float|string|list<string>> $onlyWhen otherwise the answer is not open on the part
     * @param array<int|string, float|string|list<string>> $defaultWhen otherwise it is not the default there
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $arguments,
        public array $onlyWhen,
        public array $defaultWhen,
    ) {}
}
