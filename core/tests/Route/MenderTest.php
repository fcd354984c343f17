<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\Finding;
use Hull\Route\Mend;
use Hull\Route\Severity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * One step left out of a good route: it is missed at the right place, and the first mend that puts it in heals the
 * route.
 */
final class MenderTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> step left out, who misses it, words of the need */
    public static function omissions(): iterable
    {
        yield 'no photographs' => ['photograph', 'Scrape and brush off dirt', 'photographed'];
        yield 'dirt left on' => ['dry-clean', 'Alkaline degrease', 'loose soil'];
        yield 'oil left on' => ['alkaline-degrease', 'White-wipe test', 'oil must be off'];
        yield 'not rinsed' => ['rinse', 'White-wipe test', 'rinsed off'];
        yield 'not dried' => ['air-dry', 'White-wipe test', 'must be dry'];
        yield 'not proved' => ['white-wipe', 'Strip to bright metal with discs', 'white wipe'];
        yield 'scale left on' => ['scrape', 'Strip to bright metal with discs', 'loose scale'];
        yield 'not stripped' => ['strip-discs', 'Apply coat: Two-pack epoxy primer', 'rust must be gone'];
        yield 'dust left on' => ['blow-off', 'Mask', 'dust must be off'];
        yield 'not masked' => ['mask', 'Final wipe: remover, then isopropanol', 'masking must be on'];
        yield 'not wiped' => ['final-wipe', 'Apply coat: Two-pack epoxy primer', 'final wipe'];
        yield 'not waited for' => ['wait-recoat', 'Apply coat: Two-pack epoxy primer', 'shortest recoat time'];
        yield 'masks left on' => ['unmask', 'Inspect', 'masking must be off'];
        yield 'not cured' => ['wait-full', 'Inspect', 'fully cured'];
        yield 'not inspected' => ['inspect', 'Hand over', 'thickness and adhesion'];
    }

    #[DataProvider('omissions')]
    #[Group('slow')]
    public function testIsMissedWhereItMattersAndPutBack(string $omitted, string $step, string $words): void
    {
        $workpiece = Yard::workpiece();
        $findings = $this->broken($workpiece, $this->without($workpiece->plan(), $omitted));
        self::assertNotSame([], $findings);
        $first =
            array_values(
                array_filter(
                    $findings,
                    static fn(Finding $f): bool => $f->stepName === $step && str_contains((string) $f->says, $words),
                ),
            )[0] ?? null;
        self::assertNotNull(
            $first,
            implode('; ', array_map(static fn(Finding $f): string => $f->stepName . ': ' . $f->says, $findings)),
        );
        $replan = array_values(
            array_filter($first->mends, static fn(Mend $m): bool => str_starts_with((string) $m->label, 'Put in')),
        );
        self::assertNotSame([], $replan, 'a mend that puts something in');
        self::assertLessThan(count($findings), count($this->broken($workpiece, $replan[0]->route)));
    }

    /**
     * @return iterable<string, array{array<int|string, mixed>, int}> every sixth random part, spoilt in one of three
     *                                                                ways
     */
    public static function spoilt(): iterable
    {
        $number = 0;
        foreach (RoutePlannerTest::parts() as $name => [$change]) {
            if (0 === ++$number % 6) {
                yield $name => [$change, $number];
            }
        }
    }

    /** @param array<int|string, mixed> $change */
    #[DataProvider('spoilt')]
    public function testTheFirstMendOfEveryFindingRemovesIt(array $change, int $number): void
    {
        $workpiece = Yard::workpiece($change);
        $plan = $workpiece->plan();
        $at = $number % (count($plan->steps) - 1);
        $spoilt = 0 === $number % 12 ? $plan->less($at) : $plan->moved($at, count($plan->steps) - 1 - $at);
        foreach ($workpiece->findings($spoilt) as $finding) {
            if (!$finding->isInTheWay() || $finding->mayBeTaken) {
                continue;
            }
            self::assertNotSame([], $finding->mends, $finding->stepName . ': ' . $finding->says);
            $left = array_filter(
                $workpiece->check()->findings($workpiece->surveyed, $finding->mends[0]->route),
                static fn(Finding $f): bool => $f->is($finding),
            );
            self::assertSame([], $left, (string) $finding->mends[0]->label);
        }
        self::assertNotSame([], $plan->steps);
    }

    #[Group('slow')]
    public function testPlanningAgainHealsEverything(): void
    {
        $workpiece = Yard::workpiece();
        $backwards = Route::of(array_reverse($workpiece->plan()->steps));
        $again = null;
        foreach ($this->broken($workpiece, $backwards) as $finding) {
            foreach ($finding->mends as $mend) {
                $again = 'Plan the whole route again' === $mend->label ? $mend : $again;
            }
        }
        self::assertNotNull($again);
        self::assertSame([], $this->broken($workpiece, $again->route));
    }

    #[Group('slow')]
    public function testHealingByTheFirstMendsEnds(): void
    {
        $workpiece = Yard::workpiece();
        $route = $this->without($this->without($workpiece->plan(), 'mask'), 'rinse');
        for ($round = 0; $round < 12; ++$round) {
            $broken = $this->broken($workpiece, $route);
            if ([] === $broken) {
                break;
            }
            $route = $broken[0]->mends[0]->route;
        }
        self::assertSame([], $this->broken($workpiece, $route));
        self::assertContains('mask', array_map(static fn(RouteStep $s): string => $s->step, $route->steps));
    }

    public function testACautionHasNoMendAndIsNotABrokenNeed(): void
    {
        $job = (new \Hull\JobFile\JobReader(Yard::catalogue()))->job(
            \Hull\Input\Node::root(Yard::frame([], '11 C', '60 %')),
        );
        $cool = Workpiece::of(Yard::catalogue(), $job->parts[0], $job->place('bay'));
        $cautions = array_filter(
            $cool->findings($cool->plan()),
            static fn(Finding $f): bool => Severity::Caution === $f->severity,
        );
        self::assertNotSame([], $cautions);
        foreach ($cautions as $caution) {
            self::assertSame([], $caution->mends);
            self::assertStringContainsString('urethane', $caution->stepName);
        }
    }

    /** @return list<Finding> */
    private function broken(Workpiece $workpiece, Route $route): array
    {
        return array_values(
            array_filter(
                $workpiece->findings($route),
                static fn(Finding $f): bool => Severity::Broken === $f->severity,
            ),
        );
    }

    private function without(Route $route, string $step): Route
    {
        foreach ($route->steps as $index => $routeStep) {
            if ($routeStep->step === $step) {
                return $route->less($index);
            }
        }
        self::fail('No step ' . $step);
    }
}
