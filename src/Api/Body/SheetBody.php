<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A product sheet in YAML or JSON. */
final readonly class SheetBody
{
    public function __construct(public string $text, public int $version) {}
}
