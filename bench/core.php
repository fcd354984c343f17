<?php

declare(strict_types=1);

// Times the core on this machine: php bench/core.php. Figures go to docs/performance.md; compare ratios, not seconds.

require __DIR__.'/../vendor/autoload.php';

use Hull\Bench\Workpiece;
use Hull\Route\Route;
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
    printf("%-44s median %8.2f ms  least %8.2f  most %8.2f\n", $name, $times[intdiv($runs, 2)], $times[0], $times[$runs - 1]);
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
median('plan one rusted, oily frame', 15, static fn (): Route => Yard::workpiece()->plan());
median('plan 60 parts one after another', 5, static function (): void {
    for ($i = 0; $i < 60; ++$i) {
        Yard::workpiece(['shapes' => [['kind' => 'strip', 'width' => '0.3 m', 'length' => (1 + $i / 10).' m']]])->plan();
    }
});
median('replay '.count($long).' steps with findings', 15, static fn (): array => $piece->check()->findings($piece->surveyed, Route::of($long)));
median('reasons for '.count($route->steps).' steps', 15, static fn (): array => $piece->reasons($route));
median('findings with mends, route backwards', 5, static fn (): array => Workpiece::of(Yard::catalogue(), $piece->part, $piece->place)->findings($shuffled));
