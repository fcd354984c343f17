<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is heavy is lifted by two, takes longer at each lift, and is lifted as seldom as can be. */
final class LiftedTest extends TestCase
{
    /** @return iterable<string, array{string|null, int}> weight, lifts */
    public static function weights(): iterable
    {
        yield 'nobody weighed it' => [null, 2];
        yield 'one person lifts it' => ['24 kg', 2];
        yield 'two lift it into the tub' => ['40 kg', 2];
        yield 'too much for two: it stays where it stands' => ['41 kg', 0];
        yield 'a crane load' => ['900 kg', 0];
    }

    #[DataProvider('weights')]
    public function testOverWhatTwoLiftItIsWorkedWhereItStands(?string $weight, int $lifts): void
    {
        $piece = self::pieces($weight)['base'];
        $count = 0;
        foreach ($piece->route()->steps as $step) {
            $count += $piece->context->catalogue()->step($step->step)->worked->lifts;
        }
        self::assertSame($lifts, $count);
    }

    public function testEachLiftTakesItsMinutesByWeight(): void
    {
        // In and out: twice five minutes at 25 kg, twice fifteen at 40, twice ten half way.
        self::assertEqualsWithDelta(0.0, self::longer('25 kg'), 1e-9, 'one person does');
        self::assertEqualsWithDelta(20.0, self::longer('32.5 kg'), 1e-9);
        self::assertEqualsWithDelta(30.0, self::longer('40 kg'), 1e-9);
    }

    public function testAZoneIsAsHeavyAsItsPiece(): void
    {
        $steps = static fn(?string $weight): array => array_map(
            static fn($s): string => $s->step,
            self::pieces($weight)['rim']->route()->steps,
        );
        self::assertContains('bath-citric', $steps('40 kg'));
        self::assertNotContains('bath-citric', $steps('41 kg'));
    }

    private static function longer(string $weight): float
    {
        return self::bath($weight) - self::bath(null);
    }

    /** Minutes at the bath. */
    private static function bath(?string $weight): float
    {
        $piece = self::pieces($weight)['base'];
        foreach (RouteLine::of($piece, $piece->route()) as $line) {
            if ('bath-citric' === $line->step->step) {
                return $line->minutes;
            }
        }
        self::fail('No bath.');
    }

    /** @return array<int|string, Workpiece> */
    private static function pieces(?string $weight): array
    {
        $part = [
            'substrate' => 'cast-iron',
            'service' => 'exterior-splash',
            'finish' => 'tidy',
            'place' => 'bay',
            'conditions' => [['id' => 'rust', 'grade' => 'light']],
        ];
        $base = ['shapes' => [['kind' => 'strip', 'width' => '0.2 m', 'length' => '1 m']]];
        $rim = ['shapes' => [['kind' => 'strip', 'width' => '0.1 m', 'length' => '0.5 m']], 'zone_of' => 'base'];
        $room = null === $weight ? [] : ['room' => ['long' => '1 m', 'wide' => '0.5 m', 'weight' => $weight]];
        $job = [
            'format' => JobReader::FORMAT,
            'version' => 1,
            'name' => 'Lifted',
            'places' => [['id' => 'bay', 'kind' => 'heated-bay', 'temperature' => 20, 'humidity' => 0.5]],
            'parts' => [
                ['id' => 'base', 'name' => 'Base', ...$part, ...$base, ...$room],
                ['id' => 'rim', 'name' => 'Rim', ...$part, ...$rim],
            ],
        ];
        $catalogue = Yard::catalogue();

        return JobPlan::of($catalogue, (new JobReader($catalogue))->job(Node::root($job)))->pieces;
    }
}
