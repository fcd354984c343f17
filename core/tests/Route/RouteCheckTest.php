<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Route\Finding;
use Hull\Route\Severity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class RouteCheckTest extends TestCase
{
    public function testAMissingDegreaseIsNamedWithItsConsequenceAndMended(): void
    {
        $workpiece = Yard::workpiece();
        $route = $this->without($workpiece->plan(), 'alkaline-degrease');
        $finding = $this->find($workpiece->findings($route), 'degrease-before-abrading');
        self::assertSame('Scrape and chip off what is loose', $finding->stepName);
        self::assertStringContainsString('grease', (string) $finding->consequence);
        self::assertNotSame([], $finding->mends);
        self::assertStringContainsString('Alkaline degrease', (string) $finding->mends[0]->label);
        self::assertSame(
            [],
            array_filter(
                $workpiece->check()->findings($workpiece->surveyed, $finding->mends[0]->route),
                static fn(Finding $f): bool => $f->is($finding),
            ),
        );
    }

    public function testAStepMovedBehindWhereItIsNeededIsOfferedBack(): void
    {
        $workpiece = Yard::workpiece();
        $route = $workpiece->plan();
        $mask = $this->index($route, 'mask');
        $finding = $this->find($workpiece->findings($route->moved($mask, $mask + 2)), 'coat-masked');
        self::assertSame(
            'Move "Mask" before "Final wipe: remover, then isopropanol"',
            (string) $finding->mends[0]->label,
            'not between the wipe and the coat',
        );
        self::assertNull(
            $this->maybe($workpiece->check()->findings($workpiece->surveyed, $finding->mends[0]->route), 'coat-masked'),
        );
    }

    public function testAMissingCoatAndAMissingHandOverAreFoundAtTheEnd(): void
    {
        $workpiece = Yard::workpiece();
        $route = Route::of(array_slice($workpiece->plan()->steps, 0, -8));
        $ids = array_map(static fn(Finding $f): string => $f->needId, $workpiece->findings($route));
        self::assertContains('system-complete', $ids);
        self::assertContains('handed-over', $ids);
    }

    #[Group('slow')]
    public function testShuffledRoutesAreFoundWrongAndEveryFirstMendRemovesItsFinding(): void
    {
        $workpiece = Yard::workpiece();
        $seed = 7;
        for ($round = 0; $round < 6; ++$round) {
            $steps = $workpiece->plan()->steps;
            for ($i = count($steps) - 1; $i > 0; --$i) {
                $seed = ($seed * 1103515245 + 12345) % 2147483648;
                $j = intdiv($seed, 65536) % ($i + 1);
                [$steps[$i], $steps[$j]] = [$steps[$j], $steps[$i]];
            }
            $findings = array_filter(
                $workpiece->findings(Route::of(array_values($steps))),
                static fn(Finding $f): bool => Severity::Broken === $f->severity,
            );
            self::assertNotSame([], $findings);
            foreach ($findings as $finding) {
                self::assertNotSame('', $finding->says . $finding->consequence);
                self::assertNotSame([], $finding->mends, $finding->stepName . ': ' . $finding->says);
            }
        }
    }

    public function testColdDampAirIsACautionOnTheCoat(): void
    {
        $workpiece = Yard::workpiece();
        $route = $workpiece->plan();
        $frame = Yard::frame([], '11 C', '84 %');
        $job = (new \Hull\JobFile\JobReader(Yard::catalogue()))->job(\Hull\Input\Node::root($frame));
        $cold = Workpiece::of(Yard::catalogue(), $job->parts[0], $job->place('bay'));
        $cautions = array_filter(
            $cold->findings($route),
            static fn(Finding $f): bool => Severity::Caution === $f->severity,
        );
        self::assertStringContainsString(
            'dew point',
            implode(' ', array_map(static fn(Finding $f): string => (string) $f->consequence, $cautions)),
        );
    }

    public function testEveryPlannedStepHasAReason(): void
    {
        $workpiece = Yard::workpiece();
        $route = $workpiece->plan();
        foreach ($workpiece->reasons($route) as $key => $reason) {
            $key = (string) $key;
            self::assertNotSame([], $reason->ifLeftOut, $route->find($key)->step ?? '');
        }
    }

    private function without(Route $route, string $step): Route
    {
        return $route->less($this->index($route, $step));
    }

    private function index(Route $route, string $step): int
    {
        foreach ($route->steps as $index => $routeStep) {
            if ($routeStep->step === $step) {
                return $index;
            }
        }
        self::fail('No step ' . $step);
    }

    /** @param list<Finding> $findings */
    private function find(array $findings, string $need): Finding
    {
        return $this->maybe($findings, $need) ?? self::fail('Not found: ' . $need);
    }

    /** @param list<Finding> $findings */
    private function maybe(array $findings, string $need): ?Finding
    {
        foreach ($findings as $finding) {
            if ($finding->needId === $need) {
                return $finding;
            }
        }

        return null;
    }
}
