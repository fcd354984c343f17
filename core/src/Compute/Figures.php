<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Cure\CureKind;
use Hull\Effort\Paces;
use Hull\Film\Methods;
use Hull\Quantity\Duration;
use Hull\Quantity\Table;

/** What formulas stand on beside their inputs: facts of a catalogue, which a workshop may know better. */
final readonly class Figures
{
    /** Tables by their id, with what each holds by what: every formula that asks one is sure to find it. */
    public const TABLES = [
        'drying',
        'part-lag',
        'in-sun',
        'dead-volume',
        'hiding',
        'glass',
        'catalyst',
        'acid-bath',
        'rust-current',
        'kept-going',
        'kept-clear',
        'holds',
        'not-split',
        'least-time',
        'mixing',
        'work-time',
        'lift',
    ];

    /**
     * @param array<int|string, Table> $tables each of TABLES
     * @param array<int|string, CureKind> $cures
     */
    public function __construct(
        public Methods $methods,
        public Paces $paces,
        public array $tables,
        public array $cures,
    ) {}

    /** Every formula, with these figures. */
    public function formulas(): Registry
    {
        return Registry::with($this);
    }

    /** Hours of a row. */
    public function hours(string $table, string $row): float
    {
        return $this->table($table)->at($row, Duration::class)->h();
    }

    public function table(string $id): Table
    {
        return $this->tables[$id] ?? throw new \LogicException('No table ' . $id . '.');
    }
}
