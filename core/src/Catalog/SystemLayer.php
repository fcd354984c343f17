<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\Product;

/** So many coats of one product in a film system. */
final readonly class SystemLayer
{
    /**
     * @param string $colour as wished on the part; the catalogue says none
     * @param string $of id of the product the catalogue lays there, where another was wished; else empty
     */
    public function __construct(
        public Product $product,
        public int $coats,
        public string $role,
        public string $colour = '',
        public string $of = '',
    ) {}

    /** The product that the catalogue lays there. */
    public function original(): string
    {
        return '' === $this->of ? $this->product->id : $this->of;
    }
}
