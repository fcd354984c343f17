<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\Whole;

/** A product sheet in YAML or JSON. */
final readonly class SheetBody
{
    private const MOST = 500_000;

    public function __construct(
        #[Line(self::MOST)] public string $text,
        #[Whole(1, Whole::VERSION)] public int $version,
    ) {}
}
