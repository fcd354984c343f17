<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Compute\Result;
use Hull\Mix\Proportions;
use Hull\Quantity\Mass;
use Hull\Surface\Product;

/**
 * Everything worked out for one coat of a route: paint, wet film, one batch, pot life, clocks. Null where it does not
 * apply or does not cure here.
 */
final readonly class CoatSheet
{
    /**
     * @param Result|null $mix parts of a batch; null when the sheet leaves them open
     * @param array<int|string, Mass> $readings of one scale after each part, never taring; empty without densities
     * @param Result|null $dose error of the smallest part on the scale
     * @param Result|null $smallest batch that the scale doses within the tolerance
     * @param Result|null $fan passes and pace, where it is sprayed
     * @param Result|null $can area of one can, for an aerosol
     * @param array<int|string, Result|null> $cure by event: touch, recoatMin, recoatMax, full
     */
    public function __construct(
        public string $stepKey,
        public Product $product,
        public int $coat,
        public Proportions $proportions,
        public Result $loss,
        public Result $quantity,
        public Result $wet,
        public Result $coverage,
        public ?Result $mix,
        public array $readings,
        public ?Result $dose,
        public ?Result $smallest,
        public ?Result $potLife,
        public Result $batches,
        public Result $coatTime,
        public ?Result $fan,
        public ?Result $can,
        public Result $waste,
        public Result $gate,
        public array $cure,
    ) {}
}
