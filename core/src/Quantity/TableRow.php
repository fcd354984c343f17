<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A figure of a table, by the name that is chosen or the number it stands at. */
final readonly class TableRow
{
    public function __construct(public string $id, public string $name, public string $hint, public Quantity $figure) {}
}
