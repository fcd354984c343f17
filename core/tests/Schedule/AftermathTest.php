<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Job\RouteStep;
use Hull\Schedule\Constraint\Finished;
use Hull\Schedule\Reading\Aftermath;
use PHPUnit\Framework\TestCase;

/** What the record of a part leaves for its neighbours to mind, and until when. */
final class AftermathTest extends TestCase
{
    public function testAFilmIsWetUntilItIsDryToTheTouch(): void
    {
        $coat = Recorded::last('apply-coat');
        [$about] = self::of(self::about($coat, 0.1), $coat);
        self::assertNotNull($about->work->wet);
        self::assertTrue($about->work->mindsDust());
        self::assertStringEndsWith(', done on Engine frame', $about->work->name);
        self::assertGreaterThan($about->end + 0.5, $about->dry);
        self::assertSame([], self::of(self::about($coat, $about->dry - $about->end + 0.3), $coat), 'dry');
    }

    public function testAFilmThatWasTakenOffIsWetNoMore(): void
    {
        $coat = Recorded::last('apply-coat');
        $off = new RouteStep('off', 'wipe-off-coat');
        self::assertSame([], self::of(self::about($off, 0.1, [...Recorded::upTo('apply-coat'), $off]), $coat));
    }

    public function testAWipeLiesOpenForAnHour(): void
    {
        $wipe = Recorded::last('final-wipe');
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

    /**
     * @param float $hours after it was finished
     * @param non-empty-list<RouteStep>|null $steps all that was done; null for the route up to it
     *
     * @return list<Finished>
     */
    private static function about(RouteStep $last, float $hours, ?array $steps = null): array
    {
        $frame = Recorded::frame($steps ?? Recorded::upTo($last->step), $hours);

        return (new Aftermath('p', Recorded::PLACE, $frame->piece, $frame->done, $frame->airs))->at($frame->now);
    }
}
