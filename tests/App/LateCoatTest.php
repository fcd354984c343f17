<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Component\Clock\MockClock;

/**
 * Three parts worked as planned, hour by hour, until one coat comes two hours late; what the next plan changes, and
 * why.
 */
final class LateCoatTest extends ApiCase
{
    private const LATE_H = 2;

    public function testTwoHoursLateMovesOnlyWhatIsInItsWay(): void
    {
        $clock = self::clock();
        $clock->modify('2026-05-04 07:00:00 UTC');
        $this->enter('rowan@yard.example');
        $this->part();
        $this->part();
        $this->part();
        $week = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat'], ['8:00-12:30', '13:00-17:00']);
        $this->change('PUT', '/api/crew', [
            'people' => [['name' => 'Rowan', 'hours' => $week], ['name' => 'Wren', 'hours' => $week]],
        ]);
        $plan = $this->call('POST', '/api/plan', ['note' => 'the week as it looked']);
        $late = self::coatThatIsWaitedFor(self::list($plan, 'work'));
        $end = new \DateTimeImmutable(self::text($late, 'end'));
        $came = $end->modify(sprintf('+%d hours', self::LATE_H));
        foreach (self::list($plan, 'work') as $work) {
            $begun = new \DateTimeImmutable(self::text($work, 'start'));
            $done = new \DateTimeImmutable(self::text($work, 'end'));
            $own = self::text($work, 'part') === self::text($late, 'part');
            if (self::text($work, 'id') === self::text($late, 'id') || ($own && $done > $end)) {
                continue;
            }
            if ($done <= $came) {
                $this->log('finish', $work, $done, $clock);
            } elseif ($begun <= $came) {
                $this->log('start', $work, $begun, $clock);
            }
        }
        $this->log('finish', $late, $came, $clock);
        $clock->modify($came->modify('+1 minute')->format('Y-m-d H:i:s \U\T\C'));
        self::assertContains('the record has gone on', self::list($this->call('GET', '/api/plan'), 'outdated'));

        $again = $this->call('POST', '/api/plan', (object) []);
        self::assertSame(200, $this->code());
        $moves = array_values(
            array_filter(
                self::list($again, 'moves'),
                static fn(mixed $m): bool => false === self::at($m, 'slip') && null !== self::at($m, 'from'),
            ),
        );
        self::assertNotSame([], $moves, 'what comes next on the part has to wait for the film');
        self::assertLessThan(count(self::list($again, 'work')) / 2, count($moves), 'most of the yard stays');
        $own = 0;
        foreach ($moves as $move) {
            self::assertNotSame(
                '',
                self::text($move, 'stays'),
                self::text($move, 'name') . ' says what would break if it had stayed',
            );
            self::assertNotSame('', self::text($move, 'why'));
            $own += self::text($move, 'part') === self::text($late, 'part') ? 1 : 0;
        }
        self::assertGreaterThan(0, $own);
        // Two others are to be stripped beside the film, which is wet for two hours more.
        $first = array_map(static fn(mixed $m): string => self::text($m, 'part'), array_slice($moves, 0, 3));
        self::assertContains(self::text($late, 'part'), $first, 'the cause comes first');
        foreach (self::list($again, 'work') as $work) {
            self::assertGreaterThanOrEqual(
                $came->format('Y-m-d\TH:i'),
                self::text($work, 'end'),
                'what is done is not planned again',
            );
        }
    }

    /**
     * The first coat on which the next step of its part waits until the last minute.
     *
     * @param array<array-key, mixed> $work
     */
    private static function coatThatIsWaitedFor(array $work): mixed
    {
        foreach ($work as $coat) {
            $next =
                array_values(
                    array_filter(
                        $work,
                        static fn(mixed $w): bool => self::text($w, 'part') === self::text($coat, 'part') &&
                            self::text($w, 'start') >= self::text($coat, 'end'),
                    ),
                )[0] ?? null;
            if (
                true === self::at($coat, 'coat') &&
                null !== $next &&
                self::text($next, 'start') === self::at($next, 'from')
            ) {
                return $coat;
            }
        }

        return self::fail('nothing waits for a coat');
    }

    private function log(string $kind, mixed $work, \DateTimeImmutable $at, MockClock $clock): void
    {
        if ($at > $clock->now()) {
            $clock->modify($at->format('Y-m-d H:i:s \U\T\C'));
        }
        $this->call('POST', '/api/parts/' . self::text($work, 'part') . '/log', [
            'kind' => $kind,
            'step' => explode('/', self::text($work, 'id'))[1],
            'at' => $at->format('Y-m-d\TH:i:s\Z'),
            'temperature' => '18 C',
            'humidity' => '55 %',
        ]);
        self::assertContains(
            $this->code(),
            [200, 201],
            self::text($work, 'name') . ': ' . $this->client->getResponse()->getContent(),
        );
    }
}
