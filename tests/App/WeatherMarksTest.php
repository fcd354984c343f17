<?php

declare(strict_types=1);

namespace App\Tests\App;

/** Rain on a coat before it can stand it: the route gains what makes it good, until somebody finds it unharmed. */
final class WeatherMarksTest extends ApiCase
{
    use Works;

    public function testRainOnAFreshCoatIsInTheRecordAndInTheRouteUntilItIsFoundUnharmed(): void
    {
        $this->enter('rowan@yard.example');
        $part = $this->coatedOutdoors(1);
        self::assertSame([], $this->findings($part));
        self::assertSame([422, '/kind'], $this->unharmed($part), 'nothing has come yet');
        self::clock()->sleep(3 * 3600);
        $found = $this->findings($part);
        self::assertCount(1, $found);
        self::assertStringContainsString('Rain reached it', $found[0]);
        $this->rain(100);
        self::assertSame($found, $this->findings($part), 'a newer forecast does not change what was');
        $this->call('POST', '/api/plan', []);
        self::work();
        $steps = $this->steps($part);
        self::assertContains('sand-marks', $steps);
        $second = array_keys($steps, 'apply-coat', true)[1] ?? 0;
        self::assertLessThan($second, array_search('sand-marks', $steps, true));
        self::assertSame([201, ''], $this->unharmed($part));
        self::assertNotContains('sand-marks', $this->steps($part), 'what was put in for it goes out again');
        self::assertSame([], $this->findings($part));
        self::assertSame([422, '/kind'], $this->unharmed($part), 'once is enough');
    }

    public function testRainThatComesWhenItIsSafeLeavesNothing(): void
    {
        $this->enter('rowan@yard.example');
        $part = $this->coatedOutdoors(30);
        self::clock()->sleep(32 * 3600);
        self::assertSame([], $this->findings($part));
        self::assertSame([422, '/kind'], $this->unharmed($part));
    }

    /** A part with its first coat on since now, and rain for an hour after some hours. */
    private function coatedOutdoors(int $rainAfter): string
    {
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Slip']), 'id');
        $survey = self::outdoors();
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
        $this->rain($rainAfter);
        foreach (self::list($this->call('GET', "/api/parts/$part/route"), 'steps') as $step) {
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => self::text($step, 'key'),
                'at' => self::ago('0 minutes'),
                'outside' => 'as a test',
            ]);
            self::assertSame(201, $this->code(), (string) $this->client->getResponse()->getContent());
            if ('apply-coat' === self::text($step, 'step')) {
                return $part;
            }
        }
        self::fail('no coat');
    }

    private function rain(int $after): void
    {
        $text = "at,temperature,humidity,wind,rain\n";
        for ($h = -1; $h < 24 * 7; ++$h) {
            $at = gmdate('Y-m-d\TH:00:00\Z', self::now()->getTimestamp() + 3600 * $h);
            $text .= sprintf("%s,18 C,55 %%,2 m/s,%d\n", $at, $h === $after ? 2 : 0);
        }
        $this->call('POST', '/api/air/forecast', ['text' => $text]);
        self::assertSame(204, $this->code());
    }

    /** @return list<string> what the record says of the weather */
    private function findings(string $part): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(mixed $f): string => self::text($f, 'says'),
                    self::list($this->call('GET', "/api/parts/$part/record"), 'findings'),
                ),
                static fn(string $says): bool => str_contains($says, 'reached it'),
            ),
        );
    }

    /** @return array{int, string} status, and where it was refused */
    private function unharmed(string $part): array
    {
        $answer = $this->call('POST', "/api/parts/$part/log", ['kind' => 'unharmed', 'at' => self::ago('0 minutes')]);

        return [$this->code(), 201 === $this->code() ? '' : self::text($answer, 'errors', 0, 'pointer')];
    }

    /** @return list<string> */
    private function steps(string $part): array
    {
        $steps = self::list($this->call('GET', "/api/parts/$part/route"), 'steps');

        return array_values(array_map(static fn(mixed $s): string => self::text($s, 'step'), $steps));
    }
}
