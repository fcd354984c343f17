<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;

/** Reads what is found on a part: what it is made of, what it does, what is wrong with it. */
final readonly class SurveyReader
{
    /** @param list<string> $signs by which a material is told */
    public function __construct(private Names $names, private FactTable $facts, private array $signs) {}

    public function substrate(Node $n, string $id): Substrate
    {
        return new Substrate(
            id: $id,
            name: $n->field('name')->text(),
            families: Names::texts($n->field('families')),
            tell: $n->field('tell')->text(400),
            hatch: $n->field('hatch')->text(),
            kin: $n->optional('kin')?->text() ?? 'none',
            signs: array_map(Names::texts(...), $n->optional('signs')?->only($this->signs)->fields() ?? []),
            mass: $n->optional('mass')?->choice($this->names->of('masses')) ?? 'sheet',
        );
    }

    public function service(Node $n, string $id): Service
    {
        return new Service(
            $id,
            $n->field('name')->text(),
            $n->optional('hint')?->text(400) ?? '',
            $this->names->ids('families', $n->optional('substrates')),
            $this->names->ids('families', $n->optional('except')),
            $n->optional('why_not')?->text(300) ?? '',
        );
    }

    public function condition(Node $n, string $id): Condition
    {
        return new Condition(
            id: $id,
            name: $n->field('name')->text(),
            grades: $this->grades($n->field('grades')),
            hint: $n->field('hint')->text(400),
            group: $n->field('group')->text(),
            families: $this->names->ids('families', $n->optional('substrates')),
            picture: $n->optional('picture')?->text() ?? $id,
        );
    }

    /** @return array<int|string, Grade> */
    private function grades(Node $list): array
    {
        $grades = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $facts = $this->facts->levels($n->field('facts'));
            $grades[$id] = new Grade($id, $n->field('name')->text(), $n->field('look')->text(400), $facts);
        }

        return $grades;
    }
}
