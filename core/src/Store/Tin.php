<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Quantity\Money;
use Hull\Quantity\Quantity;
use Hull\Surface\Shade;

/** A tin, can, bag or kit in the store, with the batch it came from. */
final readonly class Tin
{
    /**
     * @param string $material id of a product or a supply
     * @param \DateTimeImmutable|null $label last day by its label; the shelf life of its class counts where there is
     *                                       none
     * @param string $cabinet where it stands
     * @param Money|null $price what it cost
     * @param string $colour of what is in it; empty where it has none or none was said
     */
    public function __construct(
        public string $id,
        public string $material,
        public string $batch,
        public Quantity $size,
        public \DateTimeImmutable $received,
        public ?\DateTimeImmutable $label,
        public string $cabinet,
        public ?Money $price = null,
        public string $colour = '',
    ) {}

    public function shade(): Shade
    {
        return new Shade($this->material, $this->colour);
    }
}
