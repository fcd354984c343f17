<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Device\Reading;
use App\Device\Scale;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The stand-in for the bench scale speaks the protocol that the application reads. */
final class ScaleTest extends TestCase
{
    use OnTheNetwork;

    private const PORT = 18190;
    private Process $sim;

    protected function setUp(): void
    {
        $state = sys_get_temp_dir() . '/hull-scale-test-' . getmypid();
        @unlink($state . '.json');
        $this->sim = new Process(['php', '-S', '127.0.0.1:' . self::PORT, 'sim/scale.php'], dirname(__DIR__, 2), [
            'SCALE_STATE' => $state,
        ]);
        $this->sim->start();
        for ($i = 0; $i < 100 && false === @file_get_contents(self::address() . '/reading'); ++$i) {
            usleep(50_000);
        }
    }

    protected function tearDown(): void
    {
        $this->sim->stop(1.0);
    }

    public function testAPourSettlesWithinNoiseAndDrift(): void
    {
        $scale = new Scale(self::address(), self::service());
        self::assertEqualsWithDelta(0.0, $this->settled($scale)->kg, 0.0011);
        self::post('/pour', ['grams' => 250, 'seconds' => 0.2]);
        self::assertFalse(self::now($scale)->stable, 'it moves while it is poured on');
        $reading = $this->settled($scale);
        self::assertEqualsWithDelta(0.25, $reading->kg, 0.0011);
        self::assertEqualsWithDelta(0.001, $reading->step->kg(), 1e-12);
        self::assertTrue($reading->simulated);
        self::post('/pour', ['grams' => -50, 'seconds' => 0.1]);
        self::assertEqualsWithDelta(0.2, $this->settled($scale)->kg, 0.0011);
        self::post('/pour', ['grams' => 6000, 'seconds' => 0.1]);
        usleep(300_000);
        self::assertNull(self::now($scale)->kg, 'more than it can weigh');
        self::post('/clear', []);
        self::assertEqualsWithDelta(0.0, $this->settled($scale)->kg, 0.0011);
    }

    public function testNothingThereAndNonsenseAreNoReading(): void
    {
        self::assertNull((new Scale('', self::service()))->reading());
        self::assertNull((new Scale('http://127.0.0.1:9', self::service()))->reading());
        self::assertNull((new Scale(self::address() . '/nonsense', self::service()))->reading());
    }

    private static function now(Scale $scale): Reading
    {
        return $scale->reading() ?? self::fail('no reading');
    }

    private function settled(Scale $scale): Reading
    {
        for ($i = 0; $i < 60; ++$i) {
            $reading = $scale->reading();
            if (true === $reading?->stable) {
                return $reading;
            }
            usleep(100_000);
        }
        self::fail('it never settled');
    }

    /** @param array<int|string, int|float> $body */
    private static function post(string $path, array $body): void
    {
        file_get_contents(
            self::address() . $path,
            false,
            stream_context_create([
                'http' => [
                    'method' => 'POST',
                    'header' => 'Content-Type: application/json',
                    'content' => (string) json_encode((object) $body),
                ],
            ]),
        );
    }

    private static function address(): string
    {
        return 'http://127.0.0.1:' . self::PORT;
    }
}
