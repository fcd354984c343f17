<?php

declare(strict_types=1);

namespace App\Tests\App;

use Doctrine\DBAL\Connection;

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
            ['POST', "/api/jobs/$job/register", ['part' => $part, 'what' => 'bolts']],
            ['POST', '/api/air/forecast', ['text' => "at,temperature,humidity\n2026-05-13T10:00:00Z,5 C,80 %\n"]],
            ['POST', '/api/air/readings', ['text' => "at,temperature,humidity\n$now,6 C,80 %\n", 'place' => 'bay']],
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

    public function testWithoutItsTriggerAnAnswerIsOld(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $read = ["/api/parts/$part/record"];
        self::assertSame([], $this->faults($read));
        self::getContainer()
            ->get(Connection::class)
            ->executeStatement('ALTER TABLE work_log DISABLE TRIGGER work_log_insert_noted');
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'note',
            'note' => 'unseen',
            'at' => self::ago('0 minutes'),
        ]);
        self::assertSame(201, $this->code());
        self::assertSame($read, $this->faults($read));
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
        $this->call('DELETE', '/api/session');
        $this->enter('wren@yard.example', 'Other');
        $this->client->request('GET', '/api/jobs', server: ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertResponseStatusCodeSame(200);
        self::assertStringNotContainsString('Hovercraft', (string) $this->client->getResponse()->getContent());
    }
}
