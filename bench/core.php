<?php

declare(strict_types=1);

// Times the core on this machine: php bench/core.php. Figures go to docs/performance.md; compare ratios, not seconds.

require __DIR__.'/../vendor/autoload.php';

use Hull\Bench\Alternatives;
use Hull\Bench\Workpiece;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\JobPlan;
use Hull\Job\JobReader;
use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Quantity\Money;
use Hull\Quantity\Volume;
use Hull\Route\Route;
use Hull\Route\Surroundings;
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
    printf("%-52s median %8.2f ms  least %8.2f  most %8.2f\n", $name, $times[intdiv($runs, 2)], $times[0], $times[$runs - 1]);
}

/** The demo yard's parts over and over with other sizes: 60 zones of 18 kinds on one job. */
function sixty(): Job
{
    $parts = [];
    $places = [];
    foreach (glob(__DIR__.'/../demo/*.json') ?: [] as $file) {
        /** @var array{places: list<array<string, mixed>>, parts: list<array<string, mixed>>} $demo */
        $demo = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
        $places[] = $demo['places'][0];
        foreach ($demo['parts'] as $part) {
            unset($part['route'], $part['log'], $part['zone_of'], $part['mounted_on']);
            $parts[] = [...$part, 'place' => 'bay'];
        }
    }
    $zones = [];
    for ($i = 0; $i < 60; ++$i) {
        $zones[] = [...$parts[$i % count($parts)], 'id' => 'zone-'.$i, 'name' => 'Zone '.$i];
    }

    return (new JobReader(Yard::catalogue()))->job(Node::root(['format' => JobReader::FORMAT, 'version' => JobReader::VERSION, 'name' => 'Sixty zones', 'places' => [[...$places[0], 'id' => 'bay']], 'parts' => $zones]));
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
$kinds = count(array_unique(array_map(static fn (Hull\Job\Part $p): string => serialize([$p->substrate, $p->conditions, $p->service, $p->finish]), $job->parts)));
median('plan one rusted, oily frame ('.count($route->steps).' steps)', 15, static fn (): Route => Yard::workpiece()->plan());
median('plan a job of 60 zones, '.$kinds.' kinds, with shared actions', 7, static fn (): JobPlan => JobPlan::of(Yard::catalogue(), $job));
median('replay '.count($long).' steps with findings', 15, static fn (): array => $piece->check()->findings($piece->surveyed, Route::of($long)));
median('reasons for '.count($route->steps).' steps', 15, static fn (): array => $piece->reasons($route));
median('cheapest packs for 12 products', 25, static function (): void {
    for ($i = 1; $i <= 12; ++$i) {
        PackChoice::cheapest(Volume::litres(0.7 * $i), [new Pack(Volume::litres(0.4), Money::minor(1400)), new Pack(Volume::litres(1.0), Money::minor(3200)), new Pack(Volume::litres(2.5), Money::minor(7100)), new Pack(Volume::litres(5.0), Money::minor(12900))], 0 === $i % 2);
    }
});
median('findings with mends, route backwards', 5, static fn (): array => Workpiece::of(Yard::catalogue(), $piece->part, $piece->place)->findings($shuffled));
median('alternatives: every school answered the other way', 5, static fn (): array => (new Alternatives(Yard::workpiece(), Surroundings::none()))->all());
