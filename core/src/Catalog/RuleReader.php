<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;

/** Reads what is minded and tested: cautions, tests of acceptance, rules of the order, what may not meet. */
final readonly class RuleReader
{
    public function __construct(
        private Names $names,
        private FactTable $facts,
        private NeedReader $needs,
        private SchoolReader $schools,
    ) {}

    public function caution(Node $n, string $id): Caution
    {
        return new Caution(
            id: $id,
            name: $n->field('name')->text(400),
            hint: $n->optional('hint')?->text(400) ?? '',
            protect: $this->names->ids('protection', $n->optional('protect')),
            disposal: $n->optional('disposal')?->text(300) ?? '',
            hazard: $n->optional('hazard')?->integer(0, 5) ?? 1,
            forHeavy: $n->optional('for_heavy')?->boolean() ?? false,
        );
    }

    public function test(Node $n, string $id): AcceptanceTest
    {
        return new AcceptanceTest(
            id: $id,
            name: $n->field('name')->text(),
            reading: $n->field('reading')->choice(['yes-no', 'number', 'scale']),
            unit: $n->optional('unit')?->text() ?? '',
            least: $n->optional('least')?->number(),
            most: $n->optional('most')?->number(),
            pass: $n->field('pass')->text(300),
            fail: $n->field('fail')->text(300),
            onFail: $this->names->ids('steps', $n->optional('on_fail')),
            shows: $this->facts->levels($n->optional('shows')),
            twin: $n->optional('twin')?->text(300) ?? '',
            standard: $n->field('standard')->text(),
        );
    }

    public function interlock(Node $n, string $id): Interlock
    {
        $hours = $n->optional('hours')?->number() ?? 24.0;

        return new Interlock(
            id: $id,
            first: $this->names->ids('chemicals', $n->field('first')),
            second: $this->names->ids('chemicals', $n->field('second')),
            parting: $this->names->ids('steps', $n->optional('parting')),
            hours: $hours,
            secondHours: $n->optional('second_hours')?->number() ?? $hours,
            ordered: true === $n->optional('ordered')?->boolean(),
            says: $n->field('says')->text(300),
            consequence: $n->field('else')->text(300),
            source: $n->field('source')->text(),
        );
    }

    public function rule(Node $n, string $id): Rule
    {
        return new Rule(
            need: $this->needs->need($n->field('need'), $id),
            stepTags: $this->names->ids('step tags', $n->optional('step_tags')),
            exceptTags: $this->names->ids('step tags', $n->optional('except_tags')),
            productTags: $this->names->ids('product tags', $n->optional('product_tags')),
            exceptProductTags: $this->names->ids('product tags', $n->optional('except_product_tags')),
            scope: $this->schools->scope($n),
            level: RuleLevel::from(
                $n
                    ->optional('level')
                    ?->choice(array_map(static fn(RuleLevel $l): string => $l->value, RuleLevel::cases())) ?? 'order',
            ),
            family: $n->optional('family')?->integer(0, 16) ?? 0,
            atOnce: true === $n->optional('at_once')?->boolean(),
            beyondPot: true === $n->optional('beyond_pot')?->boolean(),
        );
    }
}
