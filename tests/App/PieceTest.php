<?php

declare(strict_types=1);

namespace App\Tests\App;

/** Parts of one job that hang together: said in the survey, seen on the course, kept in the job file. */
final class PieceTest extends ApiCase
{
    private string $job = '';
    private string $frame = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job, $this->frame] = $this->part();
    }

    public function testATieIsSaidShownFromBothSidesAndOrdersTheCourse(): void
    {
        $guard = $this->guard([['as' => 'mounted-on', 'to' => 'frame', 'by' => 'four clips', 'order' => 1]]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        $tied = self::list($this->call('GET', "/api/parts/{$this->frame}/survey"), 'tied');
        self::assertSame(
            [['Guard', 'is mounted on', 'four clips']],
            array_map(
                static fn(mixed $t): array => [self::text($t, 'name'), self::text($t, 'words'), self::text($t, 'by')],
                $tied,
            ),
        );
        $board = $this->call('GET', "/api/jobs/{$this->job}/board");
        $moves = ['frame' => [], 'guard' => []];
        foreach (self::list($board, 'actions') as $n => $action) {
            foreach (self::list($action, 'lanes') as $lane) {
                $move = self::text($action, 'moves');
                $moves[$lane === $guard ? 'guard' : 'frame']['' === $move ? self::text($action, 'step') : $move] = $n;
            }
        }
        $frame = $moves['frame'] + ['apply-coat' => -1, 'hand-over' => -1];
        $guardAt = $moves['guard'] + ['off' => \PHP_INT_MAX, 'on' => -1, 'hand-over' => -2];
        self::assertLessThan($frame['apply-coat'], $guardAt['off']);
        self::assertGreaterThan($frame['apply-coat'], $guardAt['on']);
        self::assertSame($frame['hand-over'], $guardAt['hand-over']);
        self::assertSame([], self::list($board, 'stillOn'));
        $file = $this->call('GET', "/api/jobs/{$this->job}/file");
        self::assertSame('four clips', self::text($file, 'parts', 1, 'links', 0, 'by'));
    }

    public function testATieToNothingIsRefusedAtItsPlaceAndNothingIsStored(): void
    {
        $this->guard([['as' => 'covers', 'to' => 'nowhere']]);
        $refused = json_decode((string) $this->client->getResponse()->getContent(), true);
        self::assertSame(422, $this->code());
        self::assertSame('/part/links/0/to', self::text($refused, 'errors', 0, 'pointer'));
        self::assertCount(1, self::list($this->call('GET', '/api/jobs'), 'jobs', 0, 'parts'));
        $this->guard([['as' => 'welded-to', 'to' => 'frame']]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('mounted-on', (string) $this->client->getResponse()->getContent());
    }

    public function testWhatIsTreatedAsAnotherFollowsWhatIsDecidedForThat(): void
    {
        $guard = $this->guard([['as' => 'same-as', 'to' => 'frame']]);
        $steps = fn(): array => array_map(
            static fn(mixed $s): string => self::text($s, 'step'),
            self::list($this->call('GET', "/api/parts/$guard/route"), 'steps'),
        );
        self::assertContains('apply-coat', $steps());
        $version = self::number($this->call('GET', "/api/parts/{$this->frame}/survey"), 'version');
        $this->call('PUT', "/api/parts/{$this->frame}/survey", [
            ...self::survey(['aim' => 'bare']),
            'version' => (int) $version,
        ]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertNotContains('apply-coat', $steps());
    }

    public function testWhatStaysOnIsWorkedWhereThatIsAndGoesThereWithIt(): void
    {
        $guard = $this->guard([['as' => 'mounted-on', 'to' => 'frame', 'stays' => true]]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        $tin = [
            'id' => 'tin',
            'name' => 'Tin shed',
            'kind' => 'unheated-shed',
            'temperature' => '9 C',
            'humidity' => '70 %',
        ];
        $frame = $this->call('GET', "/api/parts/{$this->frame}/survey");
        // By itself it goes nowhere.
        $links = [['as' => 'mounted-on', 'to' => self::text($frame, 'slug'), 'stays' => true]];
        $refused = $this->call('PUT', "/api/parts/$guard/survey", [
            ...self::survey(['id' => 'guard', 'name' => 'Guard', 'links' => $links, 'place' => 'tin']),
            'place' => $tin,
            'version' => (int) self::number($this->call('GET', "/api/parts/$guard/survey"), 'version'),
        ]);
        self::assertSame(422, $this->code());
        self::assertSame('/part/links/0/to', self::text($refused, 'errors', 0, 'pointer'));
        self::assertStringContainsString('is worked in another place', self::text($refused, 'errors', 0, 'detail'));
        // What carries it takes it along.
        $this->call('PUT', "/api/parts/{$this->frame}/survey", [
            ...self::survey(['place' => 'tin']),
            'place' => $tin,
            'version' => (int) self::number($frame, 'version'),
        ]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertSame('tin', self::text($this->call('GET', "/api/parts/$guard/survey"), 'place'));
        self::assertSame('tin', self::text($this->call('GET', "/api/jobs/{$this->job}/file"), 'parts', 1, 'place'));
    }

    public function testWhatIsStillOnWhenItsCarrierIsWorkedIsSaid(): void
    {
        $guard = $this->guard([['as' => 'mounted-on', 'to' => 'frame']]);
        foreach (self::list($this->call('GET', "/api/parts/{$this->frame}/route"), 'steps') as $step) {
            $this->call('POST', "/api/parts/{$this->frame}/log", [
                'kind' => 'finish',
                'step' => self::text($step, 'key'),
                'at' => self::ago('1 minute'),
            ]);
            if (in_array(self::text($step, 'step'), ['strip-discs', 'scrape', 'bath-citric', 'apply-coat'], true)) {
                break;
            }
        }
        $still = self::list($this->call('GET', "/api/jobs/{$this->job}/board"), 'stillOn');
        self::assertSame($guard, self::text($still, 0, 'partId'));
        self::assertStringContainsString('is still on', self::text($still, 0, 'says'));
        $this->call('POST', "/api/parts/$guard/log", [
            'kind' => 'finish',
            'step' => self::text($still, 0, 'off'),
            'at' => self::ago('1 minute'),
        ]);
        self::assertSame([], self::list($this->call('GET', "/api/jobs/{$this->job}/board"), 'stillOn'), 'one tap');
    }

    /** @param list<array<string, string|int|bool>> $links */
    private function guard(array $links): string
    {
        $frame = self::text($this->call('GET', "/api/parts/{$this->frame}/survey"), 'slug');
        $links = array_map(static fn(array $l): array => 'frame' === $l['to'] ? [...$l, 'to' => $frame] : $l, $links);
        $answer = $this->call(
            'POST',
            "/api/jobs/{$this->job}/parts",
            self::survey(['id' => 'guard', 'name' => 'Guard', 'links' => $links]),
        );

        return 201 === $this->code() ? self::text($answer, 'id') : '';
    }
}
