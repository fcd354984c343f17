<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\School;
use Hull\Input\Keys;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\NoRoute;
use Hull\Route\Schools;
use Hull\Route\Surroundings;

/** The honest alternatives to a part's plan: each school question answered the other way, and what the gear forbids. */
final readonly class Alternatives
{
    private Schools $schools;

    /** @param \Hull\Climate\Air|null $air in which the waits are reckoned; that of the place where it is null */
    public function __construct(
        private Workpiece $piece,
        private Surroundings $around,
        private ?\Hull\Climate\Air $air = null,
    ) {
        $this->schools = new Schools($piece->context->traits, $piece->part->schools);
    }

    /** @return list<School> the questions that arise on this material */
    public function questions(): array
    {
        return array_values($this->schools->asked());
    }

    /**
     * @return list<Alternative> of every question that arises on this material; answers that change nothing included
     */
    public function all(): array
    {
        return array_merge(...array_map($this->of(...), $this->questions()));
    }

    /** @return list<Alternative> one for each answer to the question, the one of the plan among them */
    public function of(School $school): array
    {
        $plan = $this->piece->plan();

        return array_map(
            fn(string $answer): Alternative => $this->one($school, $answer, $plan),
            Keys::of($school->answers),
        );
    }

    /** What would be planned if the workshop lacked nothing; null when it is the same. */
    public function otherwise(): ?Route
    {
        if ([] === $this->around->lacks) {
            return null;
        }
        try {
            $free = $this->freed()->plan();
        } catch (NoRoute) {
            return null;
        }

        return self::kinds($free) === self::kinds($this->piece->plan()) ? null : $free;
    }

    /** The part in a workshop that lacks nothing. */
    public function freed(): Workpiece
    {
        return $this->piece->with($this->piece->part->schools, $this->around->lackingNothing());
    }

    private function one(School $school, string $answer, Route $plan): Alternative
    {
        $context = $this->piece->context;
        $chosen = $context->answer($school->id) === $answer;
        $for = $this->schools->arguments($school, $answer);
        $against = $this->schools->arguments($school, $answer, true);
        try {
            $other = $chosen
                ? $this->piece
                : $this->piece->with([...$this->piece->part->schools, $school->id => $answer], $this->around);
            $route = $chosen ? $plan : $other->plan();
        } catch (NoRoute $e) {
            return new Alternative(
                school: $school,
                answer: $school->answers[$answer],
                chosen: $chosen,
                for: $for,
                against: $against,
                closed: $e->getMessage(),
                system: '',
                figures: null,
                gains: [],
                spares: [],
                matters: false,
            );
        }
        $closed =
            $this->schools->isOpen($school, $answer) && $other->context->answer($school->id) === $answer
                ? ''
                : 'No film system follows it on this material and in this service.';
        [$mine, $theirs] = [$this->names($this->piece, $plan), $this->names($other, $route)];

        $figures = RouteFigures::of($other, $route, $this->air);

        return new Alternative(
            school: $school,
            answer: $school->answers[$answer],
            chosen: $chosen,
            for: $for,
            against: $against,
            closed: $closed,
            system: $other->context->system->name,
            figures: $figures,
            gains: array_values(array_diff($theirs, $mine)),
            spares: array_values(array_diff($mine, $theirs)),
            matters: !$chosen && $mine !== $theirs && $figures->isAnotherWayThan($this->figures($plan)),
        );
    }

    private function figures(Route $plan): RouteFigures
    {
        return RouteFigures::of($this->piece, $plan, $this->air);
    }

    /** @return list<string> */
    private function names(Workpiece $piece, Route $route): array
    {
        return array_values(
            array_unique(array_map(static fn(RouteStep $s): string => $piece->check()->name($s), $route->steps)),
        );
    }

    /** @return list<array{string, string|null}> */
    private static function kinds(Route $route): array
    {
        return array_map(static fn(RouteStep $s): array => [$s->step, $s->product], $route->steps);
    }
}
