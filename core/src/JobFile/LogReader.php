<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Rule;
use Hull\Catalog\RuleLevel;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Volume;

/** Lines of the record. */
final readonly class LogReader
{
    /** What a line says, whoever writes it. */
    public const FIELDS = [
        'kind',
        'step',
        'at',
        'temperature',
        'humidity',
        'note',
        'corrects',
        'withdrawn',
        'rule',
        'by',
        'used',
        'film',
    ];
    private const MOST_PAINT_L = 200;

    public function __construct(private Catalogue $catalogue) {}

    /** @return list<LogEntry> */
    public function lines(Node $list): array
    {
        $entries = [];
        $ids = [];
        foreach ($list->items(10000) as $index => $n) {
            $entry = $this->entry($n, 'e' . ($index + 1));
            if (isset($ids[$entry->id])) {
                throw $n->field('id')->refuse('Two entries have this id.', 'an id of its own');
            }
            if (null !== $entry->corrects && !isset($ids[$entry->corrects])) {
                throw $n
                    ->field('corrects')
                    ->refuse('There is no earlier entry with this id.', 'the id of an earlier entry');
            }
            $ids[$entry->id] = true;
            $entries[] = $entry;
        }

        return $entries;
    }

    /** @param string $id it has where it brings none */
    public function entry(Node $n, string $id): LogEntry
    {
        $n->only(['id', ...self::FIELDS]);
        $kind = EntryKind::from(
            $n->field('kind')->choice(array_map(static fn(EntryKind $k): string => $k->value, EntryKind::cases())),
        );
        $step = $n->optional('step');
        if (null === $step && $kind->namesAStep()) {
            throw new InvalidInput(
                $n->pointer . '/step',
                'A start, a mix, a finish or a fail belongs to a step.',
                'the key of a step of the route',
            );
        }
        $corrects = $n->optional('corrects')?->text(60);
        if ((EntryKind::Correction === $kind) !== (null !== $corrects)) {
            throw new InvalidInput(
                $n->pointer . '/corrects',
                'A correction, and only a correction, names the entry it corrects.',
                'the id of an earlier entry with kind "correction"',
            );
        }

        $taken = EntryKind::Taken === $kind;
        foreach (['rule', 'by', 'note'] as $field) {
            if ($taken) {
                $n->field($field)->text(500);
            }
        }

        return new LogEntry(
            id: $n->optional('id')?->text(60) ?? $id,
            kind: $kind,
            stepKey: $step?->text(60),
            at: Moments::instant($n->field('at')),
            air: null === $n->optional('temperature') && null === $n->optional('humidity') ? null : Moments::air($n),
            note: Node::remark($n->optional('note'), 2000),
            corrects: $corrects,
            withdrawn: $n->optional('withdrawn')?->boolean() ?? false,
            rule: $taken ? $n->field('rule')->choice($this->gates()) : null,
            by: $taken ? $n->field('by')->text(120) : '',
            used: self::paint($n->optional('used')),
            film: $n->optional('film')?->quantity(FilmThickness::class),
        );
    }

    private static function paint(?Node $n): ?Volume
    {
        $used = $n?->quantity(Volume::class);
        if (null !== $n && null !== $used && $used->litresValue() > self::MOST_PAINT_L) {
            throw $n->refuse(
                'That is more paint than a coat takes.',
                sprintf('up to %d L for one coat', self::MOST_PAINT_L),
            );
        }

        return $used;
    }

    /** @return list<string> rules that a named person may take responsibility for */
    private function gates(): array
    {
        return array_values(
            array_map(
                static fn(Rule $r): string => $r->need->id,
                array_filter($this->catalogue->rules, static fn(Rule $r): bool => RuleLevel::Gate === $r->level),
            ),
        );
    }
}
