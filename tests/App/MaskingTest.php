<?php

declare(strict_types=1);

namespace App\Tests\App;

/** What stays bare is said in the survey, in the reader's units; the plan and the shopping follow from it. */
final class MaskingTest extends ApiCase
{
    private const COVERED = [
        ['kind' => 'bore', 'name' => 'Bearing bores', 'count' => 4, 'across' => '1 in'],
        ['kind' => 'seat', 'across' => '50 mm', 'along' => '140 mm', 'count' => 4],
    ];

    private string $job = '';
    private string $part = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job, $this->part] = $this->part();
    }

    public function testNothingSaidIsAnEmptyPlan(): void
    {
        $view = $this->call('GET', "/api/parts/{$this->part}/masking");
        self::assertSame(200, $this->code());
        self::assertSame([], self::list($view, 'lines'));
        self::assertSame([], self::list($view, 'needs'));
    }

    public function testThePlanIsShownInEitherSystemWithHowItWasWorkedOut(): void
    {
        $this->say(self::COVERED);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());
        $view = $this->call('GET', "/api/parts/{$this->part}/masking");
        self::assertSame('25.4 mm', self::text($view, 'lines', 0, 'across'));
        self::assertSame('1.23 m', self::text($view, 'lines', 1, 'tape', 'text'));
        self::assertStringContainsString('strips', self::text($view, 'lines', 1, 'tape', 'how', 'formula'));
        self::assertStringContainsString('may stay', self::text($view, 'staysSays'));
        self::assertSame('plug, bearing bores', self::text($view, 'plugs', 0, 'what'));
        $this->call('PATCH', '/api/account', ['units' => 'us']);
        $view = $this->call('GET', "/api/parts/{$this->part}/masking");
        self::assertSame('1 in', self::text($view, 'lines', 0, 'across'));
        self::assertStringContainsString('ft', self::text($view, 'lines', 1, 'tape', 'text'));
    }

    public function testWhatWasStoredGoesBackAsItWasAndIsShownAsTheReaderSaysIt(): void
    {
        $this->say(self::COVERED);
        $survey = $this->call('GET', "/api/parts/{$this->part}/survey");
        self::assertSame('25.4 mm', self::text($survey, 'sizes', '0.0254'));
        $again = self::list($survey, 'fields', 'covered');
        self::assertSame(0.0254, self::number($again[0], 'across'));
        $this->say($again);
        self::assertSame(200, $this->code());
        self::assertSame(
            $again,
            self::list($this->call('GET', "/api/parts/{$this->part}/survey"), 'fields', 'covered'),
        );
        $file = $this->call('GET', "/api/jobs/{$this->job}/file");
        self::assertSame('Bearing bores', self::text($file, 'parts', 0, 'covered', 0, 'name'));
    }

    public function testAWrongSizeIsRefusedAtItsFieldAndNothingIsStored(): void
    {
        $this->say([['kind' => 'seat', 'across' => '50 mm', 'along' => 'long']]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString(
            '/part/covered/0/along',
            str_replace('\/', '/', (string) $this->client->getResponse()->getContent()),
        );
        self::assertSame([], self::list($this->call('GET', "/api/parts/{$this->part}/masking"), 'lines'));
    }

    public function testTheShoppingCountsIt(): void
    {
        $this->say(self::COVERED);
        $list = (string) json_encode($this->call('GET', "/api/jobs/{$this->job}/quantities"));
        self::assertStringContainsString('Silicone plugs and caps', $list);
        self::assertStringNotContainsString('Masking film', $list);
    }

    /** @param array<array-key, mixed> $covered */
    private function say(array $covered): void
    {
        $version = self::number($this->call('GET', "/api/parts/{$this->part}/survey"), 'version');
        $survey = self::survey(['covered' => $covered]);
        $this->call('PUT', "/api/parts/{$this->part}/survey", [...$survey, 'version' => (int) $version]);
    }
}
