<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A need shared by every step of a kind: the rules of order restorers sign. */
final readonly class Rule
{
    /**
     * @param list<string> $stepTags    any of them
     * @param list<string> $productTags any of them; empty for all
     * @param list<string> $substrates  families; empty for all
     */
    public function __construct(public Need $need, public array $stepTags, public array $productTags, public array $substrates)
    {
    }

    public function appliesTo(Step $step, ?Product $product, Substrate $substrate): bool
    {
        return [] !== array_intersect($this->stepTags, $step->tags)
            && ([] === $this->productTags || (null !== $product && [] !== array_intersect($this->productTags, $product->tags)))
            && ([] === $this->substrates || [] !== array_intersect($this->substrates, $substrate->families));
    }
}
