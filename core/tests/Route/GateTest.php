<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\CoatSheets;
use Hull\Bench\RouteFigures;
use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Catalog\Caution;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Quantity\Volume;
use Hull\Route\Finding;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * Jobs as they come through the gate of a yard, held against what a master would plan (core/tests/gate/musts.yaml).
 */
final class GateTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../gate/';

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        $files = glob(self::FOLDER . '*.json');
        foreach (false === $files ? [] : $files as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    public function testEachSaysWhatItMust(): void
    {
        $jobs = array_keys(iterator_to_array(self::jobs()));
        self::assertCount(40, $jobs);
        self::assertSame($jobs, array_keys(self::musts()));
    }

    #[DataProvider('jobs')]
    #[Group('slow')]
    public function testItIsPlannedAsAMasterWould(string $name): void
    {
        $job = self::job($name);
        $musts = self::musts()[$name];
        foreach ($musts['together'] ?? [] as $wanted) {
            $this->together($job, is_array($wanted) ? $wanted : [], $name);
        }
        unset($musts['open'], $musts['together']);
        self::assertSame(array_map(static fn(Part $p): string => $p->id, $job->parts), array_keys($musts));
        foreach ($job->parts as $part) {
            $piece = self::piece($job, $part);
            $route = $piece->plan();
            foreach ($musts[$part->id] as $what => $wanted) {
                $this->holds($piece, $route, (string) $what, $wanted, "$name, {$part->id}: $what");
            }
            self::assertSame(
                [],
                array_map(
                    static fn(Finding $f): string => (string) $f->says,
                    array_filter(
                        $piece->findings($route),
                        static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken,
                    ),
                ),
            );
        }
    }

    /** No route is much longer than what a practitioner writes down, and all together hardly are. */
    #[Group('slow')]
    public function testNoRouteIsLongerThanAPractitionersByMuch(): void
    {
        $lengths = Yaml::parseFile(self::FOLDER . 'lengths.yaml');
        self::assertIsArray($lengths);
        [$ours, $theirs, $longer] = [0, 0, []];
        foreach (self::jobs() as [$name]) {
            $job = self::job($name);
            $of = $lengths[$name] ?? [];
            foreach ($job->parts as $part) {
                $his = is_array($of) ? $of[$part->id] ?? null : null;
                self::assertIsInt($his, "$name, {$part->id}: nobody said how long it is");
                $steps = array_filter(
                    self::piece($job, $part)->plan()->steps,
                    static fn(RouteStep $s): bool => !Yard::catalogue()->step($s->step)->isWait(),
                );
                [$ours, $theirs] = [$ours + count($steps), $theirs + $his];
                if (count($steps) > $his + max(2, 0.15 * $his)) {
                    $longer[] = sprintf('%s, %s: %d steps for %d', $name, $part->id, count($steps), $his);
                }
            }
        }
        self::assertSame([], $longer);
        self::assertLessThan(1.1 * $theirs, $ours);
    }

    /** @param array<array-key, mixed> $wanted "part:step" in the order in which the job does them */
    private function together(Job $job, array $wanted, string $name): void
    {
        $actions = JobPlan::of(Yard::catalogue(), $job)->actions;
        $at = -1;
        foreach (array_values(array_filter($wanted, is_string(...))) as $asked) {
            [$parts, $step, $which] = [...explode(':', $asked), ''];
            $zones = explode('+', $parts);
            $there = array_keys(
                array_filter(
                    $actions,
                    static fn(SharedAction $a): bool => in_array($step, [$a->step, $a->product], true) &&
                        [] === array_diff($zones, Keys::of($a->zones)),
                ),
            );
            $after = array_values(array_filter($there, static fn(int $n): bool => $n > $at));
            self::assertNotSame([], $after, "$name: $asked comes too early or not at all");
            $at = 'last' === $which ? $after[count($after) - 1] : $after[0];
        }
    }

    /** @return list<string> every step that is planned for a job */
    public static function steps(string $name): array
    {
        $job = self::job($name);
        $steps = [];
        foreach ($job->parts as $part) {
            foreach (self::piece($job, $part)->plan()->steps as $step) {
                $steps[] = $step->step;
            }
        }

        return $steps;
    }

    private static function piece(Job $job, Part $part): Workpiece
    {
        return Workpiece::of(
            Yard::catalogue(),
            $part,
            $job->place($part->place),
            Surroundings::of(Yard::catalogue(), $job, $part),
        );
    }

    private function holds(Workpiece $piece, Route $route, string $what, mixed $wanted, string $where): void
    {
        $steps = array_map(static fn(RouteStep $s): string => $s->product ?? $s->step, $route->steps);
        $kinds = array_map(static fn(RouteStep $s): string => $s->step, $route->steps);
        $texts = array_values(array_filter(is_array($wanted) ? $wanted : [$wanted], is_string(...)));
        match ($what) {
            'aim' => self::assertSame($wanted, $piece->context->aim->id, $where),
            'film' => self::assertMatchesRegularExpression(
                '/^' . str_replace('\*', '.*', preg_quote($texts[0], '/')) . '$/',
                $piece->context->system->id,
                $where,
            ),
            'has' => self::assertSame([], array_diff($texts, $kinds), $where),
            'lacks' => self::assertSame([], array_values(array_intersect($texts, $kinds)), $where),
            'order' => self::assertSame($texts, self::inOrder($texts, $steps), $where),
            'last' => self::assertSame($wanted, $kinds[count($kinds) - 3], $where),
            'hours' => self::assertLessThan($wanted, RouteFigures::of($piece, $route)->elapsedHours, $where),
            'stop' => self::assertStringContainsString(
                $texts[0],
                implode(' ', array_map(static fn(Finding $f): string => (string) $f->says, $piece->findings($route))),
                $where,
            ),
            'says' => self::assertSame(
                [],
                array_values(
                    array_filter($texts, static fn(string $t): bool => !str_contains(self::said($piece, $route), $t)),
                ),
                $where,
            ),
            'litres' => $this->pours($piece, $route, is_array($wanted) ? $wanted : [], $where),
            default => self::fail("Nothing is known of \"$what\"."),
        };
    }

    /** All that is said of a route to whoever works by it. */
    private static function said(Workpiece $piece, Route $route): string
    {
        $said = array_map(static fn(Finding $f): string => $f->says . '. ' . $f->consequence, $piece->findings($route));
        foreach (RouteLine::of($piece, $route) as $line) {
            $step = $piece->context->catalogue()->step($line->step->step);
            $cautions = array_map(static fn(Caution $c): string => $c->name, $line->cautions);
            $said = [...$said, $step->how, $line->note, ...$cautions];
        }

        return implode("\n", $said);
    }

    /** @param array<array-key, mixed> $bands */
    private function pours(Workpiece $piece, Route $route, array $bands, string $where): void
    {
        $litres = [];
        foreach (CoatSheets::under($piece, $route) as [, $product, $under]) {
            $litres[$product->id] =
                ($litres[$product->id] ?? 0.0) +
                CoatSheets::paint($piece, $product, $under)->quantity('needed', Volume::class)->litresValue();
        }
        foreach ($bands as $product => $band) {
            self::assertIsArray($band);
            self::assertGreaterThanOrEqual($band[0], $litres[$product] ?? 0.0, "$where $product");
            self::assertLessThanOrEqual($band[1], $litres[$product] ?? 0.0, "$where $product");
        }
    }

    /**
     * @param list<string> $wanted
     * @param list<string> $steps
     *
     * @return list<string> those of the wanted ones that come one after another
     */
    private static function inOrder(array $wanted, array $steps): array
    {
        $found = [];
        $at = -1;
        foreach ($wanted as $step) {
            $next = array_search($step, array_slice($steps, $at + 1, null, true), true);
            if (false === $next) {
                return $found;
            }
            $at = $next;
            $found[] = $step;
        }

        return $found;
    }

    private static function job(string $name): Job
    {
        return (new JobReader(Yard::catalogue()))->job(
            Node::root(json_decode((string) file_get_contents(self::FOLDER . $name . '.json'), true)),
        );
    }

    /** @return array<array-key, array<array-key, array<mixed>>> by job and part */
    private static function musts(): array
    {
        $musts = [];
        $read = Yaml::parseFile(self::FOLDER . 'musts.yaml');
        foreach (is_array($read) ? $read : [] as $job => $parts) {
            foreach (is_array($parts) ? $parts : [] as $part => $wanted) {
                $musts[(string) $job][(string) $part] = is_array($wanted) ? $wanted : [];
            }
        }

        return $musts;
    }
}
