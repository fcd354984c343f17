<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a film stands, and from when on. */
final readonly class ReadyView
{
    /** @param bool $estimate the sheet does not say; a share of full cure */
    public function __construct(public string $what, public ?string $at, public bool $estimate) {}
}
