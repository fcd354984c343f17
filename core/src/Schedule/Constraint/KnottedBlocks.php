<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/** Joins blocks of several parts into one where each waits for something of the other. */
final class KnottedBlocks
{
    /** @var list<non-empty-list<Activity>> */
    private array $blocks = [];

    /** @var array<int|string, int> activity => number of its block */
    private array $of = [];

    /** @var array<int, list<int>> block => blocks it waits for */
    private array $needs = [];

    /** @var array<int, int> block => the first of those it is joined with */
    private array $joined = [];

    /** @var array<int, int> block => when it was met */
    private array $met = [];

    /** @var array<int, int> block => the earliest met from it */
    private array $low = [];

    /** @var list<int> */
    private array $stack = [];

    /** @param array<int|string, list<non-empty-list<Activity>>> $blocksOf by part */
    public function __construct(private readonly Yard $yard, private readonly array $blocksOf)
    {
        foreach ($blocksOf as $list) {
            foreach ($list as $block) {
                foreach ($block as $activity) {
                    $this->of[$activity->id] = count($this->blocks);
                }
                $this->blocks[] = $block;
            }
        }
        foreach ($this->blocks as $n => $block) {
            $needs = [];
            foreach ($block as $activity) {
                $before = $yard->before[$activity->id] ?? null;
                foreach ([...null === $before ? [] : [$before], ...$yard->needs[$activity->id] ?? []] as $id) {
                    if (isset($this->of[$id]) && $this->of[$id] !== $n) {
                        $needs[$this->of[$id]] = true;
                    }
                }
            }
            $this->needs[$n] = array_keys($needs);
        }
    }

    /** @return array<int|string, list<non-empty-list<Activity>>> a joined block is in the list of each of its parts */
    public function joined(): array
    {
        foreach (array_keys($this->blocks) as $n) {
            if (!isset($this->met[$n])) {
                $this->visit($n);
            }
        }
        $members = [];
        foreach ($this->joined as $n => $first) {
            $members[$first][] = $n;
        }
        $whole = [];
        foreach ($members as $first => $blocks) {
            $activities = array_merge([], ...array_map(fn(int $n): array => $this->blocks[$n], $blocks));
            $whole[$first] = 1 === count($blocks) ? $this->blocks[$first] : $this->sorted($activities);
        }
        $lists = [];
        foreach ($this->blocksOf as $part => $list) {
            $lists[$part] = [];
            $last = null;
            foreach ($list as $block) {
                $first = $this->joined[$this->of[$block[0]->id]];
                if ($first !== $last) {
                    $lists[$part][] = $whole[$first];
                }
                $last = $first;
            }
        }

        return $lists;
    }

    /** Strongly connected components after Tarjan; blocks of one component wait for each other. */
    private function visit(int $n): void
    {
        $this->met[$n] = $this->low[$n] = count($this->met);
        $this->stack[] = $n;
        foreach ($this->needs[$n] as $m) {
            if (!isset($this->met[$m])) {
                $this->visit($m);
                $this->low[$n] = min($this->low[$n], $this->low[$m]);
            } elseif (in_array($m, $this->stack, true)) {
                $this->low[$n] = min($this->low[$n], $this->met[$m]);
            }
        }
        if ($this->met[$n] === $this->low[$n]) {
            $members = [];
            do {
                $m = (int) array_pop($this->stack);
                $members[] = $m;
            } while ($m !== $n);
            foreach ($members as $m) {
                $this->joined[$m] = min($members);
            }
        }
    }

    /**
     * Each after what it waits for; of several that could be next the part that is least far on.
     *
     * @param non-empty-list<Activity> $activities
     *
     * @return non-empty-list<Activity>
     */
    private function sorted(array $activities): array
    {
        $left = [];
        foreach ($activities as $activity) {
            $left[$activity->id] = $activity;
        }
        $sorted = [];
        do {
            $next = null;
            foreach ($left as $id => $activity) {
                $before = $this->yard->before[$id] ?? '';
                $waits = array_filter($this->yard->needs[$id] ?? [], static fn(string $n): bool => isset($left[$n]));
                if (!isset($left[$before]) && [] === $waits) {
                    $next = $id;
                    break;
                }
            }
            // A circle among activities cannot be kept by anybody: it goes on with the first.
            $next ??= (string) array_key_first($left);
            $activity = $left[$next];
            unset($left[$next]);
            // Its part goes to the end of the line, so that the parts go on side by side.
            $own = array_filter($left, static fn(Activity $a): bool => $a->part === $activity->part);
            $left = array_diff_key($left, $own) + $own;
            $sorted[] = $activity;
        } while ([] !== $left);

        return $sorted;
    }
}
