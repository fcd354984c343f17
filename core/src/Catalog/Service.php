<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What a part has to stand up to, and which materials may be asked to. */
final readonly class Service
{
    /**
     * @param list<string> $families substrates it may be asked of; empty for all
     * @param list<string> $except families it may not be asked of
     * @param string $whyNot said for the others
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $families,
        public array $except,
        public string $whyNot,
    ) {}

    public function suits(Substrate $substrate): bool
    {
        return $substrate->isOf($this->families) && ([] === $this->except || !$substrate->isOf($this->except));
    }
}
