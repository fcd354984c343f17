<?php

declare(strict_types=1);

namespace Hull\Surface;

/** A texture that a product can be laid in: what it is called, and the product as it then lies. */
final readonly class Texture
{
    /** @param Product $product with the dry film of this texture, its hills and valleys levelled out */
    public function __construct(public string $id, public string $name, public Product $product) {}
}
