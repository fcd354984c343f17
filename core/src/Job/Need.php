<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Catalog\Product;
use Hull\Pack\Purchase;
use Hull\Quantity\Volume;

/** What a job still needs of one product, coat by coat, and the packs that cover it. */
final readonly class Need
{
    /** @param list<array{string, string, Volume}> $coats part id, step key, paint of that coat */
    public function __construct(public Product $product, public array $coats, public Volume $paint, public Volume $thinner, public Purchase $purchase)
    {
    }
}
