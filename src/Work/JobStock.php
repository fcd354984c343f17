<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\PartRow;
use Hull\Board\Wanted;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Route\NoRoute;
use Hull\Store\Inventory;
use Psr\Clock\ClockInterface;

/** The store as one job of the yard sees it: what is on hand, who sells the rest, and what the other jobs will want. */
final readonly class JobStock
{
    public function __construct(
        private RowMapper $stored,
        private TinLedger $room,
        private DerivedOfParts $derived,
        private ClockInterface $clock,
    ) {}

    /** @param list<JobRow> $others the other jobs of the yard */
    public function for(JobRow $job, array $others): Inventory
    {
        return new Inventory(
            $this->room->lots(),
            $this->clock->now(),
            TinLedger::suppliers($job->workshop),
            $this->wanted($others),
        );
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return array<int|string, Wanted> by job id
     */
    public function byJob(array $jobs): array
    {
        $wanted = [];
        foreach ($jobs as $job) {
            $wanted[(string) $job->id] = Wanted::together($this->derived->of($job, Wanted::class, $this->part(...)));
        }

        return $wanted;
    }

    /** What is finished does not hang on the time of day, and neither does what is wanted for the rest. */
    private function part(PartRow $row): ?Wanted
    {
        try {
            $piece = $this->stored->workpiece($row);

            return Wanted::ofPart(
                (string) $row->id,
                $piece,
                $piece->replay($this->clock->now()),
                array_map($this->stored->part(...), array_values($row->job->parts->toArray())),
            );
        } catch (NoRoute) {
            return null;
        }
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return array<int|string, Quantity> paint by key of the shade
     */
    private function wanted(array $jobs): array
    {
        $litres = [];
        foreach ($this->byJob($jobs) as $wanted) {
            foreach ($wanted->coats as $coat) {
                $key = $coat->shade->key();
                $litres[$key] = ($litres[$key] ?? 0.0) + $coat->paint->litresValue();
            }
        }

        return array_map(Volume::litres(...), $litres);
    }
}
