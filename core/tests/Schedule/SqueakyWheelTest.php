<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Blocks;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Search\PriorityList;
use Hull\Schedule\Search\SqueakyWheel;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Orders that learn from what ended last. */
final class SqueakyWheelTest extends TestCase
{
    private const TAILS = ['a.1' => 12.0, 'b.1' => 10.9, 'c.1' => 10.8];

    public function testWhatEndsLastGetsItsTurnSooner(): void
    {
        $yard = self::yard();
        $wheel = self::wheel($yard);
        $ended = [];
        for ($i = 0; $i < 12; ++$i) {
            $list = $wheel->next();
            $ended[$list->order[2]] = true;
            $wheel->heard(self::placed($yard, $list));
        }
        self::assertCount(3, $ended, 'another is last each time, since the last goes first next time');
    }

    public function testWhatMissesItsDateIsToBlameWhereverItEnds(): void
    {
        $yard = self::yard(dues: ['b' => 20.0]);
        $wheel = self::wheel($yard);
        $late = [];
        for ($i = 0; $i < 12; ++$i) {
            $list = $wheel->next();
            $schedule = self::placed($yard, $list);
            $late[implode('', $list->order)] = $schedule->score->late;
            $wheel->heard($schedule);
        }
        self::assertSame(4.0, $late['abc'] ?? null, 'begun as the tails say');
        self::assertSame(0.0, min($late));
    }

    public function testItIsStuckAfterAWhileAndBeginsAgainFromItsBest(): void
    {
        $yard = self::yard();
        $wheel = self::wheel($yard);
        $best = self::placed($yard, $wheel->next());
        $wheel->heard($best);
        $tries = 0;
        while (!$wheel->isStuck()) {
            self::assertLessThan(60, ++$tries, 'patience has an end');
            $wheel->next();
            $wheel->heard($best);
        }
        self::assertGreaterThan(5, $tries);
        $wheel->next();
        self::assertFalse($wheel->isStuck());
    }

    #[Group('slow')]
    public function testLearningIsBetterThanDrawing(): void
    {
        $learnt = $drawn = 0.0;
        foreach (range(1, 4) as $seed) {
            $yard = (new RandomYard($seed, 12, 6, 40, 3, 3))->yard();
            $learnt += self::best($yard, true)->score->cost;
            $drawn += self::best($yard, false)->score->cost;
        }
        self::assertLessThan($drawn, $learnt);
    }

    private static function best(Yard $yard, bool $learns): Schedule
    {
        $tails = [];
        foreach ($yard->chains as $ids) {
            $left = 0.0;
            foreach (array_reverse($ids) as $id) {
                $tails[$id] = $left += $yard->activity($id)->hours + 8.0;
            }
        }
        $wheel = self::wheel($yard, $tails);
        $best = null;
        for ($i = 0; $i < 25; ++$i) {
            $list = $wheel->next();
            $schedule = self::placed($yard, $list);
            $best = null === $best || $schedule->score->costsLessThan($best->score) ? $schedule : $best;
            $wheel = $learns
                ? $wheel
                : new SqueakyWheel($yard, Blocks::of($yard), self::near($tails, $i), self::random());
            if ($learns) {
                $wheel->heard($schedule);
            }
        }

        return $best ?? self::fail('nothing was placed');
    }

    /**
     * @param array<int|string, float> $tails
     *
     * @return array<int|string, float> give or take
     */
    private static function near(array $tails, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));

        return array_map(static fn(float $h): float => $h * (1.0 + $random->getInt(-6, 6) / 100.0), $tails);
    }

    private static function random(): Randomizer
    {
        return new Randomizer(new Mt19937(1));
    }

    /** @param array<int|string, float> $tails */
    private static function wheel(Yard $yard, array $tails = self::TAILS): SqueakyWheel
    {
        return new SqueakyWheel($yard, Blocks::of($yard), $tails, self::random());
    }

    private static function placed(Yard $yard, PriorityList $list): Schedule
    {
        $placer = new Placer($yard);
        $blocks = Blocks::of($yard);
        foreach ($list->order as $part) {
            $block = array_shift($blocks[$part]);
            if (null !== $block) {
                $placer->add($block);
            }
        }

        return $placer->schedule();
    }

    /**
     * Three pieces of work of twelve hours for one person.
     *
     * @param array<int|string, float> $dues
     */
    private static function yard(array $dues = []): Yard
    {
        $work = array_map(static fn(string $part): Activity => new Activity($part . '.1', $part, $part, 12.0, 'bay'), [
            'a',
            'b',
            'c',
        ]);

        return new Yard(0.0, 100.0, $work, [Person::of('one', [new Interval(0.0, 40.0)])], dues: $dues);
    }
}
