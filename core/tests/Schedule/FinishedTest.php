<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Job\RouteStep;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Brought;
use Hull\Schedule\Constraint\Finished;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Search\Scheduler;
use Hull\Tests\Spans;
use Hull\Tests\Yard as Made;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the record has as finished is minded by what is done beside it. */
final class FinishedTest extends TestCase
{
    private const NOW = 8.0;
    private const CHEMICAL = ['mould-kill', 'brighten', 'rinse'];

    /** @return iterable<string, array{Finished, Activity, float, string}> */
    public static function neighbours(): iterable
    {
        $wet = new Finished(self::of('done', 'coat', opens: true), 7.0, 7.5, 12.5);
        $sand = self::of('p', 'sand', dusty: true);
        $dust = 'coat, done on Lid: no dust beside what is wiped or wet';
        yield 'no dust beside a wet film' => [$wet, $sand, 12.5, $dust];
        yield 'elsewhere there may be' => [$wet, self::of('p', 'sand', 'shed', dusty: true), 8.0, 'as soon as can be'];
        yield 'nor beside what is wiped' => [
            new Finished(self::of('done', 'wipe', opens: true), 7.0, 7.5, 7.5),
            $sand,
            8.5,
            'wipe, done on Lid: no dust beside what is wiped or wet',
        ];
        yield 'a film that is dry minds none' => [
            new Finished(self::of('done', 'coat', opens: true), 1.0, 1.5, 6.5),
            $sand,
            8.0,
            'as soon as can be',
        ];
        yield 'no acid where bleach is' => [
            new Finished(self::of('done', 'mould-kill'), 5.0, 5.5, 5.5),
            self::of('p', 'brighten'),
            29.5,
            'mould-kill, done on Lid: bleach and acid must not meet on one day without a rinse between',
        ];
        yield 'nobody comes in while it flashes off' => [
            new Finished(self::of('done', 'spray', clearsFor: 0.75), 7.0, 7.75, 7.75),
            self::of('p', 'mask'),
            8.5,
            'spray, done on Lid: nobody else is in while it is sprayed and flashes off',
        ];
    }

    #[DataProvider('neighbours')]
    public function testIsMindedByWhatIsDoneBesideIt(Finished $done, Activity $work, float $start, string $why): void
    {
        $yard = self::yard([$work], [$done]);
        $placed = self::placed($yard, $work);
        self::assertEqualsWithDelta($start, $placed->start, 1e-5);
        $words = $placed->why->words(null === $placed->why->other ? '' : $yard->called('done'));
        self::assertSame($why, (string) $words);
        self::assertSame(self::NOW, self::placed(self::yard([$work]), $work)->start, 'nothing is done beside it');
    }

    public function testARinseInTheRecordOrInThePlanPutsAnEndToIt(): void
    {
        $acid = self::of('p', 'brighten');
        $bleach = new Finished(self::of('done', 'mould-kill'), 5.0, 5.5, 5.5);
        $rinsed = new Finished(self::of('done/2', 'rinse', part: 'done'), 6.0, 6.25, 6.25);
        self::assertSame(self::NOW, self::placed(self::yard([$acid], [$bleach, $rinsed]), $acid)->start);
        $yard = self::yard([self::of('done/2', 'rinse', part: 'done'), $acid], [$bleach]);
        $placed = (new Scheduler(4))->plan($yard)->placed;
        self::assertSame([8.0, 9.0], [$placed['done/2']->start, $placed['p']->start]);
    }

    public function testWhatNobodyKnowsIsOtherWork(): void
    {
        $yard = self::yard([self::of('p', 'mask')], [new Finished(self::of('done', 'coat'), 1.0, 2.0, 9.0)]);
        self::assertSame(
            ['mask', 'coat, done on Lid', 'other work'],
            array_map($yard->called(...), ['p', 'done', 'q']),
        );
    }

    private static function placed(Yard $yard, Activity $work): Placement
    {
        return (new Scheduler(1))->plan($yard)->placed[$work->id] ?? self::fail('no room');
    }

    /**
     * @param list<Activity> $work
     * @param list<Finished> $finished
     */
    private static function yard(array $work, array $finished = []): Yard
    {
        $people = [Person::of('one', Spans::of([8.0, 20.0], [24.0, 48.0]))];

        return new Yard(self::NOW, 60.0, $work, $people, finished: $finished);
    }

    private static function of(
        string $id,
        string $step,
        string $place = 'bay',
        bool $dusty = false,
        bool $opens = false,
        float $clearsFor = 0.0,
        ?string $part = null,
    ): Activity {
        return new Activity(
            id: $id,
            part: $part ?? $id,
            name: 'done' === $id ? $step . ', done on Lid' : $step,
            hours: 1.0,
            place: $place,
            dusty: $dusty,
            opens: $opens,
            brought: in_array($step, self::CHEMICAL, true)
                ? Brought::by(Made::catalogue(), new RouteStep('k', $step))
                : null,
            clearsFor: $clearsFor,
        );
    }
}
