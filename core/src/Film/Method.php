<?php

declare(strict_types=1);

namespace Hull\Film;

use Hull\Quantity\Length;
use Hull\Quantity\Percentage;
use Hull\Quantity\Speed;

/** A way of putting paint on, with the typical figures of the trade for it. */
final readonly class Method
{
    /** Tag of products that come in a spray can and go on in no other way. */
    private const CAN = 'aerosol';

    /**
     * @param float|null $lossPoints paint that never reaches a plain part indoors, per cent; null where it is not known
     * @param array{Length, Percentage, Speed}|null $fan width, overlap and speed of a practised hand; null where
     *                                                   nothing is sprayed
     * @param MethodPace|null $pace null where it is not known
     * @param list<string> $gear ids of the gear it wants
     * @param list<string> $lays tags of the products it lays; empty for all that no can holds
     * @param bool $offered a part can be painted by it; others are only for one's figures
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public ?float $lossPoints,
        public ?array $fan,
        public ?MethodPace $pace,
        public array $gear,
        public array $lays,
        public bool $offered,
    ) {}

    /** @param list<string> $productTags */
    public function suits(array $productTags): bool
    {
        return [] === $this->lays
            ? !in_array(self::CAN, $productTags, true)
            : [] !== array_intersect($this->lays, $productTags);
    }

    /** Outdoors the wind carries it off. */
    public function isSprayed(): bool
    {
        return null !== $this->fan;
    }
}
