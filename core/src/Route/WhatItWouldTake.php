<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Capability;
use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;

/** Where no order of work leads on: which gear or skill the workshop is without would open one, and by which step. */
final readonly class WhatItWouldTake
{
    /** Steps named at the most. */
    private const MOST = 3;
    /** What takes one grade off at a time is done so often. */
    private const TIMES = 3;

    public function __construct(private PartContext $context, private StepRunner $runner) {}

    /**
     * @param list<Precondition> $needs that could not be met
     *
     * @return Message|null null where nothing of the kind would help
     */
    public function says(array $needs, SurfaceState $state): ?Message
    {
        $helps = [];
        foreach ($this->context->catalogue()->steps as $step) {
            $lacks = $this->context->lacks($step->requires);
            if ([] !== $lacks && $this->context->covers($step->scope) && $this->serves($step, $needs, $state)) {
                $helps[] = Message::of(
                    '"{step}" with {gear}',
                    step: $step->name,
                    gear: Message::row(array_map(static fn(Capability $c): string => $c->name, $lacks), ' and '),
                );
            }
        }

        return [] === $helps
            ? null
            : Message::of(
                'What would help and this workshop does without: {steps}.',
                steps: Message::row(array_slice($helps, 0, self::MOST), '; '),
            );
    }

    /** @param list<Precondition> $needs */
    private function serves(Step $step, array $needs, SurfaceState $state): bool
    {
        $after = $state;
        for ($n = 0; $n < self::TIMES; ++$n) {
            $after = $this->runner->effects(new RouteStep('', $step->id), $after);
        }
        foreach ($needs as $need) {
            if (!$need->predicate->holds($state) && $need->predicate->holds($after)) {
                return true;
            }
        }

        return false;
    }
}
