<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\Product;

/** A need shared by every step of a kind: the rules of order restorers sign. */
final readonly class Rule
{
    /** @var list<string> the facts it asks for */
    private array $asks;

    /**
     * @param list<string> $stepTags any of them
     * @param list<string> $exceptTags none of them; without step tags it counts for every other step
     * @param list<string> $productTags any of them; empty for all
     * @param list<string> $exceptProductTags none of them
     * @param Scope $scope on which parts it counts
     * @param RuleLevel $level what a breach means
     * @param bool $atOnce it does not count for a step that itself takes down what is asked to be gone, and without
     *                     tags it counts for every other
     * @param bool $beyondPot it counts only for a film that takes longer to lay than its mix can be laid
     * @param int $family which of the sixteen rules of order it belongs to; 0 for none
     */
    public function __construct(
        public Precondition $need,
        public array $stepTags,
        public array $exceptTags,
        public array $productTags,
        public array $exceptProductTags,
        public Scope $scope,
        public RuleLevel $level,
        public int $family,
        public bool $atOnce = false,
        public bool $beyondPot = false,
    ) {
        $this->asks = array_map(static fn(FactWithin $f): string => $f->fact, $need->predicate->facts());
    }

    public function appliesTo(Step $step, ?Product $product): bool
    {
        $meant =
            [] === array_intersect($this->exceptTags, $step->tags) &&
            ([] === $this->stepTags
                ? $this->atOnce || [] !== $this->exceptTags
                : [] !== array_intersect($this->stepTags, $step->tags));

        return $meant &&
            (null === $product || [] === array_intersect($this->exceptProductTags, $product->tags)) &&
            ([] === $this->productTags ||
                (null !== $product && [] !== array_intersect($this->productTags, $product->tags))) &&
            !($this->atOnce && $this->isTakenDownBy($step));
    }

    private function isTakenDownBy(Step $step): bool
    {
        foreach ($step->does as $effect) {
            if (in_array($effect->fact, $this->asks, true) && $effect->takesDown()) {
                return true;
            }
        }

        return false;
    }
}
