<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;

/** The parts of a job as the things they are: what hangs on what, what is one piece, what lies beside what. */
final class Pieces
{
    /** @var array<int|string, Part> */
    private array $parts = [];

    /** @var array<int|string, list<string>> */
    private array $pieces = [];

    /** @param iterable<Part> $parts */
    public function __construct(iterable $parts)
    {
        foreach ($parts as $part) {
            $this->parts[$part->id] = $part;
        }
    }

    /** @return list<list<string>> ids of the parts of each piece: all that hangs together, however far */
    public function all(): array
    {
        if ([] === $this->pieces) {
            $of = [];
            foreach ($this->parts as $id => $part) {
                $of[$id] ??= (string) $id;
                foreach ($this->ties($part) as $other) {
                    $of[$other] ??= $other;
                    $from = $of[$other];
                    $to = $of[$id];
                    $of = array_map(static fn(string $root): string => $root === $from ? $to : $root, $of);
                }
            }
            foreach ($of as $id => $root) {
                $this->pieces[$root][] = (string) $id;
            }
        }

        return array_values($this->pieces);
    }

    /** @return list<array{Part, Link, Part}> what comes off what: the part, how it is tied, what it is on */
    public function mounts(): array
    {
        $mounts = [];
        foreach ($this->parts as $part) {
            foreach ($part->links as $link) {
                if (isset($this->parts[$link->to]) && $link->comesOff()) {
                    $mounts[] = [$part, $link, $this->parts[$link->to]];
                }
            }
        }

        return $mounts;
    }

    /** What a part hangs on and that hangs on nothing; itself where it hangs on nothing. There is no circle. */
    public function outermost(Part $part): Part
    {
        $on = $this->carrier($part);

        return null === $on ? $part : $this->outermost($on);
    }

    /** What it comes off; where that is more than one, the one that is named first. */
    public function carrier(Part $part): ?Part
    {
        foreach ($part->links as $link) {
            if (isset($this->parts[$link->to]) && $link->comesOff()) {
                return $this->parts[$link->to];
            }
        }

        return null;
    }

    /** @return list<Part> the part and its zones */
    public function withZones(Part $whole): array
    {
        return array_values(
            array_filter($this->parts, static fn(Part $p): bool => $p->id === $whole->id || $p->zoneOf === $whole->id),
        );
    }

    /** Within reach of each other's dust, water and overspray while both are worked. */
    public function areNeighbours(Part $a, Part $b): bool
    {
        return $a->place === $b->place &&
            ($a->piece() === $b->piece() || $this->liesAt($a, $b) || $this->liesAt($b, $a));
    }

    /** @return list<array{Part, Part}> each once */
    public function neighbours(): array
    {
        $pairs = [];
        $parts = array_values($this->parts);
        foreach ($parts as $n => $a) {
            foreach (array_slice($parts, $n + 1) as $b) {
                if ($this->areNeighbours($a, $b)) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return $pairs;
    }

    private function liesAt(Part $part, Part $other): bool
    {
        foreach ($part->links as $link) {
            if ((Relation::Beside === $link->as || $link->stays) && $link->to === $other->piece()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private function ties(Part $part): array
    {
        $to = null === $part->zoneOf ? [] : [$part->zoneOf];
        foreach ($part->links as $link) {
            if ($link->as->comesOff() && Relation::StandsOn !== $link->as) {
                $to[] = $link->to;
            }
        }

        return array_values(array_filter($to, fn(string $id): bool => isset($this->parts[$id])));
    }
}
