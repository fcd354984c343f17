<?php

declare(strict_types=1);

namespace App\Tests\App;

/** Jobs are closed, looked up a page at a time, put away and opened again. */
final class ClosedTest extends ApiCase
{
    use EveryRead;

    private const OF_YARD = ['/api/today', '/api/jobs', '/api/plan', '/api/plan/next', '/api/plan/floor', '/api/store'];

    public function testWorkThatIsLeftHasToBeSaid(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $refused = $this->call('POST', "/api/jobs/$job/close", (object) []);
        self::assertSame(409, $this->code());
        self::assertStringContainsString('Work is left on', self::text($refused, 'detail'));
        self::assertNull(self::at($this->call('GET', "/api/jobs/$job"), 'closedAt'));
        $closed = $this->call('POST', "/api/jobs/$job/close", ['leaving' => true]);
        self::assertSame(200, $this->code());
        self::assertSame(self::ago('0 minutes'), self::text($closed, 'closedAt'));
    }

    public function testTheYardOfEveryDayLeavesItOutAndItCanBeRead(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->call('POST', '/api/plan', (object) []);
        $file = $this->call('GET', "/api/jobs/$job/file");
        $this->call('POST', "/api/jobs/$job/close", ['leaving' => true]);
        foreach (self::OF_YARD as $path) {
            $seen = json_encode($this->call('GET', $path), \JSON_THROW_ON_ERROR);
            self::assertSame(200, $this->code(), $path);
            self::assertStringNotContainsString($part, $seen, $path);
        }
        self::assertSame($file, $this->call('GET', "/api/jobs/$job/file"));
        self::assertSame(
            self::ago('0 minutes'),
            self::text($this->call('GET', "/api/parts/$part/survey"), 'jobClosed'),
        );
        self::assertSame([], $this->faultsOfEveryRead());
        $listed = $this->call('GET', '/api/closed-jobs');
        self::assertSame($job, self::text($listed, 'jobs', 0, 'id'));
        self::assertSame($part, self::text($listed, 'jobs', 0, 'parts', 0, 'id'));
        self::assertSame(0, self::at($listed, 'jobs', 0, 'parts', 0, 'stepsDone'));
        self::assertGreaterThan(3, self::at($listed, 'jobs', 0, 'parts', 0, 'stepsAll'));
    }

    public function testNothingIsWrittenInItUntilItIsOpened(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $survey = $this->call('GET', "/api/jobs/$job/file");
        $key = self::text($this->call('GET', "/api/parts/$part/route"), 'steps', 0, 'key');
        $taken = ['moment' => 'before', 'caption' => 'x', 'image' => WorkshopTest::PICTURE];
        $photo = self::text($this->call('POST', "/api/parts/$part/photos", $taken), 'id');
        $other = self::survey(['id' => 'other', 'name' => 'Other']);
        $gone = self::text($this->call('POST', "/api/jobs/$job/parts", $other), 'id');
        $this->call('DELETE', "/api/parts/$gone");
        $this->call('POST', "/api/jobs/$job/close", ['leaving' => true]);
        $writes = [
            ['POST', "/api/parts/$part/log", ['kind' => 'finish', 'step' => $key, 'at' => self::ago('0 minutes')]],
            ['POST', "/api/jobs/$job/parts", self::survey(['id' => 'second', 'name' => 'Second'])],
            ['PUT', "/api/jobs/$job", ['name' => 'Otherwise']],
            ['PUT', "/api/jobs/$job/due", ['due' => '2026-07-01']],
            ['PUT', "/api/jobs/$job/without", ['without' => []]],
            [
                'POST',
                "/api/jobs/$job/register",
                ['part' => 'engine-frame', 'what' => 'bolts', 'items' => [['what' => 'bolt', 'count' => 4]]],
            ],
            [
                'POST',
                "/api/parts/$part/photos",
                ['moment' => 'before', 'caption' => 'x', 'image' => WorkshopTest::PICTURE],
            ],
            ['DELETE', "/api/photos/$photo", null],
            ['POST', "/api/parts/$gone/restore", null],
            ['DELETE', "/api/parts/$part", null],
            ['POST', "/api/parts/$part/copy", null],
            ['POST', "/api/jobs/$job/close", (object) []],
        ];
        foreach ($writes as [$method, $path, $body]) {
            $refused = $this->call($method, $path, $body);
            self::assertSame(409, $this->code(), "$method $path");
            self::assertSame('The job is closed', self::text($refused, 'title'), "$method $path");
        }
        self::assertSame($survey, $this->call('GET', "/api/jobs/$job/file"), 'nothing was half stored');
        $this->call('POST', "/api/jobs/$job/reopen");
        self::assertSame(200, $this->code());
        $this->call(...$writes[0]);
        self::assertSame(201, $this->code());
        self::assertStringContainsString($part, (string) json_encode($this->call('GET', '/api/today')));
        self::assertSame([], self::list($this->call('GET', '/api/closed-jobs'), 'jobs'));
    }

    public function testPagesSearchAndThosePutAway(): void
    {
        $this->enter('rowan@yard.example');
        $ids = [];
        for ($n = 1; $n <= 27; ++$n) {
            $made = $this->call('POST', '/api/jobs', [
                'name' => sprintf('Skiff %02d', $n),
                'note' => 0 === $n % 9 ? '100% teak' : '',
            ]);
            $ids[] = self::text($made, 'id');
            self::clock()->modify('+1 minute');
            $this->call('POST', '/api/jobs/' . end($ids) . '/close', (object) []);
            self::assertSame(200, $this->code(), 'an empty job has nothing left');
        }
        $first = $this->call('GET', '/api/closed-jobs');
        self::assertSame([1, 2, 27], [self::at($first, 'page'), self::at($first, 'pages'), self::at($first, 'count')]);
        self::assertSame('Skiff 27', self::text($first, 'jobs', 0, 'name'), 'newest first');
        self::assertCount(25, self::list($first, 'jobs'));
        $second = $this->call('GET', '/api/closed-jobs?page=2');
        self::assertSame(['Skiff 02', 'Skiff 01'], array_column(self::list($second, 'jobs'), 'name'));
        $names = fn(string $search): array => array_column(
            self::list($this->call('GET', '/api/closed-jobs?search=' . rawurlencode($search)), 'jobs'),
            'name',
        );
        self::assertSame(['Skiff 13'], $names('SKIFF 13'));
        self::assertSame(['Skiff 27', 'Skiff 18', 'Skiff 09'], $names('100%'));
        self::assertSame([], $names('1%3'), 'a sign, not a pattern');
        $this->call('PUT', "/api/jobs/$ids[12]/archived", ['archived' => true]);
        self::assertSame(204, $this->code());
        self::assertSame([], $names('Skiff 13'));
        $away = $this->call('GET', '/api/closed-jobs?archived=yes');
        self::assertSame(['Skiff 13'], array_column(self::list($away, 'jobs'), 'name'));
        $this->call('GET', '/api/closed-jobs?page=0');
        self::assertSame(422, $this->code());
        $open = self::text($this->call('POST', '/api/jobs', ['name' => 'Open']), 'id');
        $this->call('PUT', "/api/jobs/$open/archived", ['archived' => true]);
        self::assertSame(409, $this->code(), 'only a closed one is put away');
    }

    public function testWhatWasReadInItStillTellsOfTheAirOfItsPlace(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $other = self::text($this->call('POST', '/api/jobs', ['name' => 'Other']), 'id');
        $this->call('POST', "/api/jobs/$other/parts", self::survey(['id' => 'second', 'name' => 'Second']));
        $air = fn(): string => self::text($this->call('GET', '/api/plan'), 'places', 0, 'air');
        $unread = $air();
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'reading',
            'temperature' => '7.5 C',
            'humidity' => '81 %',
            'at' => self::ago('5 minutes'),
        ]);
        self::assertSame(201, $this->code());
        $before = $air();
        self::assertNotSame($unread, $before, 'the reading tells');
        $this->call('POST', "/api/jobs/$job/close", ['leaving' => true]);
        self::assertSame($before, $air());
    }
}
