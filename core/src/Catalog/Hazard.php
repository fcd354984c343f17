<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A hazard of a place. */
final readonly class Hazard
{
    /** @param string $fact what is true of every part that stands there */
    public function __construct(public string $id, public string $name, public string $hint, public string $fact) {}
}
