<?php

declare(strict_types=1);

namespace Hull\Effort;

/** How fast a way of stripping goes, by what comes off; typical, the yard's own log replaces it. */
final readonly class Pace
{
    /**
     * @param float $setUp minutes to set up and clear away
     * @param non-empty-list<PaceRow> $rows the slowest first; the last one counts where nothing of them was found
     */
    public function __construct(public string $id, public string $name, public float $setUp, public array $rows) {}

    /** The row of that name, or the only one there is: a blaster goes by the machine, whatever comes off. */
    public function row(string $name): PaceRow
    {
        foreach ($this->rows as $row) {
            if ($row->name === $name) {
                return $row;
            }
        }

        return $this->rows[count($this->rows) - 1];
    }
}
