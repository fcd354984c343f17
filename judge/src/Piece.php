<?php

declare(strict_types=1);

namespace Judge;

/** What is judged of several parts together: what they are to each other, and what is done to them in which order. */
final readonly class Piece
{
    /**
     * @param array<int|string, Member> $members by id
     * @param list<Act> $acts
     */
    public function __construct(public array $members, public array $acts) {}

    /**
     * @param list<string> $steps
     *
     * @return list<int> where one of these is done to a part
     */
    public function where(string $part, array $steps): array
    {
        return array_keys(array_filter($this->acts, static fn(Act $a): bool => $a->isOn($part) && $a->isOneOf($steps)));
    }

    /** @param list<string> $steps */
    public function first(string $part, array $steps): ?int
    {
        return $this->where($part, $steps)[0] ?? null;
    }

    /** @param list<string> $steps */
    public function last(string $part, array $steps): ?int
    {
        $where = $this->where($part, $steps);

        return $where[count($where) - 1] ?? null;
    }

    /** @return list<string> a whole part and its zones */
    public function zones(string $whole): array
    {
        return array_values(
            array_map(
                static fn(Member $m): string => $m->id,
                array_filter($this->members, static fn(Member $m): bool => $m->whole() === $whole || $m->id === $whole),
            ),
        );
    }

    /** @return list<array{Member, Member}> both ways round, those within reach of each other's dust and wet */
    public function beside(): array
    {
        $pairs = [];
        foreach ($this->members as $a) {
            foreach ($this->members as $b) {
                if ($a->id !== $b->id && $a->place === $b->place && $this->touch($a, $b)) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return $pairs;
    }

    /** @return list<list<string>> ids of what hangs together */
    public function wholes(): array
    {
        $root = array_map(static fn(Member $m): string => $m->id, $this->members);
        foreach ($this->members as $m) {
            $to = array_map(
                static fn(array $t): string => $t[1],
                array_filter(
                    $m->ties,
                    static fn(array $t): bool => !in_array($t[0], ['beside', 'same-as', 'stands-on'], true),
                ),
            );
            foreach (array_filter([...$to, $m->zoneOf], static fn(?string $o): bool => null !== $o) as $other) {
                [$from, $into] = [$root[$other], $root[$m->id]];
                $root = array_map(static fn(string $r): string => $r === $from ? $into : $r, $root);
            }
        }
        $wholes = [];
        foreach ($root as $id => $of) {
            $wholes[$of][] = (string) $id;
        }

        return array_values($wholes);
    }

    private function touch(Member $a, Member $b): bool
    {
        $ties = static fn(Member $m, Member $to): bool => [] !==
            array_filter(
                $m->ties,
                static fn(array $t): bool => $t[1] === $to->whole() && ('beside' === $t[0] || $t[2]),
            );

        return $a->whole() === $b->whole() || $ties($a, $b) || $ties($b, $a);
    }
}
