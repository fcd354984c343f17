<?php

declare(strict_types=1);

namespace App\Tests\App;

/** The strip-down register in use: written, ticked, labelled, asked before a part is closed, kept in the file. */
final class RegisterTest extends ApiCase
{
    private string $job = '';
    private string $frame = '';
    private string $slug = '';
    private string $url = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job, $this->frame] = $this->part();
        $this->slug = self::text($this->call('GET', "/api/parts/{$this->frame}/survey"), 'slug');
        $this->url = "/api/jobs/{$this->job}/register";
    }

    public function testATagIsWrittenChangedTickedAndReadBackwards(): void
    {
        self::assertSame([], self::list($this->call('GET', $this->url), 'tags'));
        $this->write('Bracket', ['held' => 'tray', 'lies' => 'shelf 3']);
        $view = $this->write('Screws', [
            'itself' => '',
            'items' => [['what' => 'screw', 'size' => 'M4', 'count' => 6]],
        ]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertSame([2, 1], self::list($view, 'backwards'));
        self::assertSame(['2 Screws'], self::list($view, 'tags', 0, 'before'));
        $version = self::list($view, 'tags')[1];
        $body = $this->tag('Long screws', ['turn' => 1, 'version' => (int) self::number($version, 'version')]);
        $view = $this->call('PUT', $this->url . '/2', $body);
        self::assertSame('Long screws', self::text($view, 'tags', 0, 'what'));
        self::assertSame([1, 2], self::list($view, 'backwards'));
        $this->call('PUT', $this->url . '/2', $body);
        self::assertSame(409, $this->code(), 'two who change it at once');
        $view = $this->call('PUT', $this->url . '/1/tick', ['done' => 1, 'item' => 0]);
        self::assertSame(0.0, self::number($view, 'tags', 1, 'open'));
        $this->call('PUT', $this->url . '/1/tick', ['done' => 2, 'item' => 0]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('more than there were', (string) $this->client->getResponse()->getContent());
        $this->call('PUT', $this->url . '/1/tick', ['done' => 1, 'item' => 5]);
        self::assertSame(422, $this->code());
        $this->call('PUT', $this->url . '/99/tick', ['done' => 1]);
        self::assertSame(404, $this->code());
    }

    public function testANumberIsGivenOnceAndARemovedTagCanBeHadBack(): void
    {
        $this->write('First');
        self::assertSame([], self::list($this->call('DELETE', $this->url . '/1'), 'tags'));
        self::assertSame([2], self::list($this->write('Second'), 'backwards'));
        $view = $this->call('POST', $this->url . '/1/restore');
        self::assertCount(2, self::list($view, 'tags'));
        $this->call('POST', $this->url . '/7/restore');
        self::assertSame(404, $this->code());
    }

    public function testALabelOpensItsTagAndAPhotoHangsOnIt(): void
    {
        $code = self::text($this->write('Bracket'), 'tags', 0, 'code');
        self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{6}$/', $code);
        $opened = $this->call('GET', '/api/labels/' . strtolower($code));
        self::assertSame($this->job, self::text($opened, 'jobId'));
        self::assertSame(1.0, self::number($opened, 'number'));
        $this->call('POST', $this->url . '/1/photos', ['image' => WorkshopTest::PICTURE, 'caption' => 'in its place']);
        self::assertSame(201, $this->code());
        $photo = self::text($this->call('GET', $this->url), 'tags', 0, 'photos', 0, 'id');
        self::assertSame(
            $photo,
            self::text($this->call('GET', "/api/parts/{$this->frame}/photos"), 'photos', 0, 'id'),
            'it is a photo of the part, too',
        );
    }

    public function testNothingIsHandedOverInSilenceWithSomethingLeftIn(): void
    {
        $this->write('Plugs', ['kind' => 'in', 'items' => [['what' => 'plug', 'count' => 2]]]);
        $wash = self::survey(['aim' => 'clean', 'conditions' => [['id' => 'old-coating', 'grade' => 'sound']]]);
        $version = self::number($this->call('GET', "/api/parts/{$this->frame}/survey"), 'version');
        $this->call('PUT', "/api/parts/{$this->frame}/survey", [...$wash, 'version' => (int) $version]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        [$last, $record] = $this->untilTheLast();
        self::assertStringContainsString('2 × plug is still in', self::text($record, 'closing', 0));
        self::assertCount(1, self::list($this->call('GET', '/api/today'), 'cards', 0, 'closing'));
        $this->finish($last);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('/despite', (string) $this->client->getResponse()->getContent());
        $this->call('PUT', $this->url . '/1/tick', ['done' => 1]);
        self::assertSame([], self::list($this->call('GET', "/api/parts/{$this->frame}/record"), 'closing'));
        $this->finish($last);
        self::assertSame(201, $this->code());
    }

    public function testItMayStaySoWithAWordThatStaysInTheRecord(): void
    {
        $this->write('Plugs', ['kind' => 'in']);
        $steps = self::list($this->call('GET', "/api/parts/{$this->frame}/route"), 'steps');
        $last = self::text($steps[count($steps) - 1], 'key');
        $this->finish($last, 'Gone over once more.');
        self::assertSame(422, $this->code(), 'a note about anything is no reason');
        $this->finish($last, despite: 'The plug is the drain plug; it belongs there.');
        self::assertSame(201, $this->code());
        $lines = self::list($this->call('GET', "/api/parts/{$this->frame}/record"), 'entries');
        self::assertStringContainsString('it belongs there', (string) json_encode($lines));
    }

    public function testTheFileKeepsItAndACodeOfTheYardIsNeverGivenTwice(): void
    {
        $code = self::text($this->write('Bracket', ['lies' => 'shelf 3']), 'tags', 0, 'code');
        $file = $this->call('GET', "/api/jobs/{$this->job}/file");
        self::assertSame('shelf 3', self::text($file, 'register', 0, 'lies'));
        $again = self::text($this->call('POST', '/api/jobs/import', $file), 'id');
        $view = $this->call('GET', "/api/jobs/$again/register");
        self::assertSame('Bracket', self::text($view, 'tags', 0, 'what'));
        self::assertNotSame($code, self::text($view, 'tags', 0, 'code'));
        $copy = self::text($this->call('POST', "/api/jobs/{$this->job}/copy"), 'id');
        self::assertSame([], self::list($this->call('GET', "/api/jobs/$copy/register"), 'tags'), 'nothing is off it');
    }

    public function testWhatIsOnAPartThatWasRemovedComesBackWithIt(): void
    {
        $this->write('Bracket');
        $this->call('DELETE', "/api/parts/{$this->frame}");
        self::assertSame([], self::list($this->call('GET', $this->url), 'tags'));
        $this->call('POST', "/api/parts/{$this->frame}/restore");
        self::assertSame([1], self::list($this->call('GET', $this->url), 'backwards'));
    }

    /** @return array{string, mixed} the key of the hand-over, when it is next, and the record then */
    private function untilTheLast(): array
    {
        for ($n = 0; $n < 150; ++$n) {
            $record = $this->call('GET', "/api/parts/{$this->frame}/record");
            $open = array_values(
                array_filter(
                    self::list($record, 'steps'),
                    static fn(mixed $s): bool => 'done' !== self::text($s, 'status'),
                ),
            );
            if (1 === count($open)) {
                return [self::text($open[0], 'key'), $record];
            }
            self::clock()->sleep(3600.0);
            $this->finish(self::text($open[0], 'key'));
            self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        }
        self::fail('It is never handed over.');
    }

    private function finish(string $step, string $note = '', ?string $despite = null): void
    {
        $this->call('POST', "/api/parts/{$this->frame}/log", [
            'kind' => 'finish',
            'step' => $step,
            'at' => self::ago('1 minute'),
            'note' => $note,
            'temperature' => '20 C',
            'humidity' => '50 %',
            'outside' => 'as a test',
            ...null === $despite ? [] : ['despite' => $despite],
        ]);
    }

    /** @param array<string, mixed> $change */
    private function write(string $what, array $change = []): mixed
    {
        return $this->call('POST', $this->url, $this->tag($what, $change));
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<int|string, mixed>
     */
    private function tag(string $what, array $change = []): array
    {
        return [...['what' => $what, 'part' => $this->slug, 'items' => [['what' => $what]]], ...$change];
    }
}
