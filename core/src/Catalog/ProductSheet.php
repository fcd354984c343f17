<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Cure\CureRows;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Temperature;

/**
 * What the sheet of a tin says, field by field, in place of the typical figures of its class.
 *
 * What the sheet leaves out stays typical, so that a half-filled sheet is of use; which fields it gave is kept.
 */
final readonly class ProductSheet
{
    /** Fields of a product that a sheet may give. */
    public const FIELDS = [
        'ratio',
        'ratio_by',
        'other_ratio',
        'solids',
        'dft',
        'density',
        'pot_life',
        'induction',
        'thin_after_induction',
        'tolerance',
        'cure',
        'climate',
        'abrade_with',
        'shelf',
        'packs',
        'price',
        'voc',
        'notes',
    ];
    private const HEAD = ['class', 'name', 'source'];

    /** @param array<int|string, mixed> $fields */
    private function __construct(
        public string $class,
        public string $name,
        public string $source,
        public array $fields,
    ) {}

    /**
     * @param list<string> $products known ids
     *
     * @throws InvalidInput for an unknown class or field
     */
    public static function read(mixed $given, array $products): self
    {
        $node = Node::root($given)->only([...self::HEAD, ...self::FIELDS]);
        $fields = array_map(
            static fn(Node $n): mixed => $n->value,
            array_diff_key($node->fields(), array_flip(self::HEAD)),
        );
        if ([] === $fields) {
            throw new InvalidInput('', 'The sheet gives no figure.', 'one or more of: ' . implode(', ', self::FIELDS));
        }

        return new self(
            $node->field('class')->choice($products),
            $node->field('name')->text(120),
            $node->field('source')->text(200),
            $fields,
        );
    }

    /** @return array<int|string, mixed> as it was read */
    public function written(): array
    {
        return ['class' => $this->class, 'name' => $this->name, 'source' => $this->source, ...$this->fields];
    }

    /**
     * One row of an event takes the slope of its class: the other rows of the class, by as much as this one differs.
     *
     * @param array<array-key, mixed> $class event => rows of the class
     * @param array<array-key, mixed> $given event => rows of the sheet
     *
     * @return array<array-key, mixed>
     */
    private static function sloped(array $class, array $given): array
    {
        foreach ($given as $event => $rows) {
            $typical = $class[$event] ?? null;
            if (!is_array($rows) || 1 !== count($rows) || !is_array($typical) || count($typical) < 2) {
                continue;
            }
            $celsius = (string) array_key_first($rows);
            $hours = $rows[$celsius] ?? null;
            $there = CureRows::of(array_map(floatval(...), array_filter($typical, is_numeric(...))))
                ->hoursAt(Temperature::celsius((float) $celsius))
                ?->h();
            if (is_numeric($hours) && null !== $there && is_numeric($celsius)) {
                $scaled = array_map(
                    static fn(int|float|string $h): float => round(((float) $h * (float) $hours) / $there, 3),
                    array_filter($typical, is_numeric(...)),
                );
                $given[$event] = array_replace($scaled, $rows);
            }
        }

        return $given;
    }

    /**
     * The entry of its class with the figures of the sheet in it; a map is filled in field by field, all else replaced.
     *
     * @param array<array-key, mixed> $entry
     *
     * @return array<array-key, mixed>
     */
    public function over(array $entry): array
    {
        $entry['example'] = $this->name;
        $entry['sheet'] = array_keys($this->fields);
        foreach ($this->fields as $field => $value) {
            $was = $entry[$field] ?? null;
            $entry[$field] =
                is_array($was) && is_array($value) && !array_is_list($value)
                    ? array_replace($was, 'cure' === $field ? self::sloped($was, $value) : $value)
                    : $value;
        }
        if (isset($this->fields['ratio']) && !isset($this->fields['other_ratio'])) {
            unset($entry['other_ratio']);
        }

        return $entry;
    }
}
