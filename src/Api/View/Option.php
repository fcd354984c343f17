<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Film\Methods;
use Hull\Quantity\Table;
use Hull\Quantity\TableRow;

/** An option of a closed list. */
final readonly class Option
{
    public function __construct(public string $id, public string $name, public string $hint) {}

    /** @return list<self> the rows of a table, to choose from */
    public static function ofRows(Table $table): array
    {
        return array_values(
            array_map(static fn(TableRow $r): self => new self($r->id, $r->name, $r->hint), $table->rows),
        );
    }

    /** @return list<self> the ways of putting paint on that a part can have */
    public static function ofMethods(Methods $methods): array
    {
        return array_map(static function (string $id) use ($methods): self {
            $method = $methods->get($id);

            return new self($method->id, $method->name, $method->hint);
        }, $methods->offered());
    }
}
