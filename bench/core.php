<?php

declare(strict_types=1);

// Times the core on this machine: php bench/core.php. Figures go to docs/performance.md; compare ratios, not seconds.

require __DIR__ . '/../vendor/autoload.php';

use Hull\Bench\Alternatives;
use Hull\Bench\Workpiece;
use Hull\Surface\Product;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Board\JobPlan;
use Hull\JobFile\JobReader;
use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Quantity\Money;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Job\Route;
use Hull\Route\Surroundings;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Search\LowerBound;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\Scheduler;
use Hull\Schedule\Explaining\Slack;
use Hull\Surface\FilmPhase;
use Hull\Tests\Yard;

/** @param Closure(): mixed $work */
function median(string $name, int $runs, Closure $work): void
{
    $work();
    $times = [];
    for ($i = 0; $i < $runs; ++$i) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf(
        "%-52s median %8.2f ms  least %8.2f  most %8.2f\n",
        $name,
        $times[intdiv($runs, 2)],
        $times[0],
        $times[$runs - 1],
    );
}

/** The demo yard's parts over and over with other sizes: 60 zones of 18 kinds on one job. */
function sixty(): Job
{
    $parts = [];
    $places = [];
    foreach (glob(__DIR__ . '/../demo/*.json') ?: [] as $file) {
        /** @var array{places: list<array<string, mixed>>, parts: list<array<string, mixed>>} $demo */
        $demo = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
        $places[] = $demo['places'][0];
        foreach ($demo['parts'] as $part) {
            unset($part['route'], $part['log'], $part['zone_of'], $part['mounted_on'], $part['links'], $part['spot']);
            $parts[] = [...$part, 'place' => 'bay'];
        }
    }
    $zones = [];
    for ($i = 0; $i < 60; ++$i) {
        $zones[] = [...$parts[$i % count($parts)], 'id' => 'zone-' . $i, 'name' => 'Zone ' . $i];
    }

    return (new JobReader(Yard::catalogue()))->job(
        Node::root([
            'format' => JobReader::FORMAT,
            'version' => JobReader::VERSION,
            'name' => 'Sixty zones',
            'places' => [[...$places[0], 'id' => 'bay']],
            'parts' => $zones,
        ]),
    );
}

/** Twelve parts of three kinds, by themselves or mounted in two layers on one of them that has three zones. */
function twelve(bool $tied): Job
{
    $frame = Yard::frame();
    $kinds = [
        ['substrate' => 'carbon-steel', 'service' => 'exterior-splash'],
        ['substrate' => 'aluminium-wrought', 'service' => 'exterior-splash'],
        ['substrate' => 'carbon-steel', 'service' => 'interior'],
    ];
    $parts = [];
    for ($i = 0; $i < 12; ++$i) {
        $tie = match (true) {
            !$tied || 0 === $i => [],
            $i < 4 => ['zone_of' => 'part-0', 'spot' => ['level' => 4 - $i]],
            $i < 9 => ['links' => [['as' => 'mounted-on', 'to' => 'part-0', 'order' => $i]]],
            default => ['links' => [['as' => 'mounted-on', 'to' => 'part-' . ($i - 5)]]],
        };
        $kind = $i < 4 ? $kinds[0] : $kinds[$i % 3];
        $parts[] = [
            ...$frame['parts'][0],
            'id' => 'part-' . $i,
            'name' => 'Part ' . $i,
            ...$kind,
            'conditions' => [
                ['id' => 'soil', 'grade' => 'light'],
                ['id' => 'oil', 'grade' => 'heavy', 'extent' => 20 + $i . ' %'],
            ],
            ...$tie,
        ];
    }

    return (new JobReader(Yard::catalogue()))->job(Node::root([...$frame, 'parts' => $parts]));
}

$piece = Yard::workpiece();
$route = $piece->plan();
$long = [];
while (count($long) < 500) {
    foreach ($route->steps as $step) {
        $long[] = $step->withKey('');
    }
}
$shuffled = Route::of(array_reverse($route->steps));
$job = sixty();
$kinds = count(
    array_unique(
        array_map(
            static fn(Hull\Job\Part $p): string => serialize([$p->substrate, $p->conditions, $p->service, $p->finish]),
            $job->parts,
        ),
    ),
);
median(
    'plan one rusted, oily frame (' . count($route->steps) . ' steps)',
    15,
    static fn(): Route => Yard::workpiece()->plan(),
);
median(
    'plan a job of 60 zones, ' . $kinds . ' kinds, with shared actions',
    7,
    static fn(): JobPlan => JobPlan::of(Yard::catalogue(), $job),
);
foreach ([false, true] as $tied) {
    $twelve = twelve($tied);
    median(
        $tied ? 'the same tied to each other' : 'plan a job of 12 parts, each by itself',
        7,
        static fn(): JobPlan => JobPlan::of(Yard::catalogue(), $twelve),
    );
}
median(
    'replay ' . count($long) . ' steps with findings',
    15,
    static fn(): array => $piece->check()->findings($piece->surveyed, Route::of($long)),
);
median('reasons for ' . count($route->steps) . ' steps', 15, static fn(): array => $piece->reasons($route));
median('cheapest packs for 12 products', 25, static function (): void {
    for ($i = 1; $i <= 12; ++$i) {
        PackChoice::cheapest(
            Volume::litres(0.7 * $i),
            [
                new Pack(Volume::litres(0.4), Money::minor(1400)),
                new Pack(Volume::litres(1.0), Money::minor(3200)),
                new Pack(Volume::litres(2.5), Money::minor(7100)),
                new Pack(Volume::litres(5.0), Money::minor(12900)),
            ],
            0 === $i % 2,
        );
    }
});
median(
    'findings with mends, route backwards',
    5,
    static fn(): array => Workpiece::of(Yard::catalogue(), $piece->part, $piece->place)->findings($shuffled),
);
median(
    'alternatives: every school answered the other way',
    5,
    static fn(): array => (new Alternatives(Yard::workpiece(), Surroundings::none()))->all(),
);

// A yard of 400 steps on 40 parts, six people, seven places, 14 days of weather and what comes after them.
$yard = (new Hull\Tests\Schedule\RandomYard(3, 40, 10, 40, 6, 7))->yard();
$tries = Scheduler::triesFor(count($yard->activities));
median(
    'schedule ' . count($yard->activities) . ' steps, ' . $tries . ' orders tried',
    3,
    static fn(): Schedule => (new Scheduler($tries))->plan($yard),
);
$plan = (new Scheduler($tries))->plan($yard);
printf(
    "%-52s %.1f days, no plan ends before %.1f days, %d of %d without room\n",
    '',
    ($plan->finish() - $yard->now) / 24,
    (LowerBound::of($yard) - $yard->now) / 24,
    count($plan->unplaced),
    count($yard->activities),
);
median('slack of each of its steps', 3, static fn(): array => Slack::of($plan));
median(
    'plan it again, nothing happened',
    3,
    static fn(): Replan => Replan::of($yard, array_map(PreviousPlacement::of(...), $plan->placed), new Scheduler(1)),
);

// 200 live coats of ten films in three places: touch, opens, closes, full, from hourly air.
$air = [];
foreach (['heated-bay', 'unheated-shed', 'outdoors'] as $place) {
    $hours = [];
    for ($h = 0; $h < 24 * 14; ++$h) {
        $hours[] = Weather::of(
            Air::of(
                Temperature::celsius(14.0 + 5.0 * sin(((($h % 24) - 9) / 24) * 2 * \M_PI)),
                RelativeHumidity::percent(65.0),
            ),
        );
    }
    $air[$place] = PlaceAir::of(
        Yard::catalogue()->places[$place],
        $hours[0]->air,
        Forecast::of(0, $hours, 'made up'),
        [],
        0,
        24 * 14,
    );
}
$films = array_slice(
    array_values(
        array_filter(Yard::catalogue()->products, static fn(Product $p): bool => null !== $p->cure?->recoatMax),
    ),
    0,
    10,
);
median('windows of 200 coats over 14 days by the hour', 7, static function () use ($air, $films): void {
    $airs = new Airs($air);
    for ($i = 0; $i < 200; ++$i) {
        foreach ([FilmPhase::Tacky, FilmPhase::Open, FilmPhase::Lapsed, FilmPhase::Cured] as $into) {
            $airs->cure(array_keys($air)[$i % 3], $films[$i % 10], $into)?->reachedAt($i / 3.0);
        }
    }
});
