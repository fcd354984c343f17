<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PartRow;
use App\Entity\RouteRow;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\JobFile\JobWriter;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** The routes of a part, by version. */
final readonly class RouteBook
{
    public const PLANNED = 'planned';
    private const SURVEY_CHANGED = 'the survey changed';
    public const IMPORTED = 'imported';

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private ClockInterface $clock,
    ) {}

    /** A new version of the route. Finished steps stay as they are; steps without a known key get a lasting one. */
    public function put(PartRow $row, Route $route, string $because): void
    {
        $this->em->wrapInTransaction(function () use ($row, $route, $because): void {
            $this->add($row, $route, $because);
            $this->em->flush();
        });
    }

    /** Waits until nobody else writes about the part; what is read of it afterwards is as it then is. */
    public function hold(PartRow $row): void
    {
        $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
    }

    /**
     * While nothing is logged or changed by hand the route follows the survey; afterwards it stays and the checker
     * shows what broke.
     */
    public function followSurvey(PartRow $row): void
    {
        $latest = $row->latestRoute();
        if (
            !$row->log->isEmpty() ||
            (null !== $latest && !in_array($latest->because, [self::PLANNED, self::SURVEY_CHANGED], true))
        ) {
            return;
        }
        try {
            $plan = $this->stored->workpiece($row)->plan();
        } catch (NoRoute) {
            return;
        }
        $kinds = static fn(Route $route): array => array_map(
            static fn(RouteStep $s): array => [$s->step, $s->product],
            $route->steps,
        );
        $before = $this->stored->part($row)->route;
        if (null === $before || $kinds($before) !== $kinds($plan)) {
            $this->add(
                $row,
                Route::of(array_map(static fn(RouteStep $s): RouteStep => $s->withKey(''), $plan->steps)),
                null === $before ? self::PLANNED : self::SURVEY_CHANGED,
            );
        }
    }

    /** A further version, written with what else the caller writes. */
    public function add(PartRow $row, Route $route, string $because): void
    {
        $used = [];
        foreach ($row->routes as $version) {
            $used = [...$used, ...array_map(static fn(array $s): string => $s['key'] ?? '', $version->steps)];
        }
        $kept = self::IMPORTED === $because ? $route : $route->kept($used);
        $version = new RouteRow(
            $row,
            1 + $row->routes->count(),
            array_map(JobWriter::step(...), $kept->steps),
            $because,
            $this->clock->now(),
        );
        $row->routes->add($version);
        $this->em->persist($version);
    }
}
