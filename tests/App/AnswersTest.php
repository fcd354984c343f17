<?php

declare(strict_types=1);

namespace App\Tests\App;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is answered again is what would be worked out anew, whatever was written in between. */
final class AnswersTest extends ApiCase
{
    use KeptReads;

    public function testAfterEveryKindOfWriteTheAnswersAreTrue(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $reads = self::reads($job, $part);
        $this->faults($reads);
        $key = self::text($this->call('GET', "/api/parts/$part/route"), 'steps', 0, 'key');
        $now = self::ago('0 minutes');
        $writes = [
            ['POST', "/api/parts/$part/log", ['kind' => 'finish', 'step' => $key, 'at' => $now]],
            [
                'POST',
                "/api/parts/$part/log",
                ['kind' => 'reading', 'temperature' => '9 C', 'humidity' => '70 %', 'at' => $now],
            ],
            [
                'POST',
                "/api/parts/$part/photos",
                ['moment' => 'before', 'caption' => 'x', 'image' => WorkshopTest::PICTURE],
            ],
            ['POST', '/api/store/tins', ['material' => 'acetone', 'batch' => 'A', 'size' => '1 L', 'count' => 1]],
            ['POST', '/api/plan', (object) []],
            ['PUT', "/api/jobs/$job/due", ['due' => '2026-07-01']],
            [
                'POST',
                "/api/jobs/$job/register",
                ['part' => 'engine-frame', 'what' => 'bolts', 'items' => [['what' => 'bolt', 'count' => 4]]],
            ],
            ['POST', '/api/air/forecast', ['text' => "at,temperature,humidity\n2026-05-13T10:00:00Z,5 C,80 %\n"]],
            [
                'POST',
                '/api/air/readings',
                ['text' => "at,temperature,humidity\n$now,6 C,80 %\n", 'place' => 'Heated bay'],
            ],
            ['PATCH', '/api/account', ['units' => 'us']],
            ['POST', "/api/jobs/$job/parts", self::survey(['id' => 'second', 'name' => 'Second'])],
            ['DELETE', "/api/parts/$part", null],
            ['POST', "/api/parts/$part/restore", (object) []],
            ['POST', "/api/jobs/$job/close", ['leaving' => true]],
            ['PUT', "/api/jobs/$job/archived", ['archived' => true]],
            ['POST', "/api/jobs/$job/reopen", null],
        ];
        $faults = $taken = [];
        foreach ($writes as [$method, $path, $body]) {
            $this->call($method, $path, $body);
            if ($this->code() < 300) {
                $taken[] = $method . ' ' . $path;
            }
            $faults = [
                ...$faults,
                ...array_map(static fn(string $f): string => "$f after $method $path", $this->faults($reads)),
            ];
        }
        self::assertSame([], $faults);
        self::assertGreaterThanOrEqual(9, count($taken), implode("\n", $taken));
        self::clock()->modify('+1 hour');
        self::assertSame([], $this->faults($reads), 'an hour later');
    }

    /** @return iterable<string, array{list<string>, string, string, array<array-key, mixed>, string}> */
    public static function dependencies(): iterable
    {
        $line = ['kind' => 'note', 'note' => 'unseen', 'at' => '{now}'];
        $air = "at,temperature,humidity\n{before},5 C,80 %\n{now},4 C,81 %\n";
        $photo = ['moment' => 'before', 'caption' => 'x', 'image' => WorkshopTest::PICTURE];
        $tin = ['material' => 'acetone', 'batch' => 'A', 'size' => '1 L', 'count' => 1];
        $crew = ['people' => [['name' => 'Wren', 'hours' => ['sat' => ['9:00-12:30']]]]];
        $survey = self::survey(['name' => 'Otherwise']);
        yield 'log' => [['work_log'], 'POST', '/api/parts/{part}/log', $line, '/api/parts/{part}/record'];
        yield 'job' => [['job'], 'PUT', '/api/jobs/{job}', ['name' => 'Otherwise'], '/api/jobs'];
        yield 'survey' => [
            ['job', 'part', 'route_version'],
            'PUT',
            '/api/parts/{part}/survey',
            [...$survey, 'version' => 1],
            '/api/parts/{part}/survey',
        ];
        yield 'route' => [
            ['job', 'part', 'route_version'],
            'POST',
            '/api/parts/{part}/route/plan',
            ['schools' => ['removing' => 'blast']],
            '/api/parts/{part}/route',
        ];
        yield 'photo' => [['photo'], 'POST', '/api/parts/{part}/photos', $photo, '/api/parts/{part}/photos'];
        yield 'tag' => [
            ['tag'],
            'POST',
            '/api/jobs/{job}/register',
            ['part' => 'engine-frame', 'what' => 'bolts', 'items' => [['what' => 'bolt', 'count' => 4]]],
            '/api/jobs/{job}/register',
        ];
        yield 'tin' => [['tin'], 'POST', '/api/store/tins', $tin, '/api/store'];
        yield 'movement' => [
            ['tin_movement'],
            'POST',
            '/api/store/tins/{tin}/movements',
            ['kind' => 'counted', 'amount' => '0.4 L'],
            '/api/store',
        ];
        yield 'forecast' => [['forecast'], 'POST', '/api/air/forecast', ['text' => $air], '/api/parts/{part}/windows'];
        yield 'reading' => [
            ['place_reading'],
            'POST',
            '/api/air/readings',
            ['text' => $air, 'place' => 'Heated bay'],
            '/api/parts/{part}/windows',
        ];
        yield 'plan' => [['yard_plan'], 'POST', '/api/plan', ['note' => 'again'], '/api/plan'];
        yield 'yard' => [['workshop'], 'PUT', '/api/crew', $crew, '/api/plan'];
    }

    /**
     * @param list<string> $tables
     * @param array<array-key, mixed> $body
     */
    #[DataProvider('dependencies')]
    public function testWithoutItsTriggersAnAnswerIsOld(
        array $tables,
        string $method,
        string $path,
        array $body,
        string $read,
    ): void {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->call('POST', '/api/store/tins', ['material' => 'acetone', 'size' => '1 L', 'count' => 1]);
        $this->call('POST', '/api/air/forecast', [
            'text' => "at,temperature,humidity\n2026-05-13T10:00:00Z,9 C,60 %\n",
        ]);
        $this->call('POST', '/api/plan', (object) []);
        $ids = ['{job}' => $job, '{part}' => $part, '{tin}' => $this->tin()];
        [$path, $read] = [strtr($path, $ids), strtr($read, $ids)];
        $times = ['{now}' => self::ago('0 minutes'), '{before}' => self::ago('1 hour')];
        $body = array_map(static fn(mixed $v): mixed => is_string($v) ? strtr($v, $times) : $v, $body);
        self::assertSame([], $this->faults([$read]));
        $db = self::getContainer()->get(Connection::class);
        foreach ($tables as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                $db->executeStatement(sprintf('ALTER TABLE %s DISABLE TRIGGER %1$s_%s_noted', $table, $event));
            }
        }
        str_contains($path, 'crew') ? $this->change($method, $path, $body) : $this->call($method, $path, $body);
        self::assertLessThan(300, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertSame([$read], $this->faults([$read]));
    }

    private function tin(): string
    {
        foreach (self::list($this->call('GET', '/api/store'), 'materials') as $material) {
            foreach (self::list($material, 'tins') as $tin) {
                return self::text($tin, 'id');
            }
        }

        return '';
    }

    public function testWhoHasItIsSentNothingAndOthersGetTheirOwn(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $this->call('GET', '/api/jobs');
        $tag = (string) $this->client->getResponse()->headers->get('ETag');
        self::assertNotSame('', $tag);
        $this->client->request('GET', '/api/jobs', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseStatusCodeSame(304);
        self::assertSame('', $this->client->getResponse()->getContent());
        $this->call('POST', '/api/jobs', ['name' => 'Another']);
        $this->client->request('GET', '/api/jobs', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseStatusCodeSame(200);
        $plain = $this->call('GET', '/api/jobs');
        foreach (['gzip, br' => true, 'gzip;q=0' => false, 'identity' => false] as $reads => $isPacked) {
            $this->client->request('GET', '/api/jobs', server: ['HTTP_ACCEPT_ENCODING' => $reads]);
            $said = (string) $this->client->getResponse()->getContent();
            self::assertSame(
                $isPacked ? 'gzip' : null,
                $this->client->getResponse()->headers->get('Content-Encoding'),
                $reads,
            );
            self::assertSame($plain, json_decode($isPacked ? (string) gzdecode($said) : $said, true), $reads);
        }
        $this->call('DELETE', '/api/session');
        $this->enter('wren@yard.example', 'Other');
        $this->client->request('GET', '/api/jobs', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseStatusCodeSame(200);
        self::assertStringNotContainsString('Hovercraft', (string) $this->client->getResponse()->getContent());
    }
}
