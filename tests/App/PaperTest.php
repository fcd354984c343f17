<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Api\View\ClosedView;
use App\Api\View\PlannedView;
use App\Api\View\PlanPart;
use App\Api\View\PlanView;
use App\Api\View\Value;
use App\Format\DaysSheet;

/** The plan on paper. */
final class PaperTest extends ApiCase
{
    public function testEverybodysWorkAndOnesOwnComeAsSheets(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $this->call('POST', '/api/plan', (object) []);
        $all = $this->paper('/api/plan/days.pdf');
        self::assertSame('application/pdf', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF-', $all);
        self::assertStringEndsWith('%%EOF', rtrim($all));
        self::assertStringNotContainsString('/URI', $all, 'nothing in it leads anywhere');
        $name = self::text($this->call('GET', '/api/plan'), 'people', 0, 'name');
        self::assertNotSame($all, $this->paper('/api/plan/days.pdf?who=' . rawurlencode($name)));
        $this->call('GET', '/api/plan/days.pdf?who=Nobody');
        self::assertSame(422, $this->code());
    }

    public function testAYardWithoutAPlanHasAnEmptySheet(): void
    {
        $this->enter('rowan@yard.example');
        self::assertStringStartsWith('%PDF-', $this->paper('/api/plan/days.pdf'));
    }

    public function testWhatStandsOnItIsOfTheWallClockAndWhatHasNoHourComesFirst(): void
    {
        $sheet = new DaysSheet(self::plan(), new \DateTimeZone('Europe/London'));
        self::assertSame(
            '<div class="first"><b>Tub &amp; rim</b>: do not strip it yet. There is no hour for "strip": it is too ' .
                'cold.</div>',
            $sheet->first(),
        );
        $days = $sheet->days(self::plan()->work);
        self::assertSame(1, substr_count($days, '<th '));
        self::assertStringContainsString('>Wednesday 13 May 2026</th>', $days);
        self::assertStringContainsString('09:00 to Thu 01:30', $days);
        self::assertStringContainsString('<b>Tub &amp; rim</b> (Dodgem): strip', $days);
        self::assertStringContainsString('with disc grinder', $days);
        self::assertStringContainsString('after 1 h of making good', $days);
        self::assertStringContainsString('begun by Wed 13 May 10:00 at the latest', $days);
        self::assertStringContainsString('Wren and Rowan, Shed', $days);
    }

    private function paper(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertSame(200, $this->code());

        return (string) $this->client->getResponse()->getContent();
    }

    private static function plan(): PlanView
    {
        $hour = new Value('1 h', 1.0, 'h', null);

        return new PlanView(
            now: '2026-05-13T06:00:00Z',
            zone: 'Europe/London',
            version: 3,
            madeAt: null,
            note: '',
            status: 'done',
            done: 1,
            tries: 1,
            outdated: [],
            finish: null,
            bound: null,
            handsOn: null,
            rework: null,
            late: null,
            better: null,
            found: null,
            sooner: null,
            again: false,
            pinned: false,
            parts: [new PlanPart('t', 'Tub & rim', 'Dodgem', 'none')],
            work: [
                new PlannedView(
                    id: 't/1',
                    part: 't',
                    name: 'Strip',
                    place: 'Shed',
                    start: '2026-05-13T08:00:00Z',
                    end: '2026-05-14T00:30:00Z',
                    dry: '2026-05-14T00:30:00Z',
                    who: ['Wren', 'Rowan'],
                    why: '',
                    kind: 'start',
                    other: null,
                    slack: $hour,
                    critical: false,
                    rework: $hour,
                    setUp: true,
                    coat: false,
                    fixed: false,
                    from: null,
                    until: '2026-05-13T09:00:00Z',
                    with: ['disc grinder'],
                    hangs: [],
                ),
            ],
            unplaced: [],
            missed: [],
            closed: [new ClosedView('t', 'Strip', 'it is too cold', true, true)],
            moves: [],
            people: [],
            places: [],
        );
    }
}
