<?php

declare(strict_types=1);

namespace Hull\Schedule;

use Random\Randomizer;

/** What the search changes: the order in which parts get their turns, and what is held back so that others go first. */
final readonly class PriorityList
{
    private const MOST_HELD = 4;

    /**
     * @param list<string> $order a part each time it gets its turn; what is left out comes last
     * @param array<int|string, float> $held activity => hour before which it is not begun
     */
    public function __construct(public array $order, public array $held = []) {}

    /**
     * The turns as a schedule has them, by when each block begins.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks by part
     */
    public static function in(Schedule $schedule, array $blocks): self
    {
        $turns = [];
        foreach ($blocks as $part => $list) {
            foreach ($list as $n => $block) {
                $turns[] = [$schedule->placed[$block[0]->id]->start ?? \INF, $n, (string) $part];
            }
        }
        sort($turns);

        return new self(array_column($turns, 2));
    }

    /** One change: a turn elsewhere, two exchanged, an activity held back a little or let go again. */
    public function changed(Schedule $schedule, Randomizer $random): self
    {
        return match ($random->getInt(0, 5)) {
            0 => new self($this->order, $this->holding($schedule, $random)),
            1 => [] === $this->held
                ? new self(Orders::neighbour($this->order, $random), [])
                : new self($this->order, self::without($this->held, $random)),
            2 => new self(Orders::neighbour($this->order, $random), []),
            default => new self(Orders::neighbour($this->order, $random), $this->held),
        };
    }

    /** All anew. */
    public function shuffled(Randomizer $random): self
    {
        return new self($random->shuffleArray($this->order));
    }

    /** @return array<int|string, float> with one more held back, by as long as some other work takes */
    private function holding(Schedule $schedule, Randomizer $random): array
    {
        $ids = array_keys($schedule->placed);
        // Nothing found a place: nobody works, or no window ever opens.
        if ([] === $ids) {
            return $this->held;
        }
        $id = $ids[$random->getInt(0, count($ids) - 1)];
        $other = $schedule->yard->activity($ids[$random->getInt(0, count($ids) - 1)]);
        $held = count($this->held) < self::MOST_HELD ? $this->held : self::without($this->held, $random);

        return null === $schedule->yard->activity($id)->fixed
            ? [...$held, $id => $schedule->placed[$id]->start + max(0.25, $other->hours)]
            : $held;
    }

    /**
     * @param array<int|string, float> $held
     *
     * @return array<int|string, float>
     */
    private static function without(array $held, Randomizer $random): array
    {
        $ids = array_keys($held);
        unset($held[$ids[$random->getInt(0, count($ids) - 1)]]);

        return $held;
    }
}
