<?php

declare(strict_types=1);

namespace App\Api\Body;

/** The text of a workshop's own catalogue, YAML. */
final readonly class OwnCatalogueBody
{
    public function __construct(public string $text)
    {
    }
}
