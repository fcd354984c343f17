<?php

declare(strict_types=1);

namespace App\Tests\App;

/** Jobs and parts are renamed, removed, brought back and copied. */
final class ShelfTest extends ApiCase
{
    public function testAPartIsRemovedAndBroughtBackWithItsRecord(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'note',
            'at' => self::ago('1 hour'),
            'note' => 'soaked overnight',
        ]);
        $this->call('POST', '/api/plan', []);
        $this->call('POST', "/api/jobs/$job/cards", [
            'kind' => 'core-pour',
            'name' => 'Pour',
            'part' => self::text($this->call('GET', "/api/parts/$part/survey"), 'slug'),
        ]);
        $this->call('DELETE', "/api/parts/$part");
        self::assertSame(204, $this->code());
        foreach (
            [
                '/api/today',
                '/api/jobs',
                '/api/plan',
                '/api/store',
                "/api/jobs/$job",
                "/api/jobs/$job/board",
                "/api/jobs/$job/cards",
                "/api/jobs/$job/quantities",
                "/api/jobs/$job/file",
            ]
            as $path
        ) {
            $seen = json_encode($this->call('GET', $path), \JSON_THROW_ON_ERROR);
            self::assertSame(200, $this->code(), $path);
            self::assertStringNotContainsString($part, $seen, $path);
        }
        self::assertContains(
            'a part was removed, or its job closed',
            self::list($this->call('GET', '/api/plan'), 'outdated'),
        );
        $this->call('GET', "/api/parts/$part/record");
        self::assertSame(404, $this->code());
        $this->call('POST', "/api/parts/$part/restore");
        self::assertSame(200, $this->code());
        self::assertSame(
            'soaked overnight',
            self::text($this->call('GET', "/api/parts/$part/record"), 'entries', 0, 'note'),
        );
        self::assertNotSame(
            [],
            self::list($this->call('GET', '/api/plan'), 'work'),
            'its place in the plan is its own again',
        );
    }

    public function testAJobGoesAndComesWithAllItsParts(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $gone = self::text($this->call('POST', "/api/parts/$part/copy"), 'id');
        $this->call('DELETE', "/api/parts/$gone");
        self::clock()->sleep(1);
        $this->call('DELETE', "/api/jobs/$job");
        self::assertSame(204, $this->code());
        self::assertSame([], self::list($this->call('GET', '/api/jobs'), 'jobs'));
        $this->call('GET', "/api/parts/$part/survey");
        self::assertSame(404, $this->code());
        $this->call('POST', "/api/parts/$part/restore");
        self::assertSame(404, $this->code(), 'a part without its job does not come back alone');
        $this->enter('other@yard.example', 'Other');
        $this->call('POST', "/api/jobs/$job/restore");
        self::assertSame(404, $this->code(), 'nobody brings back what is in another yard');
        $this->signIn('rowan@yard.example');
        self::assertSame($job, self::text($this->call('POST', "/api/jobs/$job/restore"), 'id'));
        $parts = self::list($this->call('GET', "/api/jobs/$job"), 'parts');
        self::assertCount(1, $parts, 'what had been removed before stays removed');
        self::assertSame($part, self::text($parts, 0, 'id'));
    }

    public function testAnotherLikeThisIsNotBegun(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'note',
            'at' => self::ago('1 hour'),
            'note' => 'soaked overnight',
        ]);
        $name = self::text($this->call('GET', "/api/parts/$part/survey"), 'name');
        $copy = self::text($this->call('POST', "/api/parts/$part/copy"), 'id');
        self::assertSame(201, $this->code());
        $survey = $this->call('GET', "/api/parts/$copy/survey");
        self::assertSame("$name 2", self::text($survey, 'name'));
        self::assertSame(
            self::number($this->call('GET', "/api/parts/$part/survey"), 'shapes', 'total', 'value'),
            self::number($survey, 'shapes', 'total', 'value'),
        );
        self::assertSame([], self::list($this->call('GET', "/api/parts/$copy/record"), 'entries'));
        $other = self::text($this->call('POST', "/api/jobs/$job/copy"), 'id');
        self::assertCount(2, self::list($this->call('GET', "/api/jobs/$other"), 'parts'));
        self::assertNotSame(
            self::text($this->call('GET', "/api/jobs/$job"), 'name'),
            self::text($this->call('GET', "/api/jobs/$other"), 'name'),
        );
        $this->call('PUT', "/api/jobs/$other", ['name' => 'Spare winch', 'note' => 'for parts']);
        self::assertSame('Spare winch', self::text($this->call('GET', "/api/jobs/$other"), 'name'));
        $this->call('PUT', "/api/jobs/$other", ['name' => '']);
        self::assertSame(422, $this->code());
    }

    public function testWhatAnotherHangsOnStays(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $frame = $this->call('GET', "/api/parts/$part/survey");
        $body = self::survey();
        self::assertIsArray($body['part']);
        $this->call('POST', "/api/jobs/$job/parts", [
            ...$body,
            'part' => [...$body['part'], 'id' => 'seat', 'name' => 'Seat', 'mounted_on' => self::text($frame, 'slug')],
        ]);
        self::assertSame(201, $this->code());
        $answer = $this->call('DELETE', "/api/parts/$part");
        self::assertSame(409, $this->code());
        self::assertStringContainsString('Seat is mounted on this part', self::text($answer, 'detail'));
    }
}
