<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Route\FilmChoice;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Tests\Draw;
use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use Judge\Breach;
use Judge\Judge;
use PHPUnit\Framework\TestCase;

/**
 * Not only the plan is held against the laws: routes that were spoilt and mended, every other answer to a question of
 * the schools, and every other film that fits. Thinned; HULL_FULL=1 judges 120 mends and every way of 120 parts.
 */
final class OtherWaysTest extends TestCase
{
    private const PARTS = 8;
    private const FULL = 120;
    /** So many mends one after another, at the most. */
    private const MENDS = 12;

    public function testNoMendedRouteBreaksALaw(): void
    {
        $said = [];
        $mended = 0;
        foreach ($this->pieces(60_000) as $n => $piece) {
            $route = self::spoilt($piece->plan(), $n);
            for ($i = 0; $i < self::MENDS; ++$i) {
                $findings = array_values(
                    array_filter(
                        $piece->findings($route),
                        static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken && [] !== $f->mends,
                    ),
                );
                if ([] === $findings) {
                    break;
                }
                $route = $findings[0]->mends[0]->route;
            }
            // A gate stays until somebody signs; no mend takes it away.
            $left = array_filter(
                $piece->findings($route),
                static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken,
            );
            if ([] !== $left) {
                continue;
            }
            ++$mended;
            $said = [...$said, ...self::judged($piece, $route, sprintf('part %d, mended', $n))];
        }
        self::assertGreaterThan(0.8 * self::many(), $mended);
        self::assertSame([], $said);
    }

    public function testNoOtherAnswerBreaksALaw(): void
    {
        $said = [];
        foreach ($this->pieces(70_000) as $n => $piece) {
            foreach ($piece->context->catalogue()->schools as $school) {
                foreach (array_keys($school->answers) as $answer) {
                    try {
                        $other = $piece->with(
                            [...$piece->part->schools, $school->id => (string) $answer],
                            Surroundings::none(),
                        );
                        $said = [...$said, ...self::judged($other, $other->plan(), "part $n, {$school->id} $answer")];
                    } catch (NoRoute) {
                        continue;
                    }
                }
            }
        }
        self::assertSame([], $said);
    }

    public function testNoOtherFilmBreaksALaw(): void
    {
        $said = [];
        foreach ($this->pieces(80_000) as $n => $piece) {
            $choice = FilmChoice::of($piece->context->catalogue(), $piece->part, $piece->place, Surroundings::none());
            foreach ($choice->films() as $fit) {
                if (!$fit->fits()) {
                    continue;
                }
                try {
                    $other = Workpiece::of(
                        $piece->context->catalogue(),
                        $piece->part->wanting($piece->part->aim, $fit->system->id),
                        $piece->place,
                    );
                    $said = [...$said, ...self::judged($other, $other->plan(), "part $n, {$fit->system->id}")];
                } catch (NoRoute) {
                    continue;
                }
            }
        }
        self::assertSame([], $said);
    }

    private static function many(): int
    {
        return Sweep::of(self::PARTS, self::FULL);
    }

    /** @return iterable<int, Workpiece> that can be planned */
    private function pieces(int $from): iterable
    {
        $parts = new Parts(Yard::catalogue());
        for ($n = $from, $found = 0; $found < self::many(); ++$n) {
            try {
                $piece = $parts->workpiece($n);
                $piece->plan();
            } catch (NoRoute) {
                continue;
            }
            ++$found;
            yield $n => $piece;
        }
    }

    /** One step taken out, moved, or done where another stands. */
    private static function spoilt(Route $route, int $number): Route
    {
        $draw = new Draw('spoilt ' . $number);
        $at = (int) $draw->pick('which', $route->steps);

        $other = match ($draw->pick('how', ['out' => 1, 'later' => 1, 'earlier' => 1])) {
            'out' => $route->less($at),
            'later' => $route->moved($at, min(count($route->steps) - 1, $at + 3)),
            default => $route->moved($at, max(0, $at - 3)),
        };

        return self::hasTwins($other) ? $route->less($at) : $other;
    }

    /** What somebody does twice by hand is waste and no wrong order: nothing there asks for a mend. */
    private static function hasTwins(Route $route): bool
    {
        foreach (array_slice($route->steps, 1) as $n => $step) {
            if (null === $step->product && $step->step === $route->steps[$n]->step) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function judged(Workpiece $piece, Route $route, string $what): array
    {
        return array_map(
            static fn(Breach $b): string => sprintf('%d: %s (%s)', $b->law, $b->says, $what),
            (new Judge())->breaches(Parts::work($piece, $route->steps)),
        );
    }
}
