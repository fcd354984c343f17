<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Limits;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;
use Hull\Surface\Shelf;

/** A product class that lays no film: cleaners, strippers, baths, polishes, resins, abrasives. */
final readonly class Supply
{
    /** Rates that are no amount by area or by litre of bath. */
    public const RATES = ['by disc life', 'to cover', 'by the glass'];

    /**
     * @param list<string> $chemicals what it is to its neighbours, for the interlocks
     * @param list<string> $never families of substrates it must not touch
     * @param list<string> $packs sizes sold
     * @param list<string> $cautions
     * @param int $price minor units per litre, kilogram or piece
     * @param bool $free nobody buys it, such as water
     * @param Limits|null $air in which it is worked; null for any
     * @param float $airHours so long after it the air must stay so, and rain away
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
        public Shelf $shelf,
        public array $packs,
        public int $price,
        public string $rate,
        public array $cautions,
        public string $source,
        public bool $free = false,
        public ?Limits $air = null,
        public float $airHours = 0.0,
    ) {}

    /** What a square metre takes, in the measure it is sold in; null where its rate is not by area. */
    public function perM2(): Volume|Mass|null
    {
        $byMass = 1 === preg_match('/kg$/', $this->packs[0] ?? '');
        foreach ([VolumePerArea::class, MassPerArea::class] as $kind) {
            try {
                $rate = $kind::parse($this->rate);
            } catch (InvalidQuantity) {
                continue;
            }
            $litres = $rate instanceof VolumePerArea ? $rate->value() : $rate->gPerM2() / 1000.0 / $this->density;

            return $byMass ? Mass::kilograms($litres * $this->density) : Volume::litres($litres);
        }

        return null;
    }
}
