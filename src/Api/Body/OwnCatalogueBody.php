<?php

declare(strict_types=1);

namespace App\Api\Body;

/** The text of a workshop's own catalogue, YAML. */
final readonly class OwnCatalogueBody
{
    /** @param int|null $version the one that is changed; not asked for where it is only checked */
    public function __construct(public string $text, public ?int $version = null) {}
}
