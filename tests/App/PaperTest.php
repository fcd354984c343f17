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
        self::assertSame(2, substr_count($days, '<th '));
        self::assertStringContainsString('>Wednesday 13 May 2026</th>', $days);
        self::assertStringContainsString('09:00 to Thu 01:30', $days);
        self::assertStringContainsString('<b>Tub &amp; rim</b> (Dodgem): strip', $days);
        self::assertStringContainsString('with disc grinder', $days);
        self::assertStringContainsString('after 1 h of making good', $days);
        self::assertStringContainsString('begun by Wed 13 May 10:00 at the latest', $days);
        self::assertStringContainsString('Wren and Rowan, Shed', $days);
        self::assertSame(2, substr_count($days, '<tr><td'), 'two parts handed over in a row are one line');
        self::assertStringContainsString('09:00 to 09:20', $days);
        self::assertStringContainsString(
            '<b>Tub &amp; rim</b> (Dodgem); <b>Tub &amp; rim</b> (Dodgem): hand over',
            $days,
        );
    }

    private function paper(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertSame(200, $this->code());

        return (string) $this->client->getResponse()->getContent();
    }

    private static function handedOver(string $id, string $start, ?string $row): PlannedView
    {
        return new PlannedView(
            id: $id,
            part: 't',
            name: 'Hand over',
            place: 'Shed',
            start: $start,
            end: (new \DateTimeImmutable($start))->modify('+10 minutes')->format('Y-m-d\TH:i:s\Z'),
            dry: $start,
            who: ['Wren'],
            why: '',
            kind: 'after',
            other: null,
            slack: new Value('1 h', 1.0, 'h', null),
            critical: false,
            rework: null,
            setUp: null !== $row,
            coat: false,
            fixed: false,
            from: null,
            until: null,
            with: [],
            hangs: [],
            row: $row,
        );
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
                    row: null,
                ),
                self::handedOver('t/2', '2026-05-14T08:00:00Z', null),
                self::handedOver('t/3', '2026-05-14T08:10:00Z', 't/2'),
            ],
            unplaced: [],
            missed: [],
            closed: [new ClosedView('t', 'Strip', 'it is too cold', true, true, [])],
            moves: [],
            people: [],
            places: [],
        );
    }
}
