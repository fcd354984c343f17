<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A product class that lays no film: cleaners, strippers, baths, polishes, resins, abrasives. */
final readonly class Supply
{
    /**
     * @param list<string> $chemicals what it is to its neighbours, for the interlocks
     * @param list<string> $never     families of substrates it must not touch
     * @param list<string> $packs     sizes sold
     * @param list<string> $cautions
     * @param int          $price     minor units per litre, kilogram or piece
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $example,
        public string $kind,
        public string $use,
        public string $limits,
        public array $chemicals,
        public array $never,
        public float $density,
        public string $shelf,
        public array $packs,
        public int $price,
        public string $rate,
        public array $cautions,
        public string $source,
    ) {
    }
}
