<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Crew;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who works when, as it is typed. */
final class CrewTest extends TestCase
{
    public function testHoursBecomeSpansAndQuietIsTakenOut(): void
    {
        $crew = Crew::read(
            Node::root([
                'people' => [['name' => 'Rowan', 'hours' => ['mon' => ['8:00-12:30', '13:00 - 17:00']]]],
                'quiet' => ['mon' => ['0:00-9:00']],
                'floors' => ['Bay' => '215 ft2'],
                'gear' => ['spray-gun' => 2],
            ]),
        );
        [$rowan] = $crew->persons(RandomYard::MONDAY, RandomYard::MONDAY + 168.0, new \DateTimeZone('UTC'));
        self::assertSame(
            [[8.0, 12.5], [13.0, 17.0]],
            array_map(
                static fn(Interval $s): array => [$s->from - RandomYard::MONDAY, $s->to - RandomYard::MONDAY],
                $rowan->work->spans,
            ),
        );
        self::assertSame(9.0, $rowan->loud->spans[0]->from - RandomYard::MONDAY);
        self::assertEqualsWithDelta(19.97, $crew->floors['Bay'], 0.01);
        self::assertSame(2, $crew->gear['spray-gun']);
    }

    public function testTheUsualWeekIsSixDaysAndQuietOnSunday(): void
    {
        $crew = Crew::usual('the bench');
        [$bench] = $crew->persons(RandomYard::MONDAY, RandomYard::MONDAY + 168.0, new \DateTimeZone('UTC'));
        self::assertEqualsWithDelta(
            5 * 8.5 + 4.0,
            $bench->work->hours(RandomYard::MONDAY, RandomYard::MONDAY + 168.0),
            1e-9,
        );
        self::assertSame($crew->written, Crew::read(Node::root($crew->written))->written, 'what is kept is read back');
    }

    /** @return iterable<string, array{array<int|string, mixed>, string}> */
    public static function faults(): iterable
    {
        $rowan = ['name' => 'Rowan', 'hours' => ['mon' => ['8:00-12:00']]];
        yield 'nobody' => [['people' => []], '/people'];
        yield 'twice the same' => [['people' => [$rowan, $rowan]], '/people/1/name'];
        yield 'backwards' => [
            ['people' => [['name' => 'A', 'hours' => ['tue' => ['17:00-8:00']]]]],
            '/people/0/hours/tue/0',
        ];
        yield 'past midnight' => [
            ['people' => [['name' => 'A', 'hours' => ['tue' => ['20:00-24:30']]]]],
            '/people/0/hours/tue/0',
        ];
        yield 'in words' => [
            ['people' => [['name' => 'A', 'hours' => ['tue' => ['mornings']]]]],
            '/people/0/hours/tue/0',
        ];
        yield 'no such day' => [
            ['people' => [['name' => 'A', 'hours' => ['someday' => ['8:00-9:00']]]]],
            '/people/0/hours/someday',
        ];
        yield 'a day off in words' => [['people' => [$rowan], 'off' => ['Easter']], '/off/0'];
        yield 'a floor in kilograms' => [['people' => [$rowan], 'floors' => ['Bay' => '3 kg']], '/floors/Bay'];
        yield 'no gun at all' => [['people' => [$rowan], 'gear' => ['spray-gun' => 0]], '/gear/spray-gun'];
        yield 'a field nobody knows' => [['people' => [$rowan], 'pets' => 1], '/pets'];
    }

    /** @param array<int|string, mixed> $given */
    #[DataProvider('faults')]
    public function testFaultsAreNamedWithWhatWouldBeAccepted(array $given, string $pointer): void
    {
        try {
            Crew::read(Node::root($given));
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertNotSame('', $e->accepted);
        }
    }
}
