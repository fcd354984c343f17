<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\Workshop;
use App\Format\Calendar;
use App\Persistence\WorkshopScope;
use App\Plan\PlanDocument;
use App\Plan\PlannedWork;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** The latest plan of a yard and its live windows as a calendar. */
final readonly class YardCalendar
{
    public function __construct(
        private EntityManagerInterface $em,
        private WorkshopScope $scope,
        private RowMapper $stored,
        private YardPlan $plans,
        private YardAir $air,
        private WholeYard $whole,
        private ClockInterface $clock,
    ) {}

    /** The calendar at a secret address; null when there is none. */
    public function at(string $key): ?string
    {
        $workshop = $this->em->getRepository(Workshop::class)->findOneBy(['calendarKey' => $key]);
        if (null === $workshop) {
            return null;
        }
        $this->scope->enter($workshop);

        return $this->of($workshop);
    }

    public function of(Workshop $workshop): string
    {
        $now = $this->clock->now();
        $parts = $windows = [];
        foreach ($this->whole->jobs() as $job) {
            foreach ($job->parts as $row) {
                $name = $this->stored->part($row)->name;
                $parts[(string) $row->id] = $name . ' (' . $job->name . ')';
                try {
                    $piece = $this->stored->workpiece($row);
                    $replayed = $piece->replay($now, $this->air->series($row));
                } catch (NoRoute) {
                    continue;
                }
                $coat = $replayed->coats[count($replayed->coats) - 1] ?? null;
                if (null !== $coat && null !== $piece->next($replayed)) {
                    $windows[] = [
                        $row->id . '/' . $coat->stepKey,
                        $name . ', ' . lcfirst($coat->product->name),
                        $coat->opensAt,
                        $coat->closesAt,
                    ];
                }
            }
        }

        return Calendar::of(
            yard: $workshop->name,
            work: array_values(
                array_filter(
                    PlanDocument::of($this->plans->latest())->work,
                    static fn(PlannedWork $w): bool => isset($parts[$w->part]),
                ),
            ),
            parts: $parts,
            windows: $windows,
            crew: YardPlan::crew($workshop)->written,
            zone: new \DateTimeZone($workshop->timezone),
            now: $now,
        );
    }
}
