<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Tests\Yard;

/** What is asked of the catalogue without a part: what there is, what a thing is made of, what may go over what. */
final class AskTest extends ApiCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
    }

    public function testTheCatalogueHasEverythingASurveyChoosesFromAndNoIdTwice(): void
    {
        $catalogue = $this->call('GET', '/api/catalogue');
        $shipped = Yard::catalogue();
        foreach (
            [
                'substrates' => count($shipped->substrates),
                'conditions' => count($shipped->conditions),
                'services' => count($shipped->services),
            ]
            as $list => $count
        ) {
            $ids = array_map(static fn(mixed $o): string => self::text($o, 'id'), self::list($catalogue, $list));
            self::assertCount($count, $ids, $list);
            self::assertSame($ids, array_values(array_unique($ids)));
        }
        $families = array_merge(
            ...array_map(
                static fn(mixed $s): array => self::list($s, 'families'),
                self::list($catalogue, 'substrates'),
            ),
        );
        foreach (self::list($catalogue, 'conditions') as $condition) {
            self::assertNotSame([], self::list($condition, 'grades'), self::text($condition, 'id'));
            foreach (self::list($condition, 'families') as $family) {
                self::assertContains($family, $families, self::text($condition, 'id') . ' is of a material there is');
            }
        }
        $substrates = array_map(
            static fn(mixed $s): string => self::text($s, 'id'),
            self::list($catalogue, 'substrates'),
        );
        foreach (self::list($catalogue, 'services') as $service) {
            foreach (self::list($service, 'substrates') as $substrate) {
                self::assertContains($substrate, $substrates);
            }
        }
    }

    public function testSignsLeaveFewerMaterialsAndWhatIsNoSignIsRefused(): void
    {
        $all = self::list($this->call('GET', '/api/telling'), 'materials');
        self::assertCount(count(Yard::catalogue()->substrates), $all);
        $substrates = self::list($this->call('GET', '/api/catalogue'), 'substrates');
        $asked = 0;
        foreach ($substrates as $substrate) {
            foreach (self::list($substrate, 'signs') as $sign => $answer) {
                $left = array_map(
                    static fn(mixed $m): string => self::text($m, 'id'),
                    self::list(
                        $this->call(
                            'GET',
                            '/api/telling?' .
                                http_build_query([$sign => is_array($answer) ? $answer[0] ?? '' : $answer]),
                        ),
                        'materials',
                    ),
                );
                self::assertSame(200, $this->code());
                self::assertContains(self::text($substrate, 'id'), $left, 'its own sign does not rule it out');
                self::assertLessThanOrEqual(count($all), count($left));
                ++$asked;
            }
        }
        self::assertGreaterThan(20, $asked);
        $this->call('GET', '/api/telling?taste=salty');
        self::assertSame(422, $this->code());
    }

    public function testMayThatGoOverThisIsAnsweredInARowAndOneByOneAlike(): void
    {
        $films = self::list($this->call('GET', '/api/compatibility/carbon-steel'), 'films');
        self::assertGreaterThan(10, count($films));
        foreach (['bare', 'alkyd-enamel'] as $below) {
            $row = $this->call('GET', '/api/compatibility/carbon-steel/' . $below);
            self::assertCount(count($films), self::list($row, 'cells'));
            foreach (array_slice(self::list($row, 'cells'), 0, 8) as $cell) {
                $one = $this->call('GET', "/api/compatibility/carbon-steel/$below/" . self::text($cell, 'above'));
                self::assertSame(self::text($cell, 'answer'), self::text($one, 'answer'));
                self::assertSame(
                    'no' === self::text($cell, 'answer'),
                    [] !== self::list($one, 'against'),
                    'a no has its reasons',
                );
            }
        }
        foreach (
            ['unobtainium', 'carbon-steel/gravy', 'carbon-steel/bare/gravy', 'carbon-steel/bare/acetone']
            as $unknown
        ) {
            $this->call('GET', '/api/compatibility/' . $unknown);
            self::assertSame(404, $this->code(), $unknown);
        }
    }

    public function testWhatTheWorkshopDoesWithoutTakesWaysAway(): void
    {
        [$job, $part] = $this->part();
        $ways = fn(): array => array_merge(
            ...array_map(
                fn(mixed $q): array => self::list(
                    $this->call('GET', "/api/parts/$part/alternatives/" . (is_string($q) ? $q : '')),
                    'alternatives',
                ),
                self::list($this->call('GET', "/api/parts/$part/alternatives"), 'questions'),
            ),
        );
        $closed = static fn(): int => count(
            array_filter($ways(), static fn(mixed $a): bool => '' !== self::text($a, 'closed')),
        );
        $before = $closed();
        $this->call('PUT', "/api/jobs/$job/without", ['without' => ['a-space-ship']]);
        self::assertSame(422, $this->code());
        $all = array_map(
            static fn(mixed $l): string => self::text($l, 'id'),
            self::list($this->call('GET', '/api/catalogue'), 'limits'),
        );
        $this->call('PUT', "/api/jobs/$job/without", ['without' => $all]);
        self::assertSame(200, $this->code());
        self::assertSame($all, self::list($this->call('GET', "/api/jobs/$job/file"), 'without'));
        self::assertGreaterThan($before, $closed(), 'what there is no gear for is closed, and says so');
        $this->call('PUT', "/api/jobs/$job/without", ['without' => []]);
        self::assertSame($before, $closed());
        $this->call('GET', "/api/parts/$part/alternatives/astrology");
        self::assertSame(404, $this->code());
    }
}
