<?php

declare(strict_types=1);

namespace Hull\Tests\Job;

use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Input\Node;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** Several parts and zones planned together. */
final class JobPlanTest extends TestCase
{
    /** @return list<list<string>> steps of each lane of a piece with unlike materials, mounted on another */
    public static function lanes(): array
    {
        $plans = [self::plan(self::mixed('mechanical')), self::plan(self::mixed('bath'))];

        return array_map(
            static fn(Route $r): array => array_map(static fn(RouteStep $s): string => $s->step, $r->steps),
            [...array_values($plans[0]->routes), ...array_values($plans[1]->routes)],
        );
    }

    public function testUnlikeMaterialsOnOnePieceAreShieldedOrTreatedApart(): void
    {
        $steps = self::lanes();
        self::assertContains('shield-neighbours', $steps[0], 'discs beside rubber: shield it');
        self::assertNotContains('take-apart', $steps[0]);
        self::assertContains('take-apart', $steps[intdiv(count($steps), 2)], 'a bath takes all of it');
    }

    public function testWhatIsMountedComesOffFirstAndGoesBackLastWithUnlikeMetalsIsolated(): void
    {
        $steps = self::lanes()[2];
        self::assertLessThan(array_search('apply-coat', $steps, true), array_search('dismantle', $steps, true));
        self::assertLessThan(array_search('refit', $steps, true), array_search('isolate', $steps, true));
        self::assertLessThan(array_search('hand-over', $steps, true), array_search('refit', $steps, true));
    }

    public function testEachLaneKeepsItsOwnOrder(): void
    {
        $plan = self::plan(self::many(12));
        foreach ($plan->routes as $zone => $route) {
            $keys = [];
            foreach ($plan->actions as $action) {
                if (isset($action->zones[$zone])) {
                    $keys[] = $action->zones[$zone];
                }
            }
            self::assertSame(array_map(static fn(RouteStep $s): string => $s->key, $route->steps), $keys);
        }
    }

    public function testZonesAlikeShareTheWashTheMixAndTheCoats(): void
    {
        $plan = self::plan(self::many(6));
        $coats = array_values(
            array_filter($plan->actions, static fn(SharedAction $a): bool => 'apply-coat' === $a->step),
        );
        self::assertCount(4, $coats, 'two epoxy, two colour, each once for all zones');
        self::assertCount(6, $coats[0]->zones);
        self::assertSame(50.0, $coats[0]->saved, 'five times ten minutes of setting up');
        self::assertCount(
            1,
            array_filter($plan->actions, static fn(SharedAction $a): bool => 'alkaline-degrease' === $a->step),
        );
    }

    public function testTwoPlacesShareNothing(): void
    {
        $job = self::many(2);
        $job['places'][] = [
            'id' => 'other',
            'name' => 'Other bay',
            'kind' => 'heated-bay',
            'temperature' => '18 C',
            'humidity' => '55 %',
        ];
        $job['parts'][1]['place'] = 'other';
        self::assertSame(
            [],
            array_filter(self::plan($job)->actions, static fn(SharedAction $a): bool => count($a->zones) > 1),
        );
    }

    public function testAPartWithoutARouteSaysWhyAndTheOthersArePlanned(): void
    {
        $job = self::many(2);
        $rubber = ['substrate' => 'rubber', 'conditions' => [], 'service' => 'heat-600'];
        $job['parts'][1] = [...$job['parts'][1], ...$rubber];
        $plan = self::plan($job);
        self::assertArrayHasKey('zone-0', $plan->routes);
        self::assertStringContainsString('melts', $plan->unrouted['zone-1'] ?? '');
    }

    public function testSixtyZonesAreTheSameTwice(): void
    {
        $job = self::many(60);
        self::assertSame(serialize(self::plan($job)->actions), serialize(self::plan($job)->actions));
    }

    /** @param array<int|string, mixed> $job */
    private static function plan(array $job): JobPlan
    {
        return JobPlan::of(Yard::catalogue(), (new JobReader(Yard::catalogue()))->job(Node::root($job)));
    }

    /**
     * @return array{
     *     format: string,
     *     version: int,
     *     name: string,
     *     places: list<array<int|string, mixed>>,
     *     parts: list<array<int|string, mixed>>,
     * }
     */
    private static function many(int $count): array
    {
        $job = Yard::frame();
        $job['places'] = [$job['places'][0]];
        $parts = [];
        for ($i = 0; $i < $count; ++$i) {
            $parts[] = [...$job['parts'][0], 'id' => 'zone-' . $i, 'name' => 'Zone ' . $i];
        }

        return [...$job, 'parts' => $parts];
    }

    /**
     * @return array{
     *     format: string,
     *     version: int,
     *     name: string,
     *     places: list<array<int|string, mixed>>,
     *     parts: list<array<int|string, mixed>>,
     * }
     */
    private static function mixed(string $removing): array
    {
        $job = Yard::frame();
        $job['places'] = [$job['places'][0]];
        $shape = [['kind' => 'strip', 'width' => '0.3 m', 'length' => '0.5 m']];
        $rust = [['id' => 'rust', 'grade' => 'light']];
        $base = ['shapes' => $shape, 'service' => 'exterior-splash', 'finish' => 'tidy', 'place' => 'bay'];

        return [
            ...$job,
            'parts' => [
                [
                    ...$base,
                    'id' => 'frame',
                    'name' => 'Frame',
                    'substrate' => 'carbon-steel',
                    'conditions' => $rust,
                    'schools' => ['removing' => $removing],
                ],
                [
                    ...$base,
                    'id' => 'bush',
                    'name' => 'Bush',
                    'substrate' => 'rubber',
                    'conditions' => [],
                    'zone_of' => 'frame',
                ],
                [
                    ...$base,
                    'id' => 'guard',
                    'name' => 'Guard',
                    'substrate' => 'aluminium-wrought',
                    'conditions' => [['id' => 'soil', 'grade' => 'light']],
                    'mounted_on' => 'frame',
                ],
            ],
        ];
    }
}
