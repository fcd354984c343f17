<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;

/** Reads what may be wanted of a part. */
final readonly class AimReader
{
    public function __construct(private Names $names, private FactTable $facts, private SchoolReader $schools) {}

    public function aim(Node $n, string $id): Aim
    {
        return new Aim(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(400),
            takes: [$id, ...$this->names->ids('aims', $n->optional('takes'))],
            onlyWhen: $this->schools->when($n->optional('only_when')),
            whyNot: $n->optional('why_not')?->text(300) ?? '',
            likelyWhen: array_map($this->schools->when(...), $n->optional('likely_when')?->items() ?? []),
            unless: $this->schools->answered($n->optional('unless')),
            answers: array_map(
                static fn(array $answers): string => $answers[0],
                $this->schools->answered($n->optional('answers')),
            ),
            starts: null === $n->optional('starts') ? null : $this->facts->levels($n->field('starts')),
            local: $this->names->ids('step tags', $n->optional('local')),
            whole: $this->names->ids('product tags', $n->optional('whole')),
            margin: $n->optional('margin')?->number() ?? 1.0,
            light: true === $n->optional('light')?->boolean(),
        );
    }
}
