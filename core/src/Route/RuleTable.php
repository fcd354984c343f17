<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Rule;
use Hull\Catalog\Step;
use Hull\Surface\Product;

/** The rules of a part, looked up by step: by the tags they name first, so that most are never asked. */
final class RuleTable
{
    /** @var array<int|string, array<int, Rule>> by tag of steps, then by their place in the catalogue */
    private array $byTag = [];

    /** @var array<int, Rule> without a tag */
    private array $untagged = [];

    /** @var array<int|string, list<Rule>> */
    private array $found = [];

    /** @param list<Rule> $all */
    public function __construct(public readonly array $all, private readonly PartContext $context)
    {
        foreach ($all as $number => $rule) {
            foreach ($rule->stepTags as $tag) {
                $this->byTag[$tag][$number] = $rule;
            }
            if ([] === $rule->stepTags) {
                $this->untagged[$number] = $rule;
            }
        }
    }

    /** @return list<Rule> in the order of the catalogue */
    public function of(Step $step, ?Product $product): array
    {
        return $this->found[$step->id . '/' . $product?->id] ??= $this->search($step, $product);
    }

    /** In air that things cure in, as the order of work is (see PartContext::workable). */
    private function outlastsPot(Step $step, Product $film): bool
    {
        return (new StepWork($this->context->workable()))->outlastsPot($step, $film);
    }

    /** @return list<Rule> */
    private function search(Step $step, ?Product $product): array
    {
        $meant = $this->untagged;
        foreach ($step->tags as $tag) {
            $meant += $this->byTag[$tag] ?? [];
        }
        ksort($meant);

        return array_values(
            array_filter(
                $meant,
                fn(Rule $r): bool => $r->appliesTo($step, $product) &&
                    (!$r->beyondPot || (null !== $product && $this->outlastsPot($step, $product))),
            ),
        );
    }
}
