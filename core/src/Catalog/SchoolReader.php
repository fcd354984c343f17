<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;

/** Reads the questions on which schools of the trade differ, and where something counts by their answers. */
final class SchoolReader
{
    /** @var array<int|string, School> */
    public readonly array $schools;

    public function __construct(private readonly Names $names, Node $list)
    {
        $schools = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $schools[$id] = isset($schools[$id])
                ? throw $n->refuse(sprintf('The id "%s" is used twice.', $id), 'an id of its own')
                : new School(
                    $id,
                    $n->field('question')->text(),
                    $this->answers($n->field('answers')),
                    $this->names->ids('families', $n->optional('substrates')),
                );
        }
        $this->schools = $schools;
    }

    public function scope(Node $n): Scope
    {
        return new Scope(
            families: $this->names->ids('families', $n->optional('substrates')),
            except: $this->names->ids('families', $n->optional('except')),
            services: $this->names->ids('services', $n->optional('services')),
            finishes: $this->names->ids('finishes', $n->optional('finishes')),
            schools: $this->answered($n->optional('schools')),
            aims: $this->names->ids('aims', $n->optional('aims')),
            exceptAims: $this->names->ids('aims', $n->optional('except_aims')),
        );
    }

    /** @return non-empty-array<int|string, SchoolAnswer> */
    private function answers(Node $list): array
    {
        $answers = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $arguments = [];
            foreach (['wins' => false, 'loses' => true] as $field => $against) {
                foreach ($n->optional($field)?->items() ?? [] as $a) {
                    $arguments[] = new Argument(
                        $this->when($a->optional('when')),
                        $a->field('says')->text(300),
                        $against,
                    );
                }
            }
            $answers[$id] = new SchoolAnswer(
                $id,
                $n->field('name')->text(),
                $n->field('hint')->text(400),
                $arguments,
                $this->when($n->optional('only_when')),
                $this->when($n->optional('default_when')),
            );
        }

        return [] === $answers ? throw $list->refuse('A school needs answers.', 'at least one answer') : $answers;
    }

    /** @return array<int|string, float|string|list<string>> what must hold of a part; what is named in it is known */
    public function when(?Node $n): array
    {
        $named = [
            'substrates' => 'families',
            'not_substrates' => 'families',
            'services' => 'services',
            'finishes' => 'finishes',
            'places' => 'places',
            'facts' => 'facts',
            'not_facts' => 'facts',
            'light' => 'facts',
            'lacks' => 'limits',
            'has' => 'limits',
        ];
        $when = [];
        foreach ($n?->only(\Hull\Catalog\Traits::ASKED)->fields() ?? [] as $key => $value) {
            $allowed = isset($named[$key]) ? $this->names->of($named[$key]) : $this->names->of('exposures');
            $when[$key] = match (true) {
                is_array($value->value) => Names::known($value, $allowed),
                is_string($value->value) => $value->choice($allowed),
                default => $value->number(),
            };
        }

        return $when;
    }

    /** @return array<int|string, list<string>> question => answers */
    public function answered(?Node $n): array
    {
        $read = [];
        foreach ($n?->fields() ?? [] as $question => $answers) {
            $school =
                $this->schools[$question] ??
                throw $answers->refuse('There is no such school question.', implode(', ', array_keys($this->schools)));
            $read[$question] = Names::known($answers, array_map('strval', array_keys($school->answers)));
        }

        return $read;
    }
}
