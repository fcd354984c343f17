<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Account;
use App\Persistence\WorkshopScope;
use App\Work\YardPlan;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Process\Process;

/** The schedule of a yard through the API: made, made again, tried otherwise, read by a calendar. */
final class PlanTest extends ApiCase
{
    use Works;

    public function testNothingIsPlannedBeforeSomebodyAsks(): void
    {
        $this->enter('rowan@yard.example');
        $view = $this->call('GET', '/api/plan');
        self::assertSame(['none', []], [self::text($view, 'status'), self::list($view, 'work')]);
        self::assertSame(
            [],
            self::list($this->call('POST', '/api/plan', (object) []), 'work'),
            'an empty yard has an empty plan',
        );
    }

    public function testEveryStepIsPlacedWithItsReasonAndNothingMovesWhenNothingHappened(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $view = $this->call('POST', '/api/plan', ['note' => 'first']);
        self::assertSame(200, $this->code());
        self::assertSame(['done', 'first'], [self::text($view, 'status'), self::text($view, 'note')]);
        $work = self::list($view, 'work');
        self::assertGreaterThan(8, count($work));
        foreach ($work as $w) {
            self::assertSame($part, self::text($w, 'part'));
            self::assertNotSame('', self::text($w, 'why'));
            self::assertLessThan(self::text($w, 'end'), self::text($w, 'start'));
            if (true === self::at($w, 'coat')) {
                self::assertTrue(
                    [] !== self::list($w, 'with') || str_contains(self::text($w, 'name'), ': '),
                    'a coat says what is laid',
                );
            }
        }
        self::assertGreaterThanOrEqual(self::text($view, 'bound'), self::text($view, 'finish'));
        $again = $this->call('POST', '/api/plan', (object) []);
        self::assertSame(
            [],
            array_filter(self::list($again, 'moves'), static fn(mixed $m): bool => false === self::at($m, 'slip')),
        );
        self::assertSame([2, true], [self::at($again, 'version'), self::at($again, 'again')]);
    }

    public function testTheRecordAndTheForecastMakeAPlanOutdatedAndAColdNightMovesACoat(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->call('PUT', '/api/jobs/' . $job . '/due', ['due' => '2031-01-01']);
        self::assertSame(204, $this->code());
        $this->putOutdoors($part);
        $this->weather(18.0, 55.0);
        $mild = $this->call('POST', '/api/plan', (object) []);
        self::assertSame([], self::list($mild, 'outdated'));
        $coat = array_values(
            array_filter(self::list($mild, 'work'), static fn(mixed $w): bool => true === self::at($w, 'coat')),
        )[0];
        $this->weather(4.0, 80.0, 24 * 12);
        self::assertSame(['the forecast is newer'], self::list($this->call('GET', '/api/plan'), 'outdated'));
        $cold = $this->call('POST', '/api/plan', (object) []);
        self::assertSame('the forecast is newer', self::text($cold, 'note'));
        $moved =
            array_values(
                array_filter(
                    self::list($cold, 'moves'),
                    static fn(mixed $m): bool => self::text($m, 'id') === self::text($coat, 'id'),
                ),
            )[0] ?? self::fail('the coat stays in the frost');
        self::assertGreaterThan(self::text($moved, 'from'), self::text($moved, 'to'));
        $reasons = implode(
            '; ',
            array_map(static fn(mixed $m): string => self::text($m, 'why'), self::list($cold, 'moves')),
        );
        self::assertMatchesRegularExpression(
            '/colder than the sheet allows|held back so that apply coat: .* falls into/',
            $reasons,
            'metal is not bared for a coat that the frost keeps off',
        );
        $step = explode('/', self::text(self::list($cold, 'work')[0], 'id'))[1];
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'finish',
            'step' => $step,
            'at' => self::ago('1 minute'),
        ]);
        self::assertContains('the record has gone on', self::list($this->call('GET', '/api/plan'), 'outdated'));
    }

    public function testACoatThatAColderDayWouldKeepOffHangsOnTheForecast(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->putOutdoors($part);
        $this->weather(18.0, 55.0);
        $hangs = static fn(mixed $view): array => array_merge(
            [],
            ...array_map(static fn(mixed $w): array => self::list($w, 'hangs'), self::list($view, 'work')),
        );
        self::assertSame([], $hangs($this->call('POST', '/api/plan', ['fresh' => true])));
        $this->weather(12.4, 50.0);
        $words = implode(
            '; ',
            array_map(
                static fn(mixed $h): string => is_string($h) ? $h : '',
                $hangs($this->call('POST', '/api/plan', ['fresh' => true])),
            ),
        );
        self::assertStringContainsString(
            'if it comes colder than forecast: it is colder than the sheet allows',
            $words,
        );
        $air = self::list($this->call('GET', '/api/plan'), 'places', 0);
        self::assertEqualsWithDelta(
            0.5,
            self::number($air, 'celsius', 13) - self::number($air, 'low', 13),
            0.06,
            'the band opens from now on',
        );
        self::assertEqualsWithDelta(0.0, self::number($air, 'celsius', 3) - self::number($air, 'low', 3), 1e-9);
    }

    public function testWhatBreaksIsSaidBeforeAnythingIsPutElsewhereAndAPinHolds(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $work = self::list($this->call('POST', '/api/plan', (object) []), 'work');
        $second = $work[1];
        $tried = $this->call('POST', '/api/plan/try', [
            'id' => self::text($second, 'id'),
            'start' => self::text($work[0], 'start'),
        ]);
        self::assertSame(
            [self::text($second, 'id'), 'soon'],
            [self::text($tried, 'breaks', 0, 'id'), self::text($tried, 'breaks', 0, 'kind')],
        );
        self::assertSame($work, self::list($this->call('GET', '/api/plan'), 'work'), 'trying keeps nothing');
        $coats = array_values(array_filter($work, static fn(mixed $w): bool => true === self::at($w, 'coat')));
        $here = $this->call('POST', '/api/plan/try', [
            'id' => self::text($coats[1], 'id'),
            'start' => self::text($coats[1], 'start'),
        ]);
        self::assertSame(
            [self::text($coats[1], 'from'), self::at($coats[1], 'until')],
            [self::text($here, 'windows', 0, 'from'), self::at($here, 'windows', 0, 'until')],
            'where it stands its window is as the plan has it',
        );
        self::assertCount(3, self::list($here, 'zones'));
        $below = $this->call('POST', '/api/plan/try', [
            'id' => self::text($coats[0], 'id'),
            'start' => (new \DateTimeImmutable(self::text($coats[0], 'start')))
                ->modify('+2 hours')
                ->format('Y-m-d\TH:i:s\Z'),
        ]);
        $above = array_values(
            array_filter(
                self::list($below, 'windows'),
                static fn(mixed $w): bool => self::text($w, 'id') === self::text($coats[1], 'id'),
            ),
        )[0];
        self::assertGreaterThan(
            self::text($coats[1], 'from'),
            self::text($above, 'from'),
            'the coat over it has to wait longer',
        );
        $later = (new \DateTimeImmutable(self::text($second, 'start')))->modify('+3 days');
        $pinned = $this->call('POST', '/api/plan/put', [
            'id' => self::text($second, 'id'),
            'start' => $later->format('Y-m-d\TH:i:s\Z'),
        ]);
        $there = array_values(
            array_filter(
                self::list($pinned, 'work'),
                static fn(mixed $w): bool => self::text($w, 'id') === self::text($second, 'id'),
            ),
        )[0];
        self::assertGreaterThanOrEqual($later->format('Y-m-d\TH:i'), self::text($there, 'start'));
        self::assertTrue(
            self::at($this->call('POST', '/api/plan', (object) []), 'pinned'),
            'planned again it still holds',
        );
        self::assertFalse(self::at($this->call('POST', '/api/plan', ['fresh' => true]), 'pinned'));
        $this->call('POST', '/api/plan/try', ['id' => 'nothing/s1', 'start' => self::text($second, 'start')]);
        self::assertSame(422, $this->code());
    }

    public function testWhatHasNoHourIsSaidFirstWithWhatWouldHelp(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $survey = $this->call('GET', "/api/parts/$part/survey");
        $place = ['id' => 'bay', 'name' => 'Long shed', 'kind' => 'unheated-shed'];
        $air = ['temperature' => '4 C', 'humidity' => '80 %'];
        $this->call('PUT', "/api/parts/$part/survey", [
            ...self::survey(),
            'place' => [...$place, ...$air],
            'version' => (int) self::number($survey, 'version'),
        ]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        $this->weather(2.0, 80.0);
        $plan = $this->call('POST', '/api/plan', ['fresh' => true]);
        self::assertStringContainsString('colder', self::text($plan, 'closed', 0, 'says'));
        self::assertTrue(self::at($plan, 'closed', 0, 'bares'));
        $steps = array_map(static fn(mixed $w): string => self::text($w, 'name'), self::list($plan, 'work'));
        self::assertSame([], preg_grep('/coat|strip|sand/i', $steps), 'nothing is stripped');
        $help = $this->call('GET', "/api/plan/help/$part");
        $heat = array_values(
            array_filter(self::list($help, 'remedies'), static fn(mixed $r): bool => 'heat' === self::at($r, 'how')),
        );
        self::assertMatchesRegularExpression('/^Heat Long shed to 1[05] °C$/', self::text($heat[0] ?? [], 'says'));
        self::assertMatchesRegularExpression('/^from about \d+ \w+ on$/', self::text($help, 'season'));
        $year = $this->call('GET', "/api/plan/year/$part");
        self::assertMatchesRegularExpression('/^(It waits for|Begun before) about \d+ \w+/', self::text($year, 'says'));
        self::assertCount(24, self::list($year, 'halves'));
        $waits = str_starts_with(self::text($year, 'says'), 'It waits');
        self::assertSame($waits, null === self::at($year, 'until'));
        self::assertSame($waits, null !== self::at($year, 'from'));
        self::assertSame($waits, self::at($year, 'urgency') > 100_000, 'what waits comes after what closes');
        $this->enter('stranger@other.example', 'Other');
        foreach (['help', 'year'] as $read) {
            $this->call('GET', "/api/plan/$read/$part");
            self::assertSame(404, $this->code());
        }
    }

    public function testWhatThingsAreWorthAndTheUsualYearAreTheYardsOwn(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $crew = $this->call('GET', '/api/crew');
        self::assertSame(6.0, self::number($crew, 'worth', 'day'));
        self::assertSame('cool-coast', self::text($crew, 'climate'));
        $people = [['name' => 'Wren', 'hours' => ['sat' => ['9:00-12:30']]]];
        $kept = $this->change('PUT', '/api/crew', [
            'people' => $people,
            'worth' => ['day' => 2],
            'climate' => 'cold-inland',
        ]);
        self::assertSame(
            [2.0, 2.0, 'cold-inland'],
            [self::number($kept, 'worth', 'day'), self::number($kept, 'worth', 'good'), self::text($kept, 'climate')],
        );
        foreach (
            ['/worth/day' => ['worth' => ['day' => -1]], '/climate' => ['climate' => 'the moon']]
            as $pointer => $bad
        ) {
            $refused = $this->change('PUT', '/api/crew', ['people' => $people, ...$bad]);
            self::assertSame(422, $this->code());
            self::assertSame($pointer, self::text($refused, 'errors', 0, 'pointer'));
        }
        $refused = $this->change('PUT', '/api/crew', ['people' => $people, 'floors' => ['Moon base' => '20 m2']]);
        self::assertStringContainsString('Moon base', self::text($refused, 'errors', 0, 'detail'));
    }

    public function testTheCrewIsCheckedAndTheScheduleKeepsToIt(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $place = self::text($this->call('GET', '/api/plan'), 'places', 0, 'name');
        foreach (
            [
                '/people/0/hours/mon/0' => ['people' => [['name' => 'Wren', 'hours' => ['mon' => ['18:00-9:00']]]]],
                '/people' => ['people' => []],
                '/off/0' => [
                    'people' => [['name' => 'Wren', 'hours' => ['mon' => ['9:00-12:00']]]],
                    'off' => ['Christmas'],
                ],
                '/floors/bay' => [
                    'people' => [['name' => 'Wren', 'hours' => ['mon' => ['9:00-12:00']]]],
                    'floors' => ['bay' => '3 kg'],
                ],
            ]
            as $pointer => $bad
        ) {
            $refused = $this->change('PUT', '/api/crew', $bad);
            self::assertSame(422, $this->code());
            self::assertSame($pointer, self::text($refused, 'errors', 0, 'pointer'));
        }
        $crew = $this->change('PUT', '/api/crew', [
            'people' => [['name' => 'Wren', 'hours' => ['sat' => ['9:00-12:30']]]],
            'floors' => [$place => '20 m2'],
        ]);
        self::assertSame(
            ['Wren', ['9:00-12:30'], '20 m²'],
            [
                self::text($crew, 'people', 0, 'name'),
                self::list($crew, 'people', 0, 'hours', 'sat'),
                self::text($crew, 'floors', $place),
            ],
        );
        $zone = new \DateTimeZone('Europe/London');
        foreach (self::list($this->call('POST', '/api/plan', (object) []), 'work') as $w) {
            self::assertSame('Sat', (new \DateTimeImmutable(self::text($w, 'start')))->setTimezone($zone)->format('D'));
            self::assertSame(['Wren'], self::list($w, 'who'));
        }
    }

    public function testReadingsReplaceTheModelAndTheirFaultsAreNamed(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $place = self::text($this->call('GET', '/api/plan'), 'places', 0, 'name');
        $this->call('POST', '/api/air/reading', ['place' => $place, 'temperature' => '70 F', 'humidity' => '40 %']);
        self::assertSame(204, $this->code());
        self::assertStringStartsWith('21.1', self::text($this->call('GET', '/api/plan'), 'places', 0, 'air'));
        $this->call('POST', '/api/air/reading', ['place' => 'Moon', 'temperature' => '70 F', 'humidity' => '40 %']);
        self::assertSame(422, $this->code());
        $refused = $this->call('POST', '/api/air/readings', [
            'place' => $place,
            'text' => "at,temperature,humidity\n2026-05-04T10:00:00Z,18 C,50 %\n2026-05-04T11:00:00Z,warm,50 %\n",
        ]);
        self::assertStringContainsString('Line 3, temperature', self::text($refused, 'detail'));
        $heated = $this->call('GET', '/api/air/as-if?place=' . rawurlencode($place) . '&heat=30%20C&dry=20%20%25');
        self::assertSame([200, '30 °C · 20 %'], [$this->code(), self::text($heated, 'air', 'air')]);
        self::assertNull(self::at($heated, 'water'), 'of no known room');
        $dried = $this->call('GET', '/api/air/as-if?place=' . rawurlencode($place) . '&dry=20%20%25&room=100%20m3');
        // 21.1 C: 18.5 g/m3 when full; (40 % - 20 %) of it, 100 m3, half an air change an hour.
        self::assertEqualsWithDelta(
            (0.2 * 18.46 * 100 * 0.5 * 24) / 1000,
            self::number($dried, 'water', 'value'),
            0.05,
        );
        self::assertSame('climate.dehumidify', self::text($dried, 'water', 'how', 'computation'));
        $this->call('GET', '/api/air/as-if?place=' . rawurlencode($place) . '&dry=20%20%25&room=big');
        self::assertSame(422, $this->code());
        $this->client->request('GET', '/api/air/hours?place=' . rawurlencode($place));
        $csv = (string) $this->client->getResponse()->getContent();
        self::assertStringStartsWith("at,temperature,humidity,wind,rain,sun\n", $csv);
        $this->call('POST', '/api/air/forecast', ['text' => $csv]);
        self::assertSame(204, $this->code(), 'what was written is read back');
    }

    public function testAHelperAwayForADayMovesWhatHeWasToDoAndIsNamed(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $this->part();
        $hours = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], ['8:00-17:00']);
        $crew = ['people' => [['name' => 'Rowan', 'hours' => $hours], ['name' => 'Wren', 'hours' => $hours]]];
        $this->change('PUT', '/api/crew', $crew);
        $first = $this->call('POST', '/api/plan', (object) []);
        $hers =
            array_values(
                array_filter(
                    self::list($first, 'work'),
                    static fn(mixed $w): bool => in_array('Wren', self::list($w, 'who'), true),
                ),
            )[0] ?? self::fail('Wren has nothing to do');
        $day = (new \DateTimeImmutable(self::text($hers, 'start')))
            ->setTimezone(new \DateTimeZone('Europe/London'))
            ->format('Y-m-d');
        $crew['people'][1]['off'] = ['Easter'];
        self::assertSame(
            '/people/1/off/0',
            self::text($this->change('PUT', '/api/crew', $crew), 'errors', 0, 'pointer'),
        );
        $crew['people'][1]['off'] = [$day];
        self::assertSame([$day], self::list($this->change('PUT', '/api/crew', $crew), 'people', 1, 'off'));
        $again = $this->call('POST', '/api/plan', ['note' => 'Wren is away']);
        foreach (self::list($again, 'work') as $w) {
            $on = (new \DateTimeImmutable(self::text($w, 'start')))
                ->setTimezone(new \DateTimeZone('Europe/London'))
                ->format('Y-m-d');
            self::assertFalse($on === $day && in_array('Wren', self::list($w, 'who'), true), 'she is away');
        }
        foreach (self::list($again, 'moves') as $n => $m) {
            self::assertNotSame('', self::text($m, 'stays'));
            self::assertTrue(
                $n > 0 || str_contains(self::text($m, 'stays'), 'Wren is not at work then'),
                self::text($m, 'stays'),
            );
        }
    }

    public function testWorkThatIsNewHasNoOldHourToExplain(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $this->call('POST', '/api/plan', (object) []);
        $worse = self::survey([
            'conditions' => [
                ['id' => 'rust', 'grade' => 'scale', 'extent' => '90 %'],
                ['id' => 'oil', 'grade' => 'heavy', 'extent' => '50 %'],
            ],
        ]);
        $this->call('PUT', "/api/parts/$part/survey", [
            ...$worse,
            'version' => self::at($this->call('GET', "/api/parts/$part/survey"), 'version'),
        ]);
        self::assertSame(200, $this->code());
        $this->call('POST', "/api/parts/$part/route/plan", ['schools' => ['removing' => 'blast']]);
        $again = $this->call('POST', '/api/plan', (object) []);
        self::assertSame(200, $this->code());
        $new = array_filter(self::list($again, 'moves'), static fn(mixed $m): bool => null === self::at($m, 'from'));
        self::assertNotSame([], $new);
        foreach ($new as $m) {
            self::assertSame('', self::text($m, 'stays'));
            self::assertNotSame('', self::text($m, 'why'));
        }
    }

    public function testADueDateGoesWithTheJobFileAndTheScheduleSaysHowLateItIs(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $this->call('PUT', "/api/jobs/$job/due", ['due' => 'soon']);
        self::assertSame(422, $this->code());
        $day = self::now()->modify('-2 days')->format('Y-m-d');
        $this->call('PUT', "/api/jobs/$job/due", ['due' => $day]);
        self::assertSame($day, self::text($this->call('GET', "/api/jobs/$job/board"), 'due'));
        $file = $this->call('GET', "/api/jobs/$job/file");
        self::assertSame($day, self::text($file, 'due'));
        $copy = self::text($this->call('POST', '/api/jobs/import', $file), 'id');
        self::assertSame($file, $this->call('GET', "/api/jobs/$copy/file"));
        self::assertGreaterThan(24.0, self::number($this->call('POST', '/api/plan', (object) []), 'late', 'value'));
        foreach ([$job, $copy] as $id) {
            $this->call('PUT', "/api/jobs/$id/due", ['due' => null]);
        }
        self::assertSame(0.0, self::number($this->call('POST', '/api/plan', (object) []), 'late', 'value'));
    }

    /** Found by the ten thousand requests: the air of the yard's places outlived the request it was worked out for. */
    public function testAPlaceThatCameWithAJobHasItsAirAtOnce(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $this->call('GET', '/api/plan');
        $file = $this->call('GET', "/api/jobs/$job/file");
        $file['places'] = [['id' => 'bay', 'kind' => 'oven', 'temperature' => '18 C', 'humidity' => '55 %']];
        $file['parts'] = array_map(
            static fn(mixed $p): array => ['place' => 'bay', ...array_diff_key((array) $p, ['place' => 0, 'log' => 0])],
            self::list($file, 'parts'),
        );
        $this->call('POST', '/api/jobs/import', $file);
        self::assertSame(201, $this->code());
        $this->call('GET', '/api/plan');
        self::assertSame(200, $this->code());
        $this->call('POST', '/api/plan', (object) []);
        self::assertSame(200, $this->code());
    }

    public function testTheWorkerMakesThePlanOfABigYard(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $workshop =
            $em->getRepository(Account::class)->findOneBy(['email' => 'rowan@yard.example'])->workshop ??
            self::fail('nobody');
        self::getContainer()->get(WorkshopScope::class)->enter($workshop);
        self::getContainer()->get(YardPlan::class)->plan($workshop, 'much to do', later: true);
        self::assertSame('wanted', self::text($this->call('GET', '/api/plan'), 'status'));
        $db = $em->getConnection();
        $db->executeStatement("UPDATE yard_plan SET at = at - interval '1 hour', status = 'working'");
        $em->clear();
        self::assertSame(
            'none',
            self::text($this->call('GET', '/api/plan'), 'status'),
            'a worker that died keeps nobody from planning',
        );
        $db->executeStatement("UPDATE yard_plan SET at = at + interval '1 hour', status = 'wanted'");
        $em->clear();
        self::assertSame(1, self::work());
        $em->clear();
        $view = $this->call('GET', '/api/plan');
        self::assertSame('done', self::text($view, 'status'));
        self::assertGreaterThan(8, count(self::list($view, 'work')));
    }

    public function testAPlanIsSearchedOnAndWhatIsFoundIsOfferedAndTaken(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $first = $this->call('POST', '/api/plan', ['note' => 'first']);
        self::assertNull(self::at($first, 'found'));
        self::assertSame(1, self::waiting('search'), 'it is searched on when it is made');
        $this->call('POST', '/api/plan', ['found' => true]);
        self::assertSame(422, $this->code(), 'nothing was found yet');
        // A plan that ends later than it need: everything of it a week on.
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $db = $em->getConnection();
        $db->executeStatement(
            "UPDATE yard_plan SET body = jsonb_set(body, '{finish}', to_jsonb((body->>'finish')::float + 168))",
        );
        $em->clear();
        self::work(receiver: 'search');
        $em->clear();
        $view = $this->call('GET', '/api/plan');
        self::assertLessThanOrEqual(self::text($first, 'finish'), self::text($view, 'found'));
        self::assertGreaterThan(160.0, self::at(self::at($view, 'sooner'), 'value'));
        self::assertStringContainsString('days', self::text(self::at($view, 'sooner'), 'text'));
        $taken = $this->call('POST', '/api/plan', ['found' => true, 'note' => 'shorter']);
        self::assertSame(200, $this->code());
        self::assertSame([self::text($view, 'found'), null], [self::text($taken, 'finish'), self::at($taken, 'found')]);
    }

    /** The bound is for all there is: where some of it has no room it says nothing of how soon the rest can end. */
    public function testAPlanInWhichSomethingHasNoRoomIsSearchedOnWhateverTheBound(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $first = $this->call('POST', '/api/plan', ['note' => 'first']);
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->getConnection()->executeStatement(
            "UPDATE yard_plan SET body = body || jsonb_build_object(
                'finish', (body->>'finish')::float + 168, 'bound', (body->>'finish')::float + 1000,
                'without', jsonb_build_array(jsonb_build_object(
                    'id', 'elsewhere/s1', 'part', 'elsewhere', 'name', 'Wash', 'says', 'no room'
                ))
            )",
        );
        $em->clear();
        self::work(receiver: 'search');
        $em->clear();
        $found = self::at($this->call('GET', '/api/plan'), 'found');
        self::assertIsString($found);
        self::assertLessThanOrEqual(self::text($first, 'finish'), $found);
    }

    public function testTheSearchMakesWayForANewerPlan(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $this->call('POST', '/api/plan', ['note' => 'first']);
        $this->call('POST', '/api/plan', ['note' => 'second']);
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->getConnection()->executeStatement(
            "UPDATE yard_plan SET body = jsonb_set(body, '{finish}', to_jsonb((body->>'finish')::float + 168))
            WHERE version = 1",
        );
        $em->clear();
        self::work(receiver: 'search');
        self::assertSame(
            0,
            $em
                ->getConnection()
                ->fetchOne("SELECT count(*) FROM yard_plan WHERE jsonb_exists(body, 'found') AND version = 1"),
        );
    }

    public function testTheCalendarIsReadByAnotherProgramAndKeepsItsHoursOverAChangeOfTheClocks(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $off = self::now()->modify('+3 weeks')->format('Y-m-d');
        $this->change('PUT', '/api/crew', [
            'people' => [
                [
                    'name' => 'Rowan',
                    'hours' => array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], ['8:00-17:00']),
                    'off' => [$off],
                ],
            ],
        ]);
        $work = self::list($this->call('POST', '/api/plan', (object) []), 'work');
        self::assertNull(self::at($this->call('GET', '/api/calendar'), 'address'));
        $address = self::text($this->call('POST', '/api/calendar'), 'address');
        $this->call('DELETE', '/api/session');
        $this->client->request('GET', (string) parse_url($address, \PHP_URL_PATH));
        self::assertSame(200, $this->code(), 'nobody has to sign in for it');
        $text = (string) $this->client->getResponse()->getContent();
        $read = self::parsed($text);
        self::assertSame([], self::list($read, 'faults'));
        $first =
            array_values(
                array_filter(
                    self::list($read, 'events'),
                    static fn(mixed $e): bool => str_contains(self::text($e, 'summary'), self::text($work[0], 'name')),
                ),
            )[0] ?? self::fail('the first step is not in it');
        self::assertSame(self::text($work[0], 'start'), self::text($first, 'start'));
        self::assertCount(count($work) + 7, self::list($read, 'events'), 'every step, and the hours of every day');
        self::assertSame(
            ['08:00'],
            array_values(
                array_unique(
                    array_map(
                        static fn(mixed $h): string => is_string($h) ? $h : '',
                        self::list($read, 'hoursOnTheWall'),
                    ),
                ),
            ),
            'summer and winter',
        );
        self::assertGreaterThan(
            1,
            count(
                array_unique(
                    array_map(static fn(mixed $h): string => is_string($h) ? $h : '', self::list($read, 'hoursUtc')),
                ),
            ),
        );

        self::assertNotContains('Rowan works ' . $off, self::list($read, 'days'));
        self::assertContains(
            'Rowan works ' . (new \DateTimeImmutable($off))->modify('+1 day')->format('Y-m-d'),
            self::list($read, 'days'),
        );

        $this->signIn('rowan@yard.example');
        $this->call('GET', '/api/calendar/file');
        self::assertStringContainsString(
            'attachment',
            (string) $this->client->getResponse()->headers->get('Content-Disposition'),
        );
        self::assertCount(
            count($work) + 7,
            self::list(self::parsed((string) $this->client->getResponse()->getContent()), 'events'),
            'the file has the same',
        );
        $this->call('DELETE', '/api/calendar');
        self::assertSame(204, $this->code());
        $this->client->request('GET', (string) parse_url($address, \PHP_URL_PATH));
        self::assertSame(404, $this->code(), 'taken back');
    }

    /** @return array<array-key, mixed> what ical.js makes of it */
    private static function parsed(string $text): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ics');
        file_put_contents($file, $text);
        try {
            $process = new Process(['node', 'tests/read-calendar.mjs', $file], __DIR__ . '/../../web');
            $process->mustRun();
            $read = json_decode($process->getOutput(), true);

            return is_array($read) ? $read : self::fail($process->getOutput());
        } finally {
            unlink($file);
        }
    }

    private function putOutdoors(string $part): void
    {
        $survey = self::outdoors();
        $this->call('PUT', "/api/parts/$part/survey", [
            ...$survey,
            'version' => self::at($this->call('GET', "/api/parts/$part/survey"), 'version'),
        ]);
        self::assertSame(200, $this->code());
    }

    private function weather(float $c, float $humidity, int $hours = 24 * 14): void
    {
        $text = "at,temperature,humidity,wind,rain\n";
        for ($h = 0; $h < 24 * 14; ++$h) {
            $text .= sprintf(
                "%s,%.1f C,%.0f %%,2 m/s,0\n",
                gmdate('Y-m-d\TH:00:00\Z', self::now()->getTimestamp() + 3600 * $h),
                $h < $hours ? $c : 18.0,
                $h < $hours ? $humidity : 55.0,
            );
        }
        $this->call('POST', '/api/air/forecast', ['text' => $text]);
        self::assertSame(204, $this->code());
    }
}
