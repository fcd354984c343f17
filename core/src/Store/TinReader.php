<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Catalog\Catalogue;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Pack\Pack;
use Hull\Quantity\Count;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;

/** Reads tins as they come in: from a form, from a row of a table. */
final readonly class TinReader
{
    public const FIELDS = ['material', 'batch', 'size', 'count', 'received', 'label', 'cabinet', 'price', 'colour'];
    public const REQUIRED = ['material', 'size'];
    private const MOST_TINS = 200;
    private const SIZE = 'a size in litres, kilograms or pieces such as 2.5 L, 400 mL, 5 kg or 50 pcs';

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param Node $n a count as number or text, dates as 2026-11-23
     *
     * @return list<Tin> as many as the count says, each its own tin; without an id yet
     */
    public function tins(Node $n, \DateTimeImmutable $today): array
    {
        $n->only(self::FIELDS);
        $material = $n
            ->field('material')
            ->choice([...Keys::of($this->catalogue->products), ...Keys::of($this->catalogue->supplies)]);
        $count = $n->optional('count');
        $number =
            null === $count
                ? 1
                : $count
                    ->holding(is_numeric($count->value) ? (int) $count->value : $count->value)
                    ->integer(1, self::MOST_TINS);
        $received = self::day($n->optional('received')) ?? $today;
        $label = self::day($n->optional('label'));
        if ($received > $today->modify('+1 day')) {
            throw $n->field('received')->refuse('This is in the future.', 'a day up to today');
        }
        $price = $n->optional('price');
        $tin = new Tin(
            id: '',
            material: $material,
            batch: Node::remark($n->optional('batch'), 60),
            size: self::size($n->field('size')),
            received: $received,
            label: $label,
            cabinet: Node::remark($n->optional('cabinet'), 60),
            price: null === $price || '' === $price->value ? null : $price->money(),
            colour: Node::remark($n->optional('colour'), 60),
        );

        return array_fill(0, $number, $tin);
    }

    private static function size(Node $n): Quantity
    {
        try {
            $size = Pack::size($n->text(40));
        } catch (InvalidQuantity) {
            throw $n->refuse(sprintf('"%s" is not a size.', $n->text(40)), self::SIZE);
        }
        if (!($size instanceof Volume || $size instanceof Mass || $size instanceof Count) || $size->value() <= 0.0) {
            throw $n->refuse('That is not how much is in a tin.', self::SIZE);
        }

        return $size;
    }

    private static function day(?Node $n): ?\DateTimeImmutable
    {
        return null === $n || '' === $n->value ? null : new \DateTimeImmutable($n->day(), new \DateTimeZone('UTC'));
    }
}
