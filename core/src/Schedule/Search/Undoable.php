<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\BlockFiller;

/** Activities taken out of a yard and put into it one by one, as far back as is wanted. */
final class Undoable
{
    /** @var list<array{string, Placement|null}> activity, and where it stood; null where it stood nowhere */
    private array $steps = [];

    public function __construct(private readonly Yard $yard, private readonly BlockFiller $filler) {}

    /** @return Placement where it stood */
    public function leave(string $id): Placement
    {
        $was = $this->filler->placed[$id];
        $this->steps[] = [$id, $was];
        $this->filler->leave([$this->yard->activity($id)], 0, 1);

        return $was;
    }

    public function put(string $id, Placement $there): void
    {
        $this->steps[] = [$id, null];
        $this->filler->put($this->yard->activity($id), $there);
    }

    /** @return int to come back to */
    public function mark(): int
    {
        return count($this->steps);
    }

    /** As it was then. */
    public function backTo(int $mark): void
    {
        foreach (array_reverse(array_splice($this->steps, $mark)) as [$id, $was]) {
            $activity = $this->yard->activity($id);
            null === $was ? $this->filler->leave([$activity], 0, 1) : $this->filler->put($activity, $was);
        }
    }

    /** From here on there is no way back. */
    public function forget(): void
    {
        $this->steps = [];
    }

    /** @return array<int|string, Placement> where what was taken out stood at first, by activity */
    public function was(): array
    {
        $was = [];
        foreach ($this->steps as [$id, $there]) {
            if (null !== $there) {
                $was[$id] ??= $there;
            }
        }

        return $was;
    }
}
