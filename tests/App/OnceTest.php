<?php

declare(strict_types=1);

namespace App\Tests\App;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is sent again counts once; what is refused stores nothing; who comes second is told who was first. */
final class OnceTest extends ApiCase
{
    public function testTheSameFinishSentAgainIsOneLineAndOneDrawFromTheTin(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->call('POST', '/api/store/tins', [
            'material' => 'epoxy-primer-2k',
            'batch' => 'A',
            'size' => '2.5 L',
            'count' => 1,
        ]);
        $coat = $this->firstCoat($part);
        $body = ['kind' => 'finish', 'step' => $coat, 'at' => self::ago('1 hour'), 'used' => '0.4 L'];
        $first = $this->withKey('finish-of-coat-one', "/api/parts/$part/log", $body);
        self::assertSame(201, $this->code());
        for ($again = 0; $again < 4; ++$again) {
            self::assertSame($first, $this->withKey('finish-of-coat-one', "/api/parts/$part/log", $body));
            self::assertSame(
                [201, 'true'],
                [$this->code(), $this->client->getResponse()->headers->get('Idempotency-Replayed')],
            );
        }
        self::assertCount(1, self::list($this->call('GET', "/api/parts/$part/record"), 'entries'));
        $epoxy = array_values(
            array_filter(
                self::list($this->call('GET', '/api/store'), 'materials'),
                static fn(mixed $m): bool => 'epoxy-primer-2k' === self::text($m, 'id'),
            ),
        );
        self::assertEqualsWithDelta(2.1, self::number($epoxy, 0, 'total', 'value'), 1e-6);

        $this->withKey('finish-of-coat-one', "/api/parts/$part/log", [...$body, 'used' => '0.5 L']);
        self::assertSame(422, $this->code(), 'the key of one thing is no key of another');
        $second = $this->withKey('another-key', "/api/parts/$part/log", $body);
        self::assertSame(409, $this->code());
        self::assertMatchesRegularExpression(
            '/finished by Somebody at \d\d:\d\d on 1[0-9] May 2026/',
            self::text($second, 'detail'),
        );
        $this->withKey('another-key', "/api/parts/$part/log", [
            'kind' => 'start',
            'step' => $coat,
            'at' => self::ago('1 hour'),
        ]);
        self::assertSame(409, $this->code());
        $this->withKey('short', "/api/parts/$part/log", $body);
        self::assertSame(422, $this->code());
        $entry = self::text($this->call('GET', "/api/parts/$part/record"), 'entries', 0, 'id');
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $entry,
            'withdrawn' => true,
            'at' => self::ago('1 hour'),
        ]);
        $this->withKey('yet-another', "/api/parts/$part/log", $body);
        self::assertSame(201, $this->code(), 'what was withdrawn may be finished');
    }

    public function testWhatIsRefusedCanBeSentAgainWithItsKey(): void
    {
        $this->enter('rowan@yard.example');
        $this->withKey('a-job-of-its-own', '/api/jobs', ['name' => '']);
        self::assertSame(422, $this->code());
        $job = $this->withKey('a-job-of-its-own', '/api/jobs', ['name' => 'Winch']);
        self::assertSame(201, $this->code());
        self::assertSame($job, $this->withKey('a-job-of-its-own', '/api/jobs', ['name' => 'Winch']));
        self::assertCount(1, self::list($this->call('GET', '/api/jobs'), 'jobs'));
        $this->enter('other@yard.example', 'Other');
        $this->withKey('a-job-of-its-own', '/api/jobs', ['name' => 'Winch']);
        self::assertCount(1, self::list($this->call('GET', '/api/jobs'), 'jobs'), 'a key counts in its own yard');
    }

    public function testAWriteThatBreaksHalfwayLeavesNothing(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $rows = static fn(): mixed => self::getContainer()
            ->get(Connection::class)
            ->fetchOne('SELECT count(*) FROM route_version');
        $before = $rows();
        // The survey with its schools is stored before the route is found not to be had.
        $this->call('POST', "/api/parts/$part/route/plan", ['schools' => ['removing' => 'prayer']]);
        self::assertSame(422, $this->code());
        self::assertSame($before, $rows());
        $file = $this->call('GET', "/api/jobs/$job/file");
        self::assertIsArray($file['parts']);
        $file['parts'][] = [...(array) self::at($file, 'parts', 0), 'id' => 'second', 'zone_of' => 'nobody'];
        $this->call('POST', '/api/jobs/import', $file);
        self::assertSame(422, $this->code());
        self::assertCount(1, self::list($this->call('GET', '/api/jobs'), 'jobs'));
    }

    /**
     * @return iterable<string, array{string, string, string, string, array<string, mixed>}> method, path, where its
     *     version is read, the
     *     field, a body
     */
    public static function documents(): iterable
    {
        yield 'settings' => [
            'PUT',
            '/api/workshop',
            '/api/workshop',
            'version',
            ['currency' => 'EUR', 'local' => (object) []],
        ];
        yield 'crew' => [
            'PUT',
            '/api/crew',
            '/api/crew',
            'version',
            ['people' => [['name' => '7', 'hours' => ['mon' => ['8:00-12:00']]]]],
        ];
        yield 'suppliers' => ['PUT', '/api/store/suppliers', '/api/store', 'suppliersVersion', ['suppliers' => []]];
        yield 'sheets' => [
            'POST',
            '/api/store/sheets',
            '/api/store',
            'sheetsVersion',
            ['text' => "class: epoxy-primer-2k\nname: Grey\nsource: sheet\ndft: 70 um\n"],
        ];
        yield 'own catalogue' => [
            'PUT',
            '/api/workshop/catalogue',
            '/api/workshop/catalogue',
            'version',
            ['text' => ''],
        ];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('documents')]
    public function testWhoChangesAnOldVersionIsTold(
        string $method,
        string $path,
        string $from,
        string $field,
        array $body,
    ): void {
        $this->enter('rowan@yard.example');
        $seen = self::at($this->call('GET', $from), $field);
        $this->call($method, $path, [...$body, 'version' => $seen]);
        self::assertContains($this->code(), [200, 204]);
        self::assertNotSame($seen, self::at($this->call('GET', $from), $field));
        $this->call($method, $path, [...$body, 'version' => $seen]);
        self::assertSame(409, $this->code());
        $this->call($method, $path, $body);
        self::assertSame(422, $this->code(), 'without a version');
    }

    private function firstCoat(string $part): string
    {
        foreach (self::list($this->call('GET', "/api/parts/$part/route"), 'steps') as $step) {
            if ('apply-coat' === self::text($step, 'step')) {
                return self::text($step, 'key');
            }
        }
        self::fail('no coat');
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private function withKey(string $key, string $path, array $body): array
    {
        $this->client->setServerParameter('HTTP_IDEMPOTENCY_KEY', $key);
        $answer = $this->call('POST', $path, $body);
        $this->client->setServerParameters([]);

        return $answer;
    }
}
