<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;

/** A size a material is sold in: a tin, a bag, a box, or a kit of both parts by what it makes when mixed. */
final readonly class Pack
{
    /** A small tin is dearer by the litre: price goes with size to this power (estimate). */
    private const BY_SIZE = 0.85;
    /** So many sizes are remembered. */
    private const KEPT = 255;

    public function __construct(public Quantity $size, public Money $price) {}

    /**
     * A size as a catalogue writes it, priced from the price of one litre, kilogram or piece.
     *
     * @throws InvalidQuantity for a text that is no size
     */
    public static function sold(string $size, int $minorEach): self
    {
        $read = self::size($size);

        return new self($read, Money::minor((int) round($minorEach * $read->value() ** self::BY_SIZE)));
    }

    /** "400 mL", "5 kg", "50 pcs", "25 m" or "5 m2". Catalogues have few sizes and ask for them again and again. */
    public static function size(string $text): Quantity
    {
        /** @var array<int|string, Quantity> $read */
        static $read = [];

        if (!isset($read[$text])) {
            $read = array_slice($read, -self::KEPT, null, true) + [$text => self::read($text)];
        }

        return $read[$text];
    }

    private static function read(string $text): Quantity
    {
        foreach ([Volume::class, Mass::class, Length::class, Area::class, Count::class] as $kind) {
            try {
                return $kind::parse($text);
            } catch (InvalidQuantity) {
                continue;
            }
        }
        throw new InvalidQuantity(
            sprintf('"%s" is not a pack size.', $text),
            'a size such as 400 mL, 5 kg, 50 pcs or 25 m',
        );
    }
}
