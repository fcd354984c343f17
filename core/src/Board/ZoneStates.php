<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Job\Part;
use Hull\Piece\Pieces;

/** What the zones of a job are to each other while they are worked: which lie beside which, open to dust, or wetted. */
final class ZoneStates
{
    /** @var array<int|string, true> wiped for the last time, or wet: dust and wet would harm them now */
    private array $open = [];

    /** @var array<int|string, true> with chemistry on them that the next work on them takes off */
    private array $bound = [];

    /** @var array<int|string, list<string>> zone => those beside it */
    private array $beside = [];

    /** @var array<int|string, string> zone => where, and from which day on, it is worked: dust settles on all there */
    private array $where = [];

    /** @var array<int|string, string> zone => the piece it is handed over with */
    private array $whole = [];

    /** @param array<int|string, Workpiece> $pieces by zone */
    public function __construct(private readonly Catalogue $catalogue, array $pieces)
    {
        $joined = new Pieces(array_map(static fn(Workpiece $p): Part => $p->part, $pieces));
        $keys = [];
        foreach ($pieces as $key => $piece) {
            $keys[$piece->part->id] = (string) $key;
        }
        foreach ($joined->all() as $ids) {
            foreach ($ids as $id) {
                $this->whole[$keys[$id]] = $ids[0];
            }
        }
        foreach ($joined->neighbours() as [$a, $b]) {
            $this->beside[$keys[$a->id]][] = $keys[$b->id];
            $this->beside[$keys[$b->id]][] = $keys[$a->id];
        }
        foreach ($pieces as $key => $piece) {
            $this->where[$key] = $piece->place->id . '/' . ($piece->part->begin ?? '');
        }
    }

    /** Nothing has been done yet. */
    public function begin(): void
    {
        $this->open = $this->bound = [];
    }

    /** @param list<string> $zones on which a step of this kind was done */
    public function did(Step $kind, array $zones): void
    {
        $here = array_fill_keys($zones, true);
        $this->bound = $this->leaves($kind) ? $here + $this->bound : array_diff_key($this->bound, $here);
        $this->open = $kind->worked->opens ? $here + $this->open : array_diff_key($this->open, $here);
    }

    public function whole(string $zone): string
    {
        return $this->whole[$zone] ?? $zone;
    }

    /** @return list<string> */
    public function beside(string $zone): array
    {
        return $this->beside[$zone] ?? [];
    }

    public function where(string $zone): string
    {
        return $this->where[$zone];
    }

    /** @param array<int|string, true> $zones */
    public function isBound(array $zones): bool
    {
        return [] !== array_intersect_key($this->bound, $zones);
    }

    /**
     * Its dust or wet would reach a zone beside it that is wiped or wet.
     *
     * @param list<string> $zones
     * @param bool $inPlace or one that only stands in the same place
     */
    public function isDisturbed(Step $kind, array $zones, bool $inPlace = false): bool
    {
        if (!$kind->worked->reaches()) {
            return false;
        }
        $beside = array_diff(array_merge([], ...array_map($this->beside(...), $zones)), $zones);
        if ([] !== array_intersect_key($this->open, array_flip($beside))) {
            return true;
        }
        $places = $inPlace ? array_unique(array_map($this->where(...), $zones)) : [];
        foreach ([] === $places ? [] : array_diff_key($this->open, array_flip($zones)) as $open => $_) {
            if (in_array($this->where((string) $open), $places, true)) {
                return true;
            }
        }

        return false;
    }

    /** It leaves what may not dry on. */
    private function leaves(Step $kind): bool
    {
        foreach ($kind->does as $effect) {
            if ($this->catalogue->facts[$effect->fact]->isChemistry() && !$effect->takesDown()) {
                return true;
            }
        }

        return false;
    }
}
