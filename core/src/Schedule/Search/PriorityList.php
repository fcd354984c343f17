<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Placing\Decisions;
use Hull\Schedule\Placing\Schedule;
use Random\Randomizer;

/** What the search changes: the order in which parts get their turns, and what is decided of single activities. */
final readonly class PriorityList
{
    /**
     * @param list<string> $order a part each time it gets its turn; what is left out comes last
     */
    public function __construct(public array $order, public Decisions $decided = new Decisions()) {}

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

    /** The same for the same turns and decisions, and for no others. */
    public function key(): string
    {
        return md5(serialize([$this->order, $this->decided]));
    }

    /** A few changes: a turn elsewhere, two exchanged, one decision more or less. */
    public function changed(Schedule $schedule, Randomizer $random): self
    {
        $changed = $this->changedOnce($schedule, $random);
        for ($more = 0; $more < 3 && 0 === $random->getInt(0, 1); ++$more) {
            $changed = $changed->changedOnce($schedule, $random);
        }

        return $changed;
    }

    private function changedOnce(Schedule $schedule, Randomizer $random): self
    {
        return match ($random->getInt(0, 7)) {
            0, 1, 2 => new self($this->order, $this->decided->changed($schedule, $random)),
            3 => new self(Orders::neighbour($this->order, $random), $this->decided->changed($schedule, $random)),
            4 => new self(Orders::neighbour($this->order, $random)),
            default => new self(Orders::neighbour($this->order, $random), $this->decided),
        };
    }

    /** The same turns with other decisions. */
    public function deciding(Decisions $decided): self
    {
        return new self($this->order, $decided);
    }

    /** All anew. */
    public function shuffled(Randomizer $random): self
    {
        return new self($random->shuffleArray($this->order));
    }
}
