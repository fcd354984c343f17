<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Compute\Figures;
use Hull\Cure\CureKind;
use Hull\Input\Node;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use Hull\Quantity\Quantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Table;
use Hull\Quantity\TableRow;
use Hull\Quantity\Temperature;
use Hull\Quantity\VolumePerArea;

/** Reads the figures that formulas stand on: tables, and kinds of cure. */
final class FigureReader
{
    /** What each table holds, and what its rows stand at where they have no names. */
    private const HOLDS = [
        'drying' => [Duration::class],
        'part-lag' => [Duration::class],
        'in-sun' => [Percentage::class],
        'dead-volume' => [VolumePerArea::class, FilmThickness::class],
        'hiding' => [FilmThickness::class],
        'glass' => [Percentage::class],
        'catalyst' => [Percentage::class, Temperature::class],
        'acid-bath' => [Duration::class],
        'rust-current' => [Duration::class],
        'kept-going' => [Duration::class],
        'kept-clear' => [Duration::class],
        'holds' => [Length::class],
        'not-split' => [Duration::class],
        'least-time' => [Duration::class],
        'mixing' => [Duration::class],
        'work-time' => [Duration::class],
        'lift' => [Duration::class, Mass::class],
    ];
    /** Rows without which a formula could not be worked out, by table. */
    private const NEEDED = [
        'drying' => ['open', 'seams', 'cavities'],
        'part-lag' => ['sheet'],
        'in-sun' => ['middling'],
        'kept-going' => ['at-hand', 'oven-load', 'in-one-go', 'in-a-row'],
        'kept-clear' => ['flash'],
        'holds' => ['tank'],
        'not-split' => ['short-work'],
        'least-time' => ['coat'],
        'mixing' => ['litre'],
        'work-time' => ['epoxy', 'catalysed', 'pour'],
    ];
    /** Tables in which nothing is a figure, too. */
    private const FROM_NOUGHT = ['dead-volume', 'in-sun'];

    public static function table(Node $n, string $id): Table
    {
        [$class, $by] = [...self::HOLDS[$n->field('id')->choice(Figures::TABLES)], null];
        $rows = [];
        $last = null;
        foreach ($n->field('rows')->items(100) as $row) {
            $figure = self::figure($row->field('figure'), $id, $class);
            if (null === $by) {
                $key = $row
                    ->only(['id', 'name', 'hint', 'figure'])
                    ->field('id')
                    ->text(40);
                $name = $row->field('name')->text(80);
            } else {
                $at = $row
                    ->only(['at', 'figure'])
                    ->field('at')
                    ->quantity($by)
                    ->value();
                $key = $name = (string) $at;
                if (null !== $last && $at <= $last) {
                    throw $row->field('at')->refuse('The row before stands higher.', 'rows that go up');
                }
                $last = $at;
            }
            if (isset($rows[$key])) {
                throw $row->refuse(sprintf('The row "%s" is there twice.', $key), 'a row of its own');
            }
            $rows[$key] = new TableRow($key, $name, $row->optional('hint')?->text(200) ?? '', $figure);
        }
        $lacks = array_diff(self::NEEDED[$id] ?? [], array_keys($rows));
        if ([] === $rows || [] !== $lacks) {
            throw $n
                ->field('rows')
                ->refuse('A row is missing.', 'rows ' . implode(', ', self::NEEDED[$id] ?? ['for what occurs']));
        }

        return new Table($id, $n->field('name')->text(), Checked::source($n->field('source')), $rows);
    }

    public static function cure(Node $n, string $id): CureKind
    {
        $humidity = static fn(?Node $rh): ?float => $rh?->quantity(RelativeHumidity::class)->value();
        $damp = $n->optional('damp_from');
        if (null !== $damp && $damp->quantity(RelativeHumidity::class)->value() >= 1.0) {
            throw $damp->refuse('No air is damper than that.', 'a relative humidity below 100 %');
        }
        $speed = [];
        $last = -1.0;
        foreach ($n->optional('speed')?->items(20) ?? [] as $row) {
            $at = Checked::least($row->only(['at', 'figure'])->field('at'))?->number() ?? 0.0;
            if ($at <= $last) {
                throw $row->field('at')->refuse('The row before stands higher.', 'rows that go up');
            }
            $speed[(string) $at] = Checked::above($row->field('figure'))?->number() ?? 1.0;
            $last = $at;
        }
        $blushes = $n->optional('blushes')?->only(['under', 'over']);

        return new CureKind(
            id: $id,
            name: $n->field('name')->text(80),
            speed: $speed,
            stallsUnder: $humidity($n->optional('stalls_under')),
            stopsOver: $humidity($n->optional('stops_over')),
            dampFrom: $humidity($damp),
            blushesUnder: $blushes?->optional('under')?->quantity(Temperature::class)->c(),
            blushesOver: $humidity($blushes?->optional('over')),
        );
    }

    /** @param class-string<Quantity> $class */
    private static function figure(Node $n, string $table, string $class): Quantity
    {
        $figure = $n->quantity($class);
        $whole = Percentage::class === $class ? 1.0 : \INF;
        $most = 'glass' === $table ? 0.99 : $whole;
        if (
            $figure->value() > $most ||
            $figure->value() < 0.0 ||
            (0.0 === $figure->value() && !in_array($table, self::FROM_NOUGHT, true))
        ) {
            throw $n->refuse(
                'No formula can stand on this.',
                in_array($table, self::FROM_NOUGHT, true)
                    ? $class::dimension()->accepted()
                    : 'above nothing: ' . $class::dimension()->accepted(),
            );
        }

        return $figure;
    }
}
