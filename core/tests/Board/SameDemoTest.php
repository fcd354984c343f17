<?php

declare(strict_types=1);

namespace Hull\Tests\Board;

use Hull\Bench\CoatSheets;
use Hull\Bench\NextCoat;
use Hull\Bench\Replayed;
use Hull\Bench\RouteFigures;
use Hull\Bench\RouteLine;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Board\JobBoard;
use Hull\Board\JobPlan;
use Hull\Board\Shopping;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\JobFile\JobReader;
use Hull\Piece\Hanging;
use Hull\Piece\MaskingPlan;
use Hull\Quantity\Instant;
use Hull\Quantity\Speed;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Explaining\ForecastRisk;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Kept;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * The jobs of the demo and of the weather, all the way through: routes, findings, course, what is masked, mixed,
 * bought, the timetable with its slack. Says that something has changed, not what is right.
 */
final class SameDemoTest extends TestCase
{
    private const NOW = '2026-05-13T08:10:00Z';
    private const HOURS = 24 * 50;

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        $demo = (array) glob(__DIR__ . '/../../../demo/*.json');
        $weather = (array) glob(__DIR__ . '/../weather/*.json');
        foreach (array_diff([...$demo, ...$weather], self::large()) as $file) {
            yield basename((string) $file, '.json') => [(string) $file];
        }
    }

    /** @return list<string> whose timetables take seconds */
    private static function large(): array
    {
        return [__DIR__ . '/../../../demo/3-winch.json', __DIR__ . '/../weather/showery-week.json'];
    }

    /** @return iterable<string, array{string}> */
    public static function largeJobs(): iterable
    {
        foreach (self::large() as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    /** @return iterable<string, array{string}> */
    public static function practice(): iterable
    {
        foreach ((array) glob(__DIR__ . '/../gate/*.json') as $file) {
            yield basename((string) $file, '.json') => [(string) $file];
        }
    }

    #[DataProvider('jobs')]
    public function testIsAsItWas(string $file): void
    {
        self::same($file, __DIR__ . '/same-demo.json');
    }

    #[DataProvider('largeJobs')]
    #[Group('slow')]
    public function testALargeJobIsAsItWas(string $file): void
    {
        self::same($file, __DIR__ . '/same-demo.json');
    }

    #[DataProvider('practice')]
    #[Group('slow')]
    public function testAJobOfThePracticeIsAsItWas(string $file): void
    {
        self::same($file, __DIR__ . '/same-practice.json');
    }

    private static function same(string $file, string $kept): void
    {
        $catalogue = Yard::catalogue();
        $data = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
        self::assertIsArray($data);
        $job = (new JobReader($catalogue))->job(Node::root($data));
        $plan = JobPlan::of($catalogue, $job);
        $now = new \DateTimeImmutable(self::NOW);
        $pieces = [];
        foreach ($plan->pieces as $id => $piece) {
            $pieces[$id] = $piece->routed($plan->routes[$id]);
        }
        $done = array_map(static fn(Workpiece $p): Replayed => $p->replay($now), $pieces);
        $board = JobBoard::of($catalogue, $pieces, $done);
        $says = [
            'course' => Kept::digest([$plan->actions, $plan->precedences, $plan->broken, $plan->unrouted]),
            'board' => Kept::digest([$board->actions, $board->precedences, $board->stillOn(), $board->day()]),
            'shopping' => Kept::digest(Shopping::of($catalogue, $pieces, $done)),
            'schedule' => self::scheduled($job, $pieces, $done, $plan),
        ];
        foreach ($pieces as $id => $piece) {
            $says["part $id"] = [
                'route' => Kept::digest($piece->route()),
                'figures' => Kept::digest(self::figures($piece)),
                'lines' => Kept::digest(RouteLine::of($piece, $piece->route())),
                'findings' => Kept::digest($piece->check()->findings($piece->surveyed, $piece->route())),
                'mix' => Kept::digest(
                    (new CoatSheets($piece, $piece->context->air()))->of($piece->route(), Tools::usual()),
                ),
                'next coat' => Kept::digest(NextCoat::of($piece, $done[$id])),
                'masking' => [] === $piece->part->covered ? '' : Kept::digest(MaskingPlan::of($piece, $job->parts)),
            ];
        }
        Kept::same($kept, basename($file, '.json'), $says, 'a job has changed');
    }

    /** @return list<float|int> */
    private static function figures(Workpiece $piece): array
    {
        $of = RouteFigures::of($piece, $piece->route());

        return array_values(
            array_filter(get_object_vars($of), static fn(mixed $v): bool => is_float($v) || is_int($v)),
        );
    }

    /**
     * @param array<int|string, Workpiece> $pieces
     * @param array<int|string, Replayed> $done
     */
    private static function scheduled(Job $job, array $pieces, array $done, JobPlan $plan): string
    {
        $from = (int) floor(Instant::hour(new \DateTimeImmutable(self::NOW)));
        $airs = [];
        foreach ($job->places as $id => $place) {
            $hours = array_map(
                static fn(int $h): Weather => Weather::of(
                    $place->air,
                    Speed::metresPerSecond(2.0),
                    0 === intdiv($h, 7) % 9 ? 1.0 : 0.0,
                ),
                range(0, self::HOURS),
            );
            $airs[$id] = PlaceAir::of(
                Yard::catalogue()->places[$place->kind],
                $place->air,
                Forecast::of($from, $hours, 'made up'),
                [],
                $from,
                self::HOURS,
            );
        }
        $places = array_map(static fn(Workpiece $p): string => $p->place->id, $pieces);
        $yard = Planning::yard(
            pieces: $pieces,
            done: $done,
            places: $places,
            airs: new Airs($airs),
            crew: Crew::usual('Rowan'),
            zone: new \DateTimeZone('Europe/London'),
            now: Instant::hour(new \DateTimeImmutable(self::NOW)),
            precedences: $plan->precedences,
            hanging: Hanging::all($pieces, $places),
        );
        $schedule = (new Scheduler(30))->plan($yard);

        return Kept::digest([
            $schedule->placed,
            $schedule->unplaced,
            $schedule->score->cost,
            Slack::of($schedule),
            ForecastRisk::of($schedule, []),
            LowerBound::of($yard),
        ]);
    }
}
