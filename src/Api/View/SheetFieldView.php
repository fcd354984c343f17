<?php

declare(strict_types=1);

namespace App\Api\View;

/** A figure that a sheet gives. */
final readonly class SheetFieldView
{
    public function __construct(public string $field, public string $given) {}
}
