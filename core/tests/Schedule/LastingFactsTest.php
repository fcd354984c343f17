<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Job\RouteStep;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Reading\ChainReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What the record has holds for hours only; when it is over it is done again before what counts on it. */
final class LastingFactsTest extends TestCase
{
    public function testAWipeCountsForAnHourAndIsDoneAgainAfterIt(): void
    {
        [$soon, $left] = self::next(0.4);
        self::assertSame(0.25, $soon->lateHours);
        self::assertEqualsWithDelta(0.6, $left, 1e-6);
        [$late, $over] = self::next(3.0);
        self::assertSame([$soon->id, 0.25], [$late->id, $late->lateHours]);
        self::assertLessThan(0.0, $over);
    }

    public function testAWaitThatNobodyWroteDownIsOverWhenWhatComesAfterItBegins(): void
    {
        $all = Recorded::upTo('final-wipe');
        $isWait = static fn(RouteStep $s): bool => Yard::catalogue()->step($s->step)->isWait();
        $done = array_values(array_filter($all, static fn(RouteStep $s): bool => !$isWait($s)));
        self::assertNotSame([], $done);
        self::assertLessThan(count($all), count($done), 'there are waits before it');
        $route = Yard::workpiece()->plan();
        $frame = Recorded::frame($done, 0.4, $route);
        self::assertSame($done[count($done) - 1]->key, $frame->done->last());
        self::assertCount(count($all), $frame->done->finished);
        $next = ChainReader::first('p', Recorded::PLACE, $frame->piece, $frame->done, $frame->airs, $frame->now);
        self::assertEqualsWithDelta($frame->now + 0.6, $next->notAfter ?? self::fail('it counts for ever'), 1e-6);
        self::assertNull(Recorded::frame(array_slice($all, 0, 1), -0.1, $route)->done->last(), 'nothing yet');
    }

    /** @return array{Activity, float} what the frame does next so long after its wipe, and hours left for it */
    private static function next(float $hours): array
    {
        $frame = Recorded::frame(Recorded::upTo('final-wipe'), $hours, Yard::workpiece()->plan());
        $next = ChainReader::first('p', Recorded::PLACE, $frame->piece, $frame->done, $frame->airs, $frame->now);

        return [
            $next ?? self::fail('nothing is left'),
            ($next->notAfter ?? self::fail('it counts for ever')) - $frame->now,
        ];
    }
}
