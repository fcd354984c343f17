<?php

declare(strict_types=1);

namespace App\Tests\App;

/** The whole way from an empty workshop to the record, over the API. */
final class StoryTest extends ApiCase
{
    public function testASurveyLeadsToARouteAMixAWindowAndARecord(): void
    {
        $this->enter('rowan@yard.example');
        self::assertSame([], self::list($this->call('GET', '/api/today'), 'cards'));
        [, $part] = $this->part();

        $survey = $this->call('GET', "/api/parts/$part/survey");
        self::assertSame('1.12 m²', self::text($survey, 'shapes', 'total', 'text'));
        self::assertSame('area.box-section', self::text($survey, 'shapes', 'shapes', 0, 'area', 'how', 'computation'));

        $route = $this->call('GET', "/api/parts/$part/route");
        self::assertSame([], self::list($route, 'findings'));
        self::assertSame('160 µm', self::text($route, 'build', 'text'));
        foreach (self::list($route, 'steps') as $step) {
            self::assertNotSame('', self::text($step, 'why'));
            self::assertNotSame([], self::list($step, 'ifLeftOut'), self::text($step, 'name'));
        }

        $mix = $this->call('GET', "/api/parts/$part/mix?vessel=2%20qt");
        self::assertSame(
            ['1:1 by volume', '100:67.6 by mass'],
            [self::text($mix, 'coats', 0, 'byVolume'), self::text($mix, 'coats', 0, 'byMass')],
        );
        self::assertSame('100 µm', self::text($mix, 'coats', 0, 'wft', 'text'));
        $windows = $this->call('GET', "/api/parts/$part/windows");
        self::assertSame('3 h 38 min', self::text($windows, 'cards', 0, 'recoatMin', 'text'));
        self::assertSame([], self::list($windows, 'bands'));
    }

    public function testAStepTakenOutIsFoundAndTheMendPutsItBack(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $steps = self::list($this->call('GET', "/api/parts/$part/route"), 'steps');
        $kept = array_values(array_filter($steps, static fn(mixed $s): bool => 'mask' !== self::text($s, 'step')));
        $route = $this->call('PUT', "/api/parts/$part/route", ['number' => 1, 'steps' => self::refs($kept)]);
        $finding = self::at($route, 'findings', 0);
        self::assertStringContainsString('masking must be on', self::text($finding, 'says'));
        $mended = $this->call('PUT', "/api/parts/$part/route", [
            'number' => 2,
            'steps' => self::refs(self::list($finding, 'mends', 0, 'steps')),
        ]);
        self::assertSame([], self::list($mended, 'findings'));
        self::assertSame(3, self::at($mended, 'number'));

        $this->call('PUT', "/api/parts/$part/route", ['number' => 1, 'steps' => self::refs($kept)]);
        self::assertSame(409, $this->code());
    }

    public function testALateCoatIsFoundAndTheRouteGainsSandingBackWithTheReason(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $keys = $this->keys($part);
        $this->finishUpTo($part, $keys, 'apply-coat', 1, '6 days');
        self::assertSame('lapsed', self::text($this->call('GET', "/api/parts/$part/windows"), 'bands', 0, 'phase'));
        $now = $this->call('GET', "/api/parts/$part/route");
        self::assertSame(
            ['Scuff the film with P320'],
            array_values(
                array_intersect(
                    ['Scuff the film with P320'],
                    array_map(static fn(mixed $s): string => self::text($s, 'name'), self::list($now, 'steps')),
                ),
            ),
        );

        $second = $this->stepKey($part, 'apply-coat', 2);
        $answer = $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'finish',
            'step' => $second,
            'at' => self::ago('5 minutes'),
        ]);
        self::assertSame(201, $this->code());
        self::assertContains('Sand the doubtful coat back to a sound edge', self::list($answer, 'gained'));
        self::assertStringContainsString('doubtful coat', self::text($answer, 'because'));
        self::assertNotSame([], self::list($this->call('GET', "/api/parts/$part/record"), 'findings'));
    }

    public function testTheRecordKeepsWhatIsCorrected(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $key = $this->keys($part)['photograph'][0];
        $first = self::text(
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => $key,
                'at' => self::ago('2 hours'),
                'temperature' => '65 F',
                'humidity' => '50 %',
            ]),
            'entryId',
        );
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $first,
            'at' => self::ago('3 hours'),
            'note' => 'clock was wrong',
        ]);
        $record = $this->call('GET', "/api/parts/$part/record");
        self::assertCount(2, self::list($record, 'entries'));
        self::assertTrue(self::at($record, 'entries', 1, 'replaced'));
        self::assertSame('18.3 °C', self::text($record, 'entries', 1, 'temperature'));
        self::assertSame('done', self::text($record, 'steps', 0, 'status'));
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $first,
            'at' => self::ago('3 hours'),
            'withdrawn' => true,
        ]);
        self::assertSame('open', self::text($this->call('GET', "/api/parts/$part/record"), 'steps', 0, 'status'));
    }

    public function testUnitsFollowTheReaderAndTypedUnitsAlwaysWin(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->call('PATCH', '/api/account', ['units' => 'us']);
        self::assertSame(
            '12.1 ft²',
            self::text($this->call('GET', "/api/parts/$part/survey"), 'shapes', 'total', 'text'),
        );
        self::assertSame(
            '64.4 °F',
            self::text($this->call('GET', "/api/parts/$part/survey"), 'places', 0, 'temperature'),
        );
        $shapes = $this->call('POST', '/api/shapes', [
            'shapes' => [
                ['kind' => 'strip', 'width' => '1 ft', 'length' => '1 m'],
                ['kind' => 'strip', 'width' => '1 gal', 'length' => '1 m'],
            ],
        ]);
        self::assertSame(0.3048, self::at($shapes, 'shapes', 0, 'area', 'value'));
        self::assertSame('/width', self::text($shapes, 'shapes', 1, 'pointer'));
    }

    public function testSchoolsAreKeptAndChangeTheRoute(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $route = $this->call('POST', "/api/parts/$part/route/plan", ['schools' => ['rust' => 'convert']]);
        self::assertContains(
            'convert-rust',
            array_map(static fn(mixed $s): string => self::text($s, 'step'), self::list($route, 'steps')),
        );
        self::assertSame(['rust' => 'convert'], self::list($this->call('GET', "/api/parts/$part/survey"), 'schools'));
    }

    public function testAJobFileComesBackAsItWas(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->finishUpTo($part, $this->keys($part), 'white-wipe', 1, '3 hours');
        $file = $this->call('GET', "/api/jobs/$job/file");
        $copy = self::text($this->call('POST', '/api/jobs/import', $file), 'id');
        self::assertSame($file, $this->call('GET', "/api/jobs/$copy/file"));
    }

    public function testAFinishedStepStaysInTheRoute(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->finishUpTo($part, $this->keys($part), 'photograph', 1, '1 hour');
        $route = $this->call('GET', "/api/parts/$part/route");
        $without = array_slice(self::list($route, 'steps'), 1);
        $problem = $this->call('PUT', "/api/parts/$part/route", [
            'number' => self::at($route, 'number'),
            'steps' => self::refs($without),
        ]);
        self::assertSame(422, $this->code());
        self::assertSame('/steps', self::text($problem, 'errors', 0, 'pointer'));
    }

    /**
     * @param array<array-key, mixed> $steps
     *
     * @return list<array<int|string, mixed>>
     */
    private static function refs(array $steps): array
    {
        return array_values(
            array_map(
                static fn(mixed $s): array => [
                    'key' => self::text($s, 'key'),
                    'step' => self::text($s, 'step'),
                    'product' => self::at($s, 'product'),
                    'because' => self::text($s, 'because'),
                ],
                $steps,
            ),
        );
    }

    /** @return array<int|string, list<string>> step kind => keys in order */
    private function keys(string $part): array
    {
        $keys = [];
        foreach (
            self::list($this->call('POST', "/api/parts/$part/route/plan", ['schools' => (object) []]), 'steps')
            as $step
        ) {
            $keys[self::text($step, 'step')][] = self::text($step, 'key');
        }

        return $keys;
    }

    private function stepKey(string $part, string $kind, int $number): string
    {
        foreach (self::list($this->call('GET', "/api/parts/$part/route"), 'steps') as $step) {
            if (self::text($step, 'step') === $kind && 0 === --$number) {
                return self::text($step, 'key');
            }
        }
        self::fail('No such step.');
    }

    /** @param array<int|string, list<string>> $keys */
    private function finishUpTo(string $part, array $keys, string $kind, int $number, string $ago): void
    {
        foreach (self::list($this->call('GET', "/api/parts/$part/route"), 'steps') as $step) {
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => self::text($step, 'key'),
                'at' => self::ago($ago),
            ]);
            self::assertSame(201, $this->code());
            if (self::text($step, 'key') === $keys[$kind][$number - 1]) {
                return;
            }
        }
    }
}
