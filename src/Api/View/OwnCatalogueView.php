<?php

declare(strict_types=1);

namespace App\Api\View;

/** A workshop's own catalogue: its text, what is wrong in it, an example to begin with. */
final readonly class OwnCatalogueView
{
    /** @param list<LineErrorView> $errors */
    public function __construct(
        public int $version,
        public string $text,
        public array $errors,
        public string $example,
    ) {}
}
