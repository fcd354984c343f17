<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Component\Process\Process;

/** The console twin: the same engine, the same answers, without a database. */
final class ConsoleTest extends ApiCase
{
    public function testComputesListsAndDescribes(): void
    {
        self::assertEqualsWithDelta(
            132.0,
            self::at(
                $this->json(['hull:compute', 'film.wet'], '{"dft":"60 um","solids":"50 %","thinner":"10 %"}'),
                'values',
                'wft',
                'value',
            ),
            1e-9,
        );
        self::assertStringContainsString('cure.zones', $this->console(['hull:compute', '--list'])->getOutput());
        self::assertSame(
            ['solids', 'dft'],
            self::list($this->json(['hull:compute', 'film.spreading-rate', '--schema']), 'input', 'required'),
        );
        $refused = $this->console(['hull:compute', 'film.wet'], '{"dft":"60 um"}');
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString('/solids', $refused->getOutput());
        self::assertSame(2, $this->console(['hull:compute', 'no.such'], '{}')->getExitCode());
    }

    public function testPlansTheExportedJobAsTheInterfaceDoes(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $shown = array_map(
            static fn(mixed $s): array => [self::text($s, 'step'), self::at($s, 'product')],
            self::list($this->call('GET', "/api/parts/$part/route"), 'steps'),
        );
        $planned = $this->json(
            ['hull:plan', '-', '--format=json'],
            (string) json_encode($this->call('GET', "/api/jobs/$job/file")),
        );
        self::assertSame(
            $shown,
            array_map(
                static fn(mixed $s): array => [self::text($s, 'step'), self::at($s, 'product')],
                self::list($planned, 'parts', 0, 'route'),
            ),
        );
    }

    public function testSchedulesAJobFileInItsWeatherAndHours(): void
    {
        $root = dirname(__DIR__, 2);
        $crew = (string) tempnam(sys_get_temp_dir(), 'crew');
        $example = (string) file_get_contents($root . '/docs/formats/crew.example.json');
        file_put_contents($crew, str_replace('"bay"', '"North slip"', $example));
        $asked = [
            'hull:schedule',
            $root . '/demo/3-winch.json',
            '--climate',
            $root . '/docs/formats/climate.example.csv',
            '--crew',
            $crew,
            '--at',
            '2026-05-14T08:00:00Z',
        ];
        $plan = $this->json([...$asked, '--format=json']);
        self::assertGreaterThan(20, count(self::list($plan, 'work')));
        self::assertGreaterThanOrEqual(self::text($plan, 'no_earlier_than'), self::text($plan, 'finish'));
        foreach (self::list($plan, 'work') as $w) {
            self::assertContains(
                (new \DateTimeImmutable(self::text($w, 'start')))
                    ->setTimezone(new \DateTimeZone('Europe/London'))
                    ->format('D'),
                ['Mon', 'Tue', 'Thu', 'Sat'],
                'nobody is there on other days',
            );
        }
        self::assertSame(
            $this->console($asked)->getOutput(),
            $this->console($asked)->getOutput(),
            'the same every time',
        );
        self::assertStringContainsString('no earlier than', $this->console($asked)->getOutput());
        $refused = $this->console(['hull:schedule', $root . '/demo/3-winch.json', '--at', 'tomorrow']);
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString('an instant with its offset', $refused->getOutput());
    }

    public function testAJobThatStopsSaysOnceWhatIsInTheWayAndWhoWaitsForIt(): void
    {
        $part = static fn(string $id, array $more): array => [
            'id' => $id,
            'name' => ucfirst($id),
            'substrate' => 'carbon-steel',
            'service' => 'exterior-sun',
            'finish' => 'tidy',
            'place' => 'bay',
            'conditions' => [['id' => 'rust', 'grade' => 'light']],
            ...$more,
        ];
        $on = static fn(string $to): array => ['links' => [['as' => 'mounted-on', 'to' => $to, 'by' => 'bolts']]];
        $sheet = static fn(string $width, string $length): array => [
            'shapes' => [['kind' => 'plate', 'width' => $width, 'length' => $length]],
        ];
        $job = [
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => 'A long side',
            'due' => '2026-09-25',
            'places' => [
                [
                    'id' => 'bay',
                    'name' => 'Bay',
                    'kind' => 'heated-bay',
                    'temperature' => '18 C',
                    'humidity' => '55 %',
                ],
            ],
            'parts' => [
                $part('side', $sheet('1.8 m', '9 m')),
                $part('flap', [...$sheet('0.3 m', '0.4 m'), ...$on('side')]),
                $part('hook', $sheet('0.1 m', '0.2 m')),
            ],
        ];
        $crew = (string) tempnam(sys_get_temp_dir(), 'crew');
        $hours = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], ['8:00-12:00', '13:00-17:00']);
        file_put_contents($crew, json_encode(['people' => [['name' => 'Rowan', 'hours' => $hours]]]));
        $said = fn(string $due): string => $this->console(
            ['hull:schedule', '-', '--crew', $crew, '--at', '2026-09-07T07:00:00Z'],
            (string) json_encode(['due' => $due] + $job),
        )->getOutput();
        $out = $said('2026-09-25');
        self::assertStringStartsWith('LATE: due Fri 25 Sep and not done by then: Side, Flap', $out);
        self::assertMatchesRegularExpression(
            '/^STOPS: Side\. Nothing is laid open, since apply coat: .* has no hour: it takes .* in one go/m',
            $out,
        );
        self::assertSame(1, substr_count($out, 'Side. '), 'once, though more of it has no hour');
        self::assertMatchesRegularExpression('/^    Put it on another way: Airless: then begun .* done /m', $out);
        self::assertStringContainsString("\nWAITS for Side: Flap, put it back on", $out);
        self::assertStringContainsString('What has room is done', $out);
        self::assertStringContainsString('Hook, hand over', $out);
        self::assertStringStartsWith(
            'DUE Sat 31 Oct, with no hour before this plan ends on Thu 22 Oct: Side, Flap',
            $said('2026-10-31'),
        );
    }

    public function testSaysTheWindowsOfAJobFile(): void
    {
        $coats = self::list(
            $this->json([
                'hull:windows',
                dirname(__DIR__, 2) . '/demo/1-hovercraft.json',
                '--at',
                '2026-05-14T08:00:00Z',
                '--format=json',
            ]),
            'coats',
        );
        self::assertCount(3, $coats);
        self::assertNull(self::at($coats[0], 'next'));
        self::assertLessThan(
            self::text($coats[2], 'closes'),
            self::text($coats[2], 'next', 'until'),
            'the next coat takes time, so that it must begin before the last zone closes',
        );
    }

    public function testTheShoppingListComesAsTextAndAsCsv(): void
    {
        $job = dirname(__DIR__, 2) . '/demo/2-dodgem.json';
        $shown = $this->console(['hull:shop', $job]);
        self::assertSame(0, $shown->getExitCode());
        self::assertStringContainsString('In all about', $shown->getOutput());
        $csv = $this->console(['hull:shop', $job, '--format=csv'])->getOutput();
        $rows = array_map(static fn(string $l): array => str_getcsv($l, ',', '"', ''), explode("\n", trim($csv)));
        self::assertSame('needed', $rows[0][4] ?? '');
        self::assertGreaterThan(2, count($rows));
        foreach (array_slice($rows, 1) as $row) {
            self::assertGreaterThanOrEqual((float) ($row[4] ?? 'x'), (float) ($row[8] ?? '0') + 1e-3);
        }
    }

    public function testAnOwnCatalogueIsCheckedByLine(): void
    {
        $example = (string) file_get_contents(dirname(__DIR__, 2) . '/docs/formats/own-catalogue.example.yaml');
        self::assertSame(0, $this->console(['hull:catalogue', '-'], $example)->getExitCode());
        $bad = $this->console(['hull:catalogue', '-'], str_replace('    price: 2900', '    prize: 2900', $example));
        self::assertSame(1, $bad->getExitCode());
        self::assertStringContainsString('-:27: The field "prize" is not known here.', $bad->getOutput());
    }

    public function testChecksARouteAndNamesEveryBrokenNeed(): void
    {
        $place = self::survey()['place'];
        $part = (array) self::survey()['part'];
        $file = static fn(?array $route): string => (string) json_encode([
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => 'X',
            'places' => [$place],
            'parts' => [null === $route ? $part : [...$part, 'route' => $route]],
        ]);
        self::assertSame(0, $this->console(['hull:check', '-'], $file(null))->getExitCode());
        $bad = $this->console(
            ['hull:check', '-'],
            $file(['scrape', ['step' => 'apply-coat', 'product' => 'urethane-colour-2k'], 'photograph']),
        );
        self::assertSame(1, $bad->getExitCode());
        foreach (
            [
                'must be photographed',
                'oil, grease, wax and silicone must be off',
                'a primer must lie under it',
                'the film system must be complete',
                'hand-over',
            ]
            as $need
        ) {
            self::assertStringContainsString($need, $bad->getOutput());
        }
        self::assertSame(2, $this->console(['hull:check', 'no-such-file.json'])->getExitCode());
    }

    public function testTheMinimalExampleOfTheDocumentationPlans(): void
    {
        self::assertSame(0, $this->console(['hull:plan', 'docs/formats/job.example.json'])->getExitCode());
        self::assertSame(0, $this->console(['hull:check', 'docs/formats/job.example.json'])->getExitCode());
    }

    /** @param list<string> $arguments */
    private function console(array $arguments, string $input = ''): Process
    {
        $process = new Process(
            [\PHP_BINARY, 'bin/console', ...$arguments],
            dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'DATABASE_URL' => 'postgresql://nobody@127.0.0.1:1/none?serverVersion=15'],
            $input,
        );
        $process->run();

        return $process;
    }

    /**
     * @param list<string> $arguments
     *
     * @return array<array-key, mixed>
     */
    private function json(array $arguments, string $input = ''): array
    {
        $decoded = json_decode($this->console($arguments, $input)->getOutput(), true);
        self::assertIsArray($decoded);

        return $decoded;
    }
}
