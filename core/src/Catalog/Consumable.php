<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Quantity\Count;
use Hull\Quantity\Length;
use Hull\Quantity\Volume;

/** What goes into the bin by the way: towels, tape, cups, strainers, brushes, gloves. */
final readonly class Consumable
{
    /**
     * @param list<string> $stepTags steps that take it
     * @param list<string> $methods ways of putting paint on that take it; empty for all
     * @param string $unit pc, m or L
     * @param bool $cleaner stands for the cleaner that the product at hand is cleaned up with
     * @param list<string> $packs sizes sold
     * @param int $price minor units a piece or metre
     * @param list<string> $masks what of Covering::BY it covers with
     * @param Length|null $width of a tape or film
     * @param float|null $staysH hours it may stay on, indoors; null where it does not matter
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $stepTags,
        public array $methods,
        public float $perStep,
        public float $perM2,
        public float $perHour,
        public float $perBatch,
        public string $unit,
        public array $packs,
        public int $price,
        public string $note,
        public bool $cleaner,
        public array $masks = [],
        public ?Length $width = null,
        public ?float $staysH = null,
    ) {}

    /** @param float $m2 area worked, @param float $hours at the bench, @param float $batches mixed */
    public function used(float $m2, float $hours, float $batches): float
    {
        return $this->perStep + $this->perM2 * $m2 + $this->perHour * $hours + $this->perBatch * $batches;
    }

    public function amount(float $used): Count|Length|Volume
    {
        return match ($this->unit) {
            'm' => Length::metres($used),
            'L' => Volume::litres($used),
            default => Count::of($used),
        };
    }
}
