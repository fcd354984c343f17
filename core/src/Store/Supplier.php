<?php

declare(strict_types=1);

namespace Hull\Store;

/** Where things are bought, and how long they take to come. */
final readonly class Supplier
{
    public const PAINT = 'paint';
    public const CHEMICALS = 'chemicals';
    public const CONSUMABLES = 'consumables';
    public const KINDS = [self::PAINT, self::CHEMICALS, self::CONSUMABLES];

    /** @param list<string> $sells kinds of goods */
    public function __construct(public string $name, public int $leadDays, public array $sells) {}

    /**
     * @param list<self> $suppliers in order of preference
     */
    public static function of(array $suppliers, string $kind): ?self
    {
        foreach ($suppliers as $supplier) {
            if (in_array($kind, $supplier->sells, true)) {
                return $supplier;
            }
        }

        return null;
    }
}
