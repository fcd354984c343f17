<?php

declare(strict_types=1);

namespace App\Tests\App;

/** "Still wet", "still tacky" and "failed" are answers that the record takes, and what follows moves. */
final class FoundTest extends ApiCase
{
    public function testATackyCoatMovesTheNextOneAndSaysWhy(): void
    {
        [$part, $coat] = $this->coated('3 hours');
        $before = $this->next($part);
        $this->call('POST', "/api/parts/$part/log", ['kind' => 'still-tacky', 'at' => self::ago('1 minute')]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
        self::assertGreaterThan($before, $this->next($part));
        $bad = $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'failed',
            'step' => $coat,
            'at' => self::ago('1 minute'),
        ]);
        self::assertSame([422, '/kind'], [$this->code(), self::text($bad, 'errors', 0, 'pointer')]);
    }

    public function testNothingIsTackyWhereThereIsNoFilmAndAFailNamesItsStep(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        foreach (['still-tacky' => '/kind', 'still-wet' => '/kind', 'failed' => '/step'] as $kind => $pointer) {
            $bad = $this->call('POST', "/api/parts/$part/log", ['kind' => $kind, 'at' => self::ago('1 minute')]);
            self::assertSame([422, $pointer], [$this->code(), self::text($bad, 'errors', 0, 'pointer')], $kind);
        }
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/record"), 'entries'));
    }

    public function testAFailedWipeIsOpenAgainWithItsDegreasingBeforeItAndMayBeFinishedAnew(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $steps = self::list($this->call('GET', "/api/parts/$part/route"), 'steps');
        $wipe = '';
        foreach ($steps as $n => $step) {
            $wipe = self::text($step, 'key');
            $this->write($part, ['kind' => 'finish', 'step' => $wipe, 'at' => self::ago(60 - $n . ' minutes')]);
            if ('white-wipe' === self::text($step, 'step')) {
                break;
            }
        }
        $answer = $this->write($part, ['kind' => 'failed', 'step' => $wipe, 'at' => self::ago('2 minutes')]);
        self::assertNotSame([], self::list($answer, 'gained'));
        $open = array_values(
            array_filter(
                self::list($this->call('GET', "/api/parts/$part/record"), 'steps'),
                static fn(mixed $s): bool => 'done' !== self::text($s, 'status'),
            ),
        );
        self::assertMatchesRegularExpression('/degrease|scrub/i', self::text($open, 0, 'name'));
        $this->write($part, ['kind' => 'finish', 'step' => $wipe, 'at' => self::ago('1 minute')]);
    }

    public function testWhatWasFinishedLastGoesOnWorkingInTodayAndInThePlan(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Vice']), 'id');
        $survey = self::survey([
            'conditions' => [['id' => 'rust', 'grade' => 'pitted']],
        ]);
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
        $name = '';
        for ($n = 60; $n > 1 && !str_contains($name, 'pits'); --$n) {
            $open = array_values(
                array_filter(
                    self::list($this->call('GET', "/api/parts/$part/record"), 'steps'),
                    static fn(mixed $s): bool => 'done' !== self::text($s, 'status'),
                ),
            )[0];
            $name = self::text($open, 'name');
            $this->write($part, [
                'kind' => 'finish',
                'step' => self::text($open, 'key'),
                'at' => self::ago($n . ' minutes'),
            ]);
        }
        self::assertStringContainsString('pits', $name);
        $card = self::list($this->call('GET', '/api/today'), 'cards')[0] ?? null;
        self::assertSame('wait', self::text($card, 'urgency'));
        self::assertStringContainsString('to have worked, until about', self::text($card, 'message'));
        $plan = $this->call('POST', '/api/plan', ['fresh' => true]);
        $first = self::text($plan, 'work', 0, 'start');
        self::assertGreaterThan(gmdate('Y-m-d\TH:i', self::now()->getTimestamp() + 9 * 3600), $first);
    }

    /** @param array<string, mixed> $line */
    private function write(string $part, array $line): mixed
    {
        $answer = $this->call('POST', "/api/parts/$part/log", [
            ...$line,
            'temperature' => '18 C',
            'humidity' => '55 %',
            'outside' => 'as a test',
        ]);
        self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());

        return $answer;
    }

    /** @return array{string, string} a part with its first coat on, and the key of that step */
    private function coated(string $ago): array
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $coat = self::text($this->call('GET', "/api/parts/$part/mix"), 'coats', 0, 'stepKey');
        $this->write($part, ['kind' => 'finish', 'step' => $coat, 'at' => self::ago($ago)]);

        return [$part, $coat];
    }

    private function next(string $part): string
    {
        return self::text($this->call('GET', "/api/parts/$part/windows"), 'next', 'from');
    }
}
