<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What a part is made of. */
final readonly class Substrate
{
    /** @param list<string> $families */
    public function __construct(public string $id, public string $name, public array $families, public string $tell, public string $hatch)
    {
    }
}
