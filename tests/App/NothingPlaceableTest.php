<?php

declare(strict_types=1);

namespace App\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * A yard in which nothing can be put anywhere still opens, and says why; so does one with ids that look like numbers.
 */
final class NothingPlaceableTest extends ApiCase
{
    use EveryRead;

    /** @param array<string, mixed> $crew */
    #[DataProvider('crews')]
    public function testNobodyIsThere(array $crew): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $this->change('PUT', '/api/crew', $crew);
        self::assertSame(200, $this->code());
        $plan = $this->call('POST', '/api/plan', (object) []);
        self::assertSame(200, $this->code());
        self::assertSame([], self::list($plan, 'work'));
        self::assertNotSame([], self::list($plan, 'unplaced'), 'what has no place is named');
        self::assertSame([], self::list($this->call('GET', '/api/plan/next'), 'next'));
        self::assertSame([], $this->faultsOfEveryRead());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function crews(): iterable
    {
        yield 'no hours' => [['people' => [['name' => 'Wren', 'hours' => (object) []]]]];
        $off = [];
        for ($day = 0; $day < 120; ++$day) {
            $off[] = (new \DateTimeImmutable('2026-05-01'))->modify("+$day days")->format('Y-m-d');
        }
        yield 'everybody away' => [
            ['people' => [['name' => 'Wren', 'hours' => ['mon' => ['8:00-17:00']], 'off' => $off]]],
        ];
    }

    /** A job file whose ids a PHP array would take for numbers, or that nobody expects. */
    #[DataProvider('ids')]
    public function testAnyIdThatIsTakenCanBeShown(string $place, string $part): void
    {
        $this->enter('rowan@yard.example');
        $body = self::survey();
        self::assertIsArray($body['part']);
        self::assertIsArray($body['place']);
        $this->call('POST', '/api/jobs/import', [
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => '0',
            'places' => [[...$body['place'], 'id' => $place, 'name' => $place]],
            'parts' => [[...$body['part'], 'id' => $part, 'name' => $part, 'place' => $place]],
        ]);
        if (201 !== $this->code()) {
            self::assertSame(422, $this->code());

            return;
        }
        $this->call('POST', '/api/plan', (object) []);
        self::assertSame(200, $this->code());
        self::assertSame([], $this->faultsOfEveryRead());
    }

    /** @return iterable<string, array{string, string}> */
    public static function ids(): iterable
    {
        yield 'numbers' => ['7', '0'];
        yield 'negative' => ['-1', '-7'];
        yield 'looks like a float' => ['1e3', '0.0'];
        yield 'long' => [str_repeat('p', 60), str_repeat('9', 60)];
        yield 'too long' => [str_repeat('p', 600), str_repeat('9', 600)];
        yield 'not Latin' => ['цех', '船体'];
        yield 'looks empty' => [' ', "\u{a0}"];
        yield 'path' => ['../bay', 'a/b?c#d'];
        yield 'key of an object' => ['__proto__', 'constructor'];
    }
}
