<?php

declare(strict_types=1);

namespace Hull\Effort;

/** The ways of stripping whose pace is known. */
final readonly class Paces
{
    /** @param array<int|string, Pace> $all */
    public function __construct(public array $all) {}

    public function get(string $id): Pace
    {
        return $this->all[$id] ?? throw new \LogicException('No pace ' . $id . '.');
    }

    /** @return non-empty-list<string> ids, the first the usual one */
    public function ids(): array
    {
        $ids = array_values(array_map(static fn(Pace $p): string => $p->id, $this->all));

        return [] === $ids ? throw new \LogicException('No pace is known.') : $ids;
    }

    /** @return non-empty-list<string> what may come off by the usual way, the mildest first */
    public function kinds(): array
    {
        $rows = array_reverse($this->get($this->ids()[0])->rows);

        return array_map(static fn(PaceRow $r): string => $r->name, $rows);
    }
}
