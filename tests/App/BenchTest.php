<?php

declare(strict_types=1);

namespace App\Tests\App;

/** At the bench: what Today, Windows and Record say as the work goes on. */
final class BenchTest extends ApiCase
{
    private string $part = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [, $this->part] = $this->part();
    }

    public function testTodayGoesFromNotBegunThroughTheWindowsToCuring(): void
    {
        self::assertSame(['work', 'Not begun.'], $this->today());
        $this->finish('photograph', '90 hours');
        self::assertSame(['work', 'Ready for the next step.'], $this->today());
        $this->finishThrough('final-wipe', '88 hours');
        $this->finish('apply-coat', '88 hours');
        [$urgency, $message] = $this->today();
        self::assertSame('soon', $urgency);
        self::assertStringContainsString('abrade', $message);
    }

    public function testAFreshCoatIsAWaitAndAnOpenWindowWantsYouNow(): void
    {
        $this->finishThrough('final-wipe', '3 hours');
        $this->finish('apply-coat', '1 hour');
        [$urgency, $message] = $this->today();
        self::assertSame('wait', $urgency);
        self::assertStringContainsString('opens in 2 h', $message);
        self::assertSame('wet', self::text($this->windows(), 'bands', 0, 'phase'));
    }

    public function testTheNextStepSkipsAWaitThatIsOver(): void
    {
        $this->finishThrough('final-wipe', '7 hours');
        $this->finish('apply-coat', '6 hours');
        $card = self::at($this->call('GET', '/api/today'), 'cards', 0);
        self::assertSame('now', self::text($card, 'urgency'));
        self::assertSame('Apply coat: Two-pack epoxy primer', self::text($card, 'next'));
        $steps = array_column(self::list($this->call('GET', "/api/parts/{$this->part}/record"), 'steps'), 'status');
        self::assertContains('passed', $steps);
    }

    public function testAColderReadingMovesTheWindowAndTheMixCards(): void
    {
        $this->finishThrough('final-wipe', '3 hours');
        $this->finish('apply-coat', '2 hours');
        $before = $this->windows();
        $this->log([
            'kind' => 'reading',
            'at' => self::ago('110 minutes'),
            'temperature' => '50 F',
            'humidity' => '60 %',
        ]);
        $after = $this->windows();
        self::assertGreaterThan(self::text($before, 'bands', 0, 'opensAt'), self::text($after, 'bands', 0, 'opensAt'));
        self::assertStringContainsString('measured', self::text($after, 'airSource'));
        self::assertSame('10 °C', self::text($after, 'place', 'temperature'));
        self::assertFalse(
            self::at($this->call('GET', "/api/parts/{$this->part}/mix"), 'coats', 3, 'mayCoat'),
            'urethane wants 12 C',
        );
    }

    public function testDampAirShutsTheGateWithItsReason(): void
    {
        $this->log([
            'kind' => 'reading',
            'at' => self::ago('10 minutes'),
            'temperature' => '12 C',
            'humidity' => '88 %',
        ]);
        $windows = $this->windows();
        self::assertFalse(self::at($windows, 'mayCoat'));
        self::assertStringContainsString(
            'dew point',
            implode(
                ' ',
                array_map(static fn(mixed $w): string => is_string($w) ? $w : '', self::list($windows, 'gateWarnings')),
            ),
        );
    }

    public function testAStepUnderWayIsShownAndItsFinishEndsIt(): void
    {
        $this->finish('photograph', '3 hours');
        $key = $this->key('alkaline-degrease');
        $this->log(['kind' => 'start', 'step' => $key, 'at' => self::ago('50 minutes')]);
        self::assertSame('Alkaline degrease', self::text($this->call('GET', '/api/today'), 'cards', 0, 'doing'));
        $this->log(['kind' => 'finish', 'step' => $key, 'at' => self::ago('5 minutes')]);
        $record = $this->call('GET', "/api/parts/{$this->part}/record");
        self::assertSame('', self::text($this->call('GET', '/api/today'), 'cards', 0, 'doing'));
        self::assertContains('alkali', array_column(self::list($record, 'facts'), 'id'));
    }

    public function testTheSurfaceIsReplayedFromTheRecord(): void
    {
        $this->finishThrough('strip-discs', '1 hour');
        $record = $this->call('GET', "/api/parts/{$this->part}/record");
        $levels = [];
        foreach (self::list($record, 'facts') as $fact) {
            $level = self::at($fact, 'level');
            $levels[self::text($fact, 'id')] =
                is_int($level) || is_float($level) ? (float) $level : self::fail('A level is a number.');
        }
        self::assertSame(60.0, $levels['grit'] ?? 0.0);
        self::assertArrayNotHasKey('tight-rust', $levels);
        self::assertArrayNotHasKey('oil', $levels);
        self::assertEqualsWithDelta(1.0, $levels['exposed-hours'] ?? 0.0, 0.1);
    }

    public function testBareSteelLeftOvernightGainsASandingWithTheReason(): void
    {
        $this->finishThrough('strip-discs', '30 hours');
        $answer = $this->log(['kind' => 'note', 'at' => self::ago('1 minute'), 'note' => 'slept']);
        $steps = self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps');
        $added = array_values(array_filter($steps, static fn(mixed $s): bool => 'sand-p80' === self::text($s, 'step')));
        self::assertCount(1, $added);
        self::assertStringContainsString('flash-rusts', self::text($added[0], 'because'));
        self::assertSame([], self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'findings'));
        self::assertNotSame('', self::text($answer, 'entryId'));
    }

    public function testAnInsertionThatTheWorkWentPastGoesAgain(): void
    {
        $this->finishThrough('strip-discs', '30 hours');
        self::assertContains('sand-p80', $this->kinds());
        $this->finishThrough('final-wipe', '29 hours', ['sand-p80']);
        $this->finish('apply-coat', '28 hours');
        self::assertNotContains('sand-p80', $this->kinds());
        self::assertSame([], self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'findings'));
    }

    public function testASurveyChangedByHandKeepsTheRouteThatWasChangedByHand(): void
    {
        $route = $this->call('GET', "/api/parts/{$this->part}/route");
        $steps = array_map(
            static fn(mixed $s): array => [
                'key' => self::text($s, 'key'),
                'step' => self::text($s, 'step'),
                'product' => self::at($s, 'product'),
            ],
            self::list($route, 'steps'),
        );
        array_splice($steps, 1, 0, [['step' => 'pressure-wash']]);
        $this->call('PUT', "/api/parts/{$this->part}/route", [
            'number' => self::at($route, 'number'),
            'steps' => $steps,
        ]);
        $this->call('PUT', "/api/parts/{$this->part}/survey", [...self::survey(['name' => 'Renamed']), 'version' => 1]);
        self::assertSame(200, $this->code());
        self::assertContains('pressure-wash', $this->kinds());
    }

    public function testAnUntouchedRouteFollowsTheSurvey(): void
    {
        self::assertContains('urethane-colour-2k', $this->products());
        $this->call('PUT', "/api/parts/{$this->part}/survey", [
            ...self::survey(['service' => 'underbody']),
            'version' => 1,
        ]);
        self::assertSame(['cavity-wax'], array_values(array_unique($this->products())));
        $changed = $this->call('GET', "/api/parts/{$this->part}/route");
        self::assertSame('the survey changed', self::text($changed, 'because'));
        self::assertSame(2, self::at($changed, 'number'));
        $this->call('PUT', "/api/parts/{$this->part}/survey", [
            ...self::survey(['service' => 'underbody', 'name' => 'Frame']),
            'version' => 2,
        ]);
        self::assertSame(
            2,
            self::at($this->call('GET', "/api/parts/{$this->part}/route"), 'number'),
            'no new version for the same route',
        );
    }

    public function testTwoPartsOfAJobMayNotShareAnId(): void
    {
        $job = self::text($this->call('GET', '/api/jobs'), 'jobs', 0, 'id');
        $problem = $this->call('POST', "/api/jobs/$job/parts", self::survey());
        self::assertSame('/part/id', self::text($problem, 'errors', 0, 'pointer'));
        self::assertCount(1, self::list($this->call('GET', "/api/jobs/$job"), 'parts'));
    }

    /** @return array{string, string} urgency and message of the only part */
    private function today(): array
    {
        $card = self::at($this->call('GET', '/api/today'), 'cards', 0);

        return [self::text($card, 'urgency'), self::text($card, 'message')];
    }

    /** @return array<array-key, mixed> */
    private function windows(): array
    {
        return $this->call('GET', "/api/parts/{$this->part}/windows");
    }

    /**
     * @param array<int|string, string> $entry
     *
     * @return array<array-key, mixed>
     */
    private function log(array $entry): array
    {
        $answer = $this->call('POST', "/api/parts/{$this->part}/log", $entry);
        self::assertSame(201, $this->code(), (string) json_encode($answer));

        return $answer;
    }

    private function finish(string $kind, string $ago): void
    {
        $this->log(['kind' => 'finish', 'step' => $this->key($kind), 'at' => self::ago($ago)]);
    }

    /** @param list<string> $skip kinds of step that were not done */
    private function finishThrough(string $last, string $ago, array $skip = []): void
    {
        foreach (self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps') as $step) {
            if (
                'done' !== self::text($step, 'status') &&
                !in_array(self::text($step, 'step'), $skip, true) &&
                in_array(self::text($step, 'step'), $this->kinds(), true)
            ) {
                $this->log([
                    'kind' => 'finish',
                    'step' => $this->key(self::text($step, 'step')),
                    'at' => self::ago($ago),
                ]);
            }
            if (self::text($step, 'step') === $last) {
                return;
            }
        }
    }

    /** The key of the first step of a kind that is not done. */
    private function key(string $kind): string
    {
        foreach (self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps') as $step) {
            if (self::text($step, 'step') === $kind && 'done' !== self::text($step, 'status')) {
                return self::text($step, 'key');
            }
        }
        self::fail('No open step ' . $kind);
    }

    /** @return list<string> */
    private function kinds(): array
    {
        return array_values(
            array_map(
                static fn(mixed $s): string => self::text($s, 'step'),
                self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps'),
            ),
        );
    }

    /** @return list<string> */
    private function products(): array
    {
        $products = array_map(
            static fn(mixed $s): mixed => self::at($s, 'product'),
            self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps'),
        );

        return array_values(array_filter($products, is_string(...)));
    }

    public function testAPartWithoutARouteSaysWhichGearWouldOpenOne(): void
    {
        $this->call('POST', '/api/jobs/import', [
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => 'Galley shelf',
            'without' => ['uv-lamp'],
            'places' => [
                [
                    'id' => 'bay',
                    'name' => 'Heated bay',
                    'kind' => 'heated-bay',
                    'temperature' => '18 C',
                    'humidity' => '55 %',
                ],
            ],
            'parts' => [
                [
                    'id' => 'shelf',
                    'name' => 'Galley shelf',
                    'substrate' => 'rigid-plastic',
                    'conditions' => [['id' => 'yellowing', 'grade' => 'heavy']],
                    'shapes' => [['kind' => 'plate', 'width' => '0.4 m', 'length' => '0.6 m']],
                    'service' => 'food',
                    'finish' => 'tidy',
                    'place' => 'bay',
                ],
            ],
        ]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        $cards = array_column(self::list($this->call('GET', '/api/today'), 'cards'), null, 'part');
        $card = $cards['Galley shelf'] ?? self::fail('no card');
        self::assertSame('No order of work leads to the end yet.', self::text($card, 'message'));
        self::assertStringContainsString('with UV lamp or strong sun', self::text($card, 'nextHow'));
    }
}
