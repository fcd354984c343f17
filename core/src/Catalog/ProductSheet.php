<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\InvalidInput;
use Hull\Input\Node;

/**
 * What the sheet of a tin says, field by field, in place of the typical figures of its class.
 *
 * What the sheet leaves out stays typical, so that a half-filled sheet is of use; which fields it gave is kept.
 */
final readonly class ProductSheet
{
    /** Fields of a product that a sheet may give. */
    public const FIELDS = ['ratio', 'ratio_by', 'other_ratio', 'solids', 'dft', 'density', 'pot_life', 'induction', 'thin_after_induction', 'tolerance', 'cure', 'climate', 'abrade_with', 'shelf', 'packs', 'price', 'voc', 'notes'];
    private const HEAD = ['class', 'name', 'source'];

    /** @param array<int|string, mixed> $fields */
    private function __construct(public string $class, public string $name, public string $source, public array $fields)
    {
    }

    /**
     * @param list<string> $products known ids
     *
     * @throws InvalidInput for an unknown class or field
     */
    public static function read(mixed $given, array $products): self
    {
        $node = Node::root($given)->only([...self::HEAD, ...self::FIELDS]);
        $fields = array_map(static fn (Node $n): mixed => $n->value, array_diff_key($node->fields(), array_flip(self::HEAD)));
        if ([] === $fields) {
            throw new InvalidInput('', 'The sheet gives no figure.', 'one or more of: '.implode(', ', self::FIELDS));
        }

        return new self($node->field('class')->choice($products), $node->field('name')->text(120), $node->field('source')->text(200), $fields);
    }

    /** @return array<int|string, mixed> as it was read */
    public function written(): array
    {
        return ['class' => $this->class, 'name' => $this->name, 'source' => $this->source, ...$this->fields];
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
            $entry[$field] = is_array($was) && is_array($value) && !array_is_list($value) ? [...$was, ...$value] : $value;
        }
        if (isset($this->fields['ratio']) && !isset($this->fields['other_ratio'])) {
            unset($entry['other_ratio']);
        }

        return $entry;
    }
}
