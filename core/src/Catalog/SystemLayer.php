<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\Product;

/** So many coats of one product in a film system. */
final readonly class SystemLayer
{
    public function __construct(public Product $product, public int $coats, public string $role) {}
}
