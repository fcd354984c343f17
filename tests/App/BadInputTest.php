<?php

declare(strict_types=1);

namespace App\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** Wrong input gets a problem document with the place and what would be accepted; nothing is stored. */
final class BadInputTest extends ApiCase
{
    /** @return iterable<string, array{string, string, mixed, string, int}> method, path, body, pointer, status */
    public static function wrong(): iterable
    {
        yield 'ratio with nothing in it' => [
            'POST',
            '/api/compute/mix.by-volume',
            ['ratio' => '0:1', 'total' => '1 L'],
            '/ratio',
            422,
        ];
        yield 'below absolute zero' => [
            'POST',
            '/api/compute/climate.dew-point',
            ['temperature' => '-300 C', 'humidity' => '50 %'],
            '/temperature',
            422,
        ];
        yield 'unit of the wrong kind' => [
            'POST',
            '/api/compute/film.wet',
            ['dft' => '2 gal', 'solids' => '50 %'],
            '/dft',
            422,
        ];
        yield 'a job without a name' => ['POST', '/api/jobs', ['name' => ' '], '/name', 422];
        yield 'a field nobody knows' => ['POST', '/api/jobs', ['name' => 'Boat', 'owner' => 'me'], '/owner', 422];
        yield 'a list for an object' => ['POST', '/api/jobs', [1], '', 422];
        yield 'units nobody knows' => ['PATCH', '/api/account', ['units' => 'cubits'], '/units', 422];
        yield 'a foreign file' => ['POST', '/api/jobs/import', ['format' => 'something-else'], '/format', 422];
        yield 'an unknown substrate' => [
            'POST',
            '/api/jobs/import',
            [
                'format' => 'unbowed-hull-job',
                'version' => 1,
                'name' => 'X',
                'places' => [self::survey()['place']],
                'parts' => [['substrate' => 'unobtainium'] + (array) self::survey()['part']],
            ],
            '/parts/0/substrate',
            422,
        ];
    }

    #[DataProvider('wrong')]
    public function testIsRefused(string $method, string $path, mixed $body, string $pointer, int $status): void
    {
        $this->enter('rowan@yard.example');
        $problem = $this->call($method, $path, $body);
        self::assertSame($status, $this->code());
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertSame($pointer, self::text($problem, 'errors', 0, 'pointer'));
        self::assertNotSame('', self::text($problem, 'errors', 0, 'accepted'));
        self::assertSame([], self::list($this->call('GET', '/api/jobs'), 'jobs'));
    }

    public function testMalformedAndEnormousFilesAreRefusedWhole(): void
    {
        $this->enter('rowan@yard.example');
        $this->call('POST', '/api/jobs/import', raw: '{"format": "unbowed-hull-job", ');
        self::assertSame(422, $this->code());
        $this->call('POST', '/api/jobs/import', raw: str_repeat('[', 400) . str_repeat(']', 400));
        self::assertSame(422, $this->code());
        $this->client->request(
            'POST',
            '/api/jobs/import',
            server: [
                'CONTENT_TYPE' => 'application/json',
                'CONTENT_LENGTH' => (string) 300_000_000,
                'HTTP_X_HULL_TOKEN' => self::text($this->call('GET', '/api/session'), 'token'),
            ],
            content: '{}',
        );
        self::assertSame(413, $this->code());
        self::assertStringContainsString('5 MB', (string) $this->client->getResponse()->getContent());
        self::assertSame([], self::list($this->call('GET', '/api/jobs'), 'jobs'));
    }

    public function testAWrongSurveyLeavesTheOldOneAsItWas(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $before = $this->call('GET', "/api/jobs/$job/file");
        foreach (
            [
                ['substrate' => 'unobtainium'],
                ['conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '400 %']]],
                ['shapes' => [['kind' => 'tube', 'diameter' => '5 gal', 'length' => '1 m']]],
                ['log' => []],
            ]
            as $change
        ) {
            $this->call('PUT', "/api/parts/$part/survey", [...self::survey($change), 'version' => 1]);
            self::assertSame(422, $this->code());
        }
        $this->call('PUT', "/api/parts/$part/survey", [...self::survey(['name' => 'Other']), 'version' => 99]);
        self::assertSame(409, $this->code());
        $this->call('GET', "/api/parts/$part/mix?vessel=3%20kg");
        self::assertSame(422, $this->code());
        self::assertSame($before, $this->call('GET', "/api/jobs/$job/file"));
    }

    public function testTheRecordRefusesTheFutureAndTheUnknown(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->call('POST', "/api/parts/$part/route/plan", ['schools' => (object) []]);
        foreach (
            [
                ['/at', ['kind' => 'note', 'at' => self::now()->modify('+1 day')->format('Y-m-d\TH:i:s\Z')]],
                ['/at', ['kind' => 'note', 'at' => '2026-02-31']],
                ['/step', ['kind' => 'finish', 'at' => self::ago('1 hour'), 'step' => 's999']],
                ['/step', ['kind' => 'finish', 'at' => self::ago('1 hour')]],
                ['/corrects', ['kind' => 'correction', 'at' => self::ago('1 hour'), 'corrects' => 'nothing']],
                [
                    '/humidity',
                    ['kind' => 'reading', 'at' => self::ago('1 hour'), 'temperature' => '18 C', 'humidity' => '140 %'],
                ],
            ]
            as [$pointer, $body]
        ) {
            $problem = $this->call('POST', "/api/parts/$part/log", $body);
            self::assertSame($pointer, self::text($problem, 'errors', 0, 'pointer'));
        }
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/record"), 'entries'));
    }

    public function testWritesWithoutTheTokenAreRefused(): void
    {
        $this->enter('rowan@yard.example');
        $this->client->request(
            'POST',
            '/api/jobs',
            server: ['CONTENT_TYPE' => 'application/json'],
            content: '{"name":"Boat"}',
        );
        self::assertSame(403, $this->code());
        self::assertSame([], self::list($this->call('GET', '/api/jobs'), 'jobs'));
    }

    public function testGuessingPasswordsIsSlowedDown(): void
    {
        $email = 'guessed' . bin2hex(random_bytes(6)) . '@yard.example';
        $this->account($email, 'Yard');
        $this->call('GET', '/api/session');
        $seen = [];
        for ($i = 0; $i < 10; ++$i) {
            $this->call('POST', '/api/sign-in', ['email' => $email, 'password' => 'wrong']);
            $seen[] = $this->code();
        }
        self::assertSame(401, $seen[0]);
        self::assertSame(429, $seen[9]);
    }
}
