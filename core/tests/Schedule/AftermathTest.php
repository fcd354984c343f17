<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Bench\Workpiece;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Finished;
use Hull\Schedule\Reading\Aftermath;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What the record of a part leaves for its neighbours to mind, and until when. */
final class AftermathTest extends TestCase
{
    private const FROM = 494_096;

    public function testAFilmIsWetUntilItIsDryToTheTouch(): void
    {
        $coat = self::through('apply-coat', 1);
        [$about] = self::of(self::about($coat, 0.1), $coat);
        self::assertNotNull($about->work->wet);
        self::assertTrue($about->work->mindsDust());
        self::assertStringEndsWith(', done on Engine frame', $about->work->name);
        self::assertGreaterThan($about->end + 0.5, $about->dry);
        self::assertSame([], self::of(self::about($coat, $about->dry - $about->end + 0.3), $coat), 'dry');
    }

    public function testAFilmThatWasTakenOffIsWetNoMore(): void
    {
        $coat = self::through('apply-coat', 1);
        $off = new RouteStep('off', 'wipe-off-coat');
        self::assertSame([], self::of(self::about($off, 0.1, [...self::upTo('apply-coat', 1), $off]), $coat));
    }

    public function testAWipeLiesOpenForAnHour(): void
    {
        $wipe = self::through('final-wipe', 1);
        [$about] = self::of(self::about($wipe, 0.4), $wipe);
        self::assertTrue($about->work->opens);
        self::assertSame($about->end, $about->dry);
    }

    public function testChemicalsAreAboutForADayAndWhatPartsThemIsKnown(): void
    {
        $steps = [new RouteStep('a', 'mould-kill'), new RouteStep('b', 'rinse'), new RouteStep('c', 'photograph')];
        $bleach = self::of(self::about($steps[0], 20.0, [$steps[0]]), $steps[0]);
        self::assertCount(1, $bleach);
        self::assertTrue($bleach[0]->work->brought?->brings());
        self::assertSame([], self::about($steps[0], 25.0, [$steps[0]]));
        $keys = array_map(static fn(Finished $f): string => $f->work->id, self::about($steps[2], 1.0, $steps));
        self::assertSame(['p/a', 'p/b'], $keys, 'a photograph leaves nothing');
    }

    public function testNobodyComesInWhileIsocyanateFlashesOff(): void
    {
        $clear = new RouteStep('a', 'apply-coat', 'clear-2k');
        [$about] = self::of(self::about($clear, 0.1, [$clear]), $clear);
        self::assertSame(0.25, $about->work->clearsFor);
        $primer = new RouteStep('a', 'apply-coat', 'epoxy-primer-2k');
        [$about] = self::of(self::about($primer, 0.1, [$primer]), $primer);
        self::assertSame(0.0, $about->work->clearsFor);
    }

    /**
     * @param list<Finished> $about
     *
     * @return list<Finished> of one step
     */
    private static function of(array $about, RouteStep $step): array
    {
        return array_values(array_filter($about, static fn(Finished $f): bool => 'p/' . $step->key === $f->work->id));
    }

    private static function through(string $step, int $times): RouteStep
    {
        $steps = self::upTo($step, $times);

        return $steps[count($steps) - 1] ?? self::fail('no such step');
    }

    /** @return list<RouteStep> */
    private static function upTo(string $step, int $times): array
    {
        $steps = [];
        foreach (Yard::workpiece()->plan()->steps as $one) {
            $steps[] = $one;
            $times -= $one->step === $step ? 1 : 0;
            if (0 === $times) {
                break;
            }
        }

        return $steps;
    }

    /**
     * @param float $hours after it was finished
     * @param list<RouteStep>|null $steps all that was done; null for the route up to it
     *
     * @return list<Finished>
     */
    private static function about(RouteStep $last, float $hours, ?array $steps = null): array
    {
        $piece = Yard::workpiece();
        $steps ??= self::upTo($last->step, 1);
        $log = [];
        foreach ($steps as $n => $step) {
            $log[] = new LogEntry(
                id: 'e' . $n,
                kind: EntryKind::Finish,
                stepKey: $step->key,
                at: Instant::at(self::FROM + 10.0 + 0.25 * $n),
                air: null,
                note: '',
                corrects: null,
            );
        }
        $now = self::FROM + 9.75 + 0.25 * count($steps) + $hours;
        $airs = self::airs($piece);
        $piece = $piece->routed(Route::of($steps), $log);
        $done = $piece->replay(Instant::at($now), $airs->at('here')->series());

        return (new Aftermath('p', 'here', $piece, $done, $airs))->at($now);
    }

    private static function airs(Workpiece $piece): Airs
    {
        $mild = Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(50.0));
        $hour = Weather::of($mild, Speed::metresPerSecond(0.0), 0.0);
        $place = PlaceAir::of(
            $piece->context->catalogue()->places['heated-bay'],
            $mild,
            Forecast::of(self::FROM, array_fill(0, 240, $hour), 'made up'),
            [],
            self::FROM,
            240,
        );

        return new Airs(['here' => $place]);
    }
}
