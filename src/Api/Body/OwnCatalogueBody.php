<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\Whole;

/** The text of a workshop's own catalogue, YAML; empty for none. */
final readonly class OwnCatalogueBody
{
    private const MOST = 200_000;

    /**
     * @param int|null $version the one that is changed; not asked for where it is only checked
     */
    public function __construct(
        #[Line(self::MOST, empty: true)] public string $text,
        #[Whole(1, Whole::VERSION)] public ?int $version = null,
    ) {}
}
