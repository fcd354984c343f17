<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A named option of a closed list: a service, a finish, a kind of place, a method. */
final readonly class Choice
{
    public function __construct(public string $id, public string $name, public string $hint) {}
}
