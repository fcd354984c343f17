<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Product;
use Hull\Compute\Result;

/** Everything worked out for one coat of a route: paint, wet film, one batch, pot life, clocks. Null where the film does not cure here. */
final readonly class CoatSheet
{
    /** @param array<string, Result|null> $cure by event: touch, recoatMin, recoatMax, full */
    public function __construct(
        public string $stepKey,
        public Product $product,
        public int $coat,
        public Result $loss,
        public Result $quantity,
        public Result $wet,
        public Result $coverage,
        public Result $mix,
        public ?Result $potLife,
        public Result $batches,
        public Result $gate,
        public array $cure,
    ) {
    }
}
