<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;
use Hull\Surface\Precondition;

/** Reads what a step, product or system asks of the surface. */
final readonly class NeedReader
{
    /** @param list<string> $productTags */
    public function __construct(private FactTable $facts, private array $productTags) {}

    /** @return list<Precondition> */
    public function needs(?Node $list, string $id): array
    {
        $needs = [];
        foreach ($list?->items() ?? [] as $index => $n) {
            $needs[] = $this->need($n, $id . '.' . ($index + 1));
        }

        return $needs;
    }

    public function need(Node $n, string $id): Precondition
    {
        return new Precondition(
            $id,
            PredicateReader::read($n, $this->facts, $this->productTags),
            $n->field('says')->text(300),
            $n->field('else')->text(300),
            $n->optional('source')?->text() ?? 'trade practice',
            $n->optional('scar')?->choice($this->facts->ids()),
        );
    }
}
