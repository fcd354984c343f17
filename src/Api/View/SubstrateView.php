<?php

declare(strict_types=1);

namespace App\Api\View;

/** A substrate and how to tell it. */
final readonly class SubstrateView
{
    /**
     * @param list<string> $families
     * @param array<int|string, list<string>> $signs question => answers that fit
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $tell,
        public string $hatch,
        public array $families,
        public array $signs,
    ) {}
}
