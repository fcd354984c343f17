<?php

declare(strict_types=1);

namespace App\Tests\App;

/** The yard's floors over the days of its schedule. */
final class FloorTest extends ApiCase
{
    use Works;

    public function testNothingPlannedIsAnEmptyMap(): void
    {
        $this->enter('rowan@yard.example');
        $view = $this->call('GET', '/api/plan/floor');
        self::assertSame(200, $this->code());
        self::assertSame([], self::list($view, 'places'));
        self::assertCount(1, self::list($view, 'days'));
    }

    public function testAPartStandsWhereItIsWorkedAndWhatWasTakenOffIsListed(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $survey = $this->call('GET', "/api/parts/$part/survey");
        $this->call('PUT', "/api/parts/$part/survey", [
            ...self::survey(['room' => ['long' => '1.4 m', 'wide' => '0.9 m', 'weight' => '70 lb']]),
            'version' => (int) self::number($survey, 'version'),
        ]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertSame(
            '31.8 kg',
            self::text($this->call('GET', "/api/parts/$part/survey"), 'sizes', 'kg 31.751465900000003'),
        );
        $slug = self::text($survey, 'slug');
        $this->call('POST', "/api/jobs/$job/register", [
            'what' => 'Lid',
            'part' => $slug,
            'lies' => 'shelf 3',
            'items' => [['what' => 'lid']],
        ]);
        $this->call('POST', '/api/plan', []);
        self::work();
        $view = $this->call('GET', '/api/plan/floor');
        self::assertSame('2.4 m × 1.9 m', self::text($view, 'places', 0, 'stays', 0, 'size'));
        self::assertNotSame([], self::list($view, 'places', 0, 'stays', 0, 'worked'));
        self::assertSame('shelf 3', self::text($view, 'lies', 0, 'where'));
    }
}
