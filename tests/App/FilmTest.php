<?php

declare(strict_types=1);

namespace App\Tests\App;

/** What is wanted and which film leads there: listed, planned through, picked, refused and left to the survey again. */
final class FilmTest extends ApiCase
{
    private string $part = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [, $this->part] = $this->part();
    }

    public function testTheLikelyAimComesFirstAndTheOthersSayWhyNot(): void
    {
        $aims = self::list($this->films(), 'aims');
        self::assertTrue(self::at($aims, 0, 'likely'));
        self::assertTrue(self::at($aims, 0, 'chosen'));
        $why = array_column($aims, 'whyNot', 'id');
        self::assertSame('There is nothing below that anybody would want to see.', $why['clear']);
        self::assertSame('', $why['coat']);
        $open = array_map(static fn(mixed $a): bool => '' === self::text($a, 'whyNot'), $aims);
        self::assertSame($open, [...array_filter($open), ...array_filter($open, static fn(bool $o): bool => !$o)]);
    }

    public function testFilmsThatFitComeFirstAndEachIsPlannedThroughWithItsTins(): void
    {
        $films = self::list($this->films(), 'films');
        $fit = array_filter($films, static fn(mixed $f): bool => [] === self::list($f, 'reasons'));
        self::assertGreaterThan(3, count($fit));
        self::assertSame(array_keys($fit), range(0, count($fit) - 1));
        self::assertCount(1, array_filter($films, static fn(mixed $f): bool => true === self::at($f, 'chosen')));
        $plan = $this->call('GET', "/api/parts/{$this->part}/films/" . rawurlencode(self::text($films, 0, 'id')));
        self::assertSame('', self::text($plan, 'obstacle'));
        self::assertMatchesRegularExpression('/^[\d.]+ m?L of .+: \d+ × /', self::text($plan, 'tins', 0));
        self::assertStringEndsWith(' GBP', self::text($plan, 'tinsCost'));
    }

    public function testAPickedFilmIsPlannedAndGoesBackToThePlanWhenLeftToIt(): void
    {
        $first = $this->call('GET', "/api/parts/{$this->part}/route")['system'] ?? '';
        $other = '';
        foreach (self::list($this->films(), 'films') as $film) {
            if ([] === self::list($film, 'reasons') && true !== self::at($film, 'chosen')) {
                $other = self::text($film, 'id');
                $name = self::text($film, 'name');
                break;
            }
        }
        $route = $this->wish(['film' => $other]);
        self::assertSame($name ?? '', self::text($route, 'system'));
        self::assertTrue(self::at($this->films(), 'filmPicked'));
        self::assertSame($first, self::text($this->wish(['film' => '']), 'system'));
        self::assertFalse(self::at($this->films(), 'filmPicked'));
    }

    public function testAnotherAimIsAnotherRouteAndIsKeptInTheJobFile(): void
    {
        $this->wish(['aim' => 'base']);
        self::assertTrue(self::at($this->films(), 'aimPicked'));
        self::assertSame('base', self::text($this->call('GET', "/api/parts/{$this->part}/survey"), 'fields', 'aim'));
        $job = self::text($this->call('GET', '/api/jobs'), 'jobs', 0, 'id');
        self::assertSame('base', self::text($this->call('GET', "/api/jobs/$job/file"), 'parts', 0, 'aim'));
    }

    public function testWhatCannotBeHadIsRefusedWithItsReasonAndNothingIsStored(): void
    {
        $before = $this->call('GET', "/api/parts/{$this->part}/route");
        $said = $this->call('POST', "/api/parts/{$this->part}/route/plan", [
            'schools' => (object) [],
            'aim' => 'clear',
        ]);
        self::assertSame(409, $this->code());
        self::assertStringContainsString('nothing below', self::text($said, 'detail'));
        self::assertSame($before, $this->call('GET', "/api/parts/{$this->part}/route"));
        $this->call('POST', "/api/parts/{$this->part}/route/plan", [
            'schools' => (object) [],
            'film' => 'no-such-film',
        ]);
        self::assertSame(422, $this->code());
        $this->call('GET', "/api/parts/{$this->part}/films/no-such-film");
        self::assertSame(404, $this->code());
    }

    public function testALayerIsDecidedByHandAndItsColourGoesToTheTinAndTheList(): void
    {
        $layers = self::list($this->films(), 'layers');
        $top = self::text($layers, count($layers) - 1, 'layer');
        self::assertSame($top, self::text($layers, count($layers) - 1, 'products', 0, 'id'));
        $this->wish(['layers' => [['layer' => $top, 'colour' => 'Harbour green']]]);
        $films = $this->films();
        self::assertTrue(self::at($films, 'layersPicked'));
        self::assertSame('Harbour green', self::text($films, 'layers', count($layers) - 1, 'colour'));
        self::assertContains('Harbour green', self::list($films, 'colours'));
        $steps = self::list($this->call('GET', "/api/parts/{$this->part}/route"), 'steps');
        $green = array_filter(
            $steps,
            static fn(mixed $s): bool => str_ends_with(self::text($s, 'name'), ', Harbour green'),
        );
        self::assertNotSame([], $green);

        $job = self::text($this->call('GET', '/api/jobs'), 'jobs', 0, 'id');
        $from = function () use ($job): array {
            foreach (self::list($this->call('GET', "/api/jobs/$job/quantities"), 'films') as $film) {
                if (str_ends_with(self::text($film, 'name'), ', Harbour green')) {
                    return self::list($film, 'need', 'from');
                }
            }
            self::fail('no such paint');
        };
        $this->call('POST', '/api/store/tins', [
            'material' => $top,
            'batch' => 'W-1',
            'size' => '5 L',
            'count' => 1,
            'colour' => 'white',
        ]);
        self::assertSame([], $from(), 'white paint is not green');
        $this->call('POST', '/api/store/tins', [
            'material' => $top,
            'batch' => 'G-1',
            'size' => '5 L',
            'count' => 1,
            'colour' => 'harbour  green',
        ]);
        self::assertStringContainsString('G-1', self::text($from(), 0));

        $this->wish(['layers' => []]);
        self::assertFalse(self::at($this->films(), 'layersPicked'));
        $said = $this->call('POST', "/api/parts/{$this->part}/route/plan", [
            'schools' => (object) [],
            'layers' => [['layer' => $top, 'instead' => 'clear-2k']],
        ]);
        self::assertSame(409, $this->code());
        self::assertStringContainsString('cannot be laid in the place of', self::text($said, 'detail'));
        self::assertFalse(self::at($this->films(), 'layersPicked'), 'nothing of it is stored');
    }

    /** @return array<array-key, mixed> */
    private function films(): array
    {
        return $this->call('GET', "/api/parts/{$this->part}/films");
    }

    /**
     * @param array<string, string|list<array<string, string>>> $wish
     *
     * @return array<array-key, mixed>
     */
    private function wish(array $wish): array
    {
        $route = $this->call('POST', "/api/parts/{$this->part}/route/plan", ['schools' => (object) [], ...$wish]);
        self::assertSame(200, $this->code(), (string) $this->client->getResponse()->getContent());

        return $route;
    }
}
