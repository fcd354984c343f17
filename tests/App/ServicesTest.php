<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Device\Sensors;
use App\Device\WeatherService;
use App\Format\ClimateCsv;
use Hull\Climate\Air;
use Hull\Climate\Enclosure;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\InvalidInput;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;

/** The stand-ins over HTTP, and what happens when nobody answers; tables of weather. */
final class ServicesTest extends TestCase
{
    use OnTheNetwork;

    private ?StandIn $standIn = null;

    protected function tearDown(): void
    {
        $this->standIn?->stop();
    }

    private static function now(): int
    {
        return (int) strtotime((string) getenv('HULL_CLOCK'));
    }

    public function testTheWeatherComesByTheHourAndACallForAColdNightIsHeard(): void
    {
        $service = new WeatherService($this->start('weather'), self::service());
        $mild = $service->ask('mild')->forecast() ?? self::fail('no forecast');
        self::assertCount(24 * 14, $mild->hours);
        self::assertSame(intdiv(self::now(), 3600), $mild->from);
        self::assertStringContainsString('simulated', $mild->source);
        self::assertEquals($mild->hours, $service->forecast()?->hours, 'the same hour, the same weather');
        $cold = $service->ask('cold-night')->forecast() ?? self::fail('no forecast');
        $coldest = static fn(Forecast $f): float => min(
            array_map(static fn(Weather $w): float => $w->air->temperature->c(), array_slice($f->hours, 0, 40)),
        );
        self::assertLessThan($coldest($mild) - 3.0, $coldest($cold));
    }

    public function testSensorsReadTheirPlacesAndCanBeTold(): void
    {
        $address = $this->start('sensor');
        $readings = (new Sensors($address, self::service()))->readings();
        self::assertSame(['Heated bay', 'Long shed', 'North slip'], array_column($readings, 0));
        foreach ($readings as [, $at, $air]) {
            self::assertLessThan(601, self::now() - $at->getTimestamp());
            self::assertGreaterThan(0.2, $air->humidity->value());
        }
        self::service()->post($address, '/place', [
            'name' => 'Long shed',
            'temperature_c' => 3,
            'humidity_pct' => 90,
        ]);
        self::assertEqualsWithDelta(
            3.0,
            (new Sensors($address, self::service()))->readings()[1][2]->temperature->c(),
            0.4,
        );
    }

    public function testNobodyThereIsNoForecastAndNoReading(): void
    {
        foreach (['', 'http://127.0.0.1:9', null] as $address) {
            self::assertNull((new WeatherService($address, self::service()))->forecast());
            self::assertSame([], (new Sensors($address, self::service()))->readings());
        }
        $other = $this->start('sensor');
        self::assertNull(
            (new WeatherService($other, self::service()))->forecast(),
            'another protocol is not read as weather',
        );
    }

    public function testWhoDidNotAnswerIsNotAskedAgainAtOnce(): void
    {
        $asked = new \ArrayObject();
        $service = self::service(
            new MockHttpClient(static function () use ($asked): MockResponse {
                $asked->append('once');

                return new MockResponse('', ['error' => 'hangs']);
            }),
        );
        $weather = new WeatherService('http://weather.example', $service);
        self::assertNull($weather->forecast());
        self::assertNull($weather->forecast());
        self::assertNull((new Sensors('http://weather.example', $service))->readings()[0] ?? null);
        self::assertCount(1, $asked, 'nobody waits for it twice');
        (new Sensors('http://sensor.example', $service))->readings();
        self::assertCount(2, $asked, 'another service is asked all the same');
    }

    public function testAnAnswerWithoutEndIsCutOff(): void
    {
        $endless = new MockHttpClient(
            new MockResponse(
                (static function (): \Generator {
                    for ($i = 0; $i < 400; ++$i) {
                        yield str_repeat('x', 10_000);
                    }
                })(),
            ),
        );
        self::assertNull(self::service($endless)->get('http://weather.example', '/forecast'));
    }

    public function testATableIsReadWithItsGapsFilled(): void
    {
        $forecast = ClimateCsv::forecast(
            "at;temperature;humidity;wind;rain\n2026-05-04T10:00:00Z;50 F;60 %;10 " .
                "km/h;0\n2026-05-04T13:00:00Z;18 C;55 %;;1.5 mm\n",
            'table',
        );
        self::assertCount(4, $forecast->hours);
        self::assertEqualsWithDelta(
            [10.0, 10.0, 10.0, 18.0],
            array_map(static fn(Weather $w): float => $w->air->temperature->c(), $forecast->hours),
            1e-9,
        );
        self::assertSame([0.0, 1.5], [$forecast->hours[2]->rainMm, $forecast->hours[3]->rainMm]);
        self::assertEqualsWithDelta(2.78, $forecast->hours[0]->wind->mPerS(), 0.01);
    }

    public function testWhatIsWrittenIsReadBack(): void
    {
        $weather = Weather::of(
            Air::of(Temperature::celsius(11.3), RelativeHumidity::percent(71)),
            Speed::metresPerSecond(3.2),
            0.4,
            Irradiance::wattsPerM2(420.0),
        );
        $place = PlaceAir::of(
            new Enclosure(
                id: 'o',
                name: 'Outdoors',
                hint: 'as it is',
                sheltered: false,
                lagHours: 0.0,
                gainC: 0.0,
                holds: 'nothing',
            ),
            $weather->air,
            Forecast::of(494_000, array_fill(0, 30, $weather), 'made up'),
            [],
            494_000,
            30,
        );
        $read = ClimateCsv::forecast(ClimateCsv::write($place), 'table');
        self::assertSame([494_000, 30], [$read->from, count($read->hours)]);
        self::assertEqualsWithDelta(
            [11.3, 0.71, 3.2, 0.4, 420.0],
            [
                $read->hours[7]->air->temperature->c(),
                $read->hours[7]->air->humidity->value(),
                $read->hours[7]->wind->mPerS(),
                $read->hours[7]->rainMm,
                $read->hours[7]->sun->wPerM2(),
            ],
            1e-6,
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        $head = "at,temperature,humidity,wind,rain\n";
        yield 'more sun than there is' => [
            "at,temperature,humidity,sun\n2026-05-04T10:00:00Z,18 C,50 %,2000 W/m2\n",
            'Line 2, sun',
        ];
        yield 'no unit that is one' => [
            $head . "2026-05-04T10:00:00Z,18 C,50 %,2 m/s,0\n2026-05-04T11:00:00Z,18 stone,50 %,2 m/s,0\n",
            'Line 3, temperature',
        ];
        yield 'no instant' => [$head . "yesterday,18 C,50 %,2 m/s,0\n", 'Line 2, at'];
        yield 'too damp to be' => [$head . "2026-05-04T10:00:00Z,18 C,150 %,2 m/s,0\n", 'Line 2, humidity'];
        yield 'rain in words' => [$head . "2026-05-04T10:00:00Z,18 C,50 %,2 m/s,lots\n", 'Line 2, rain'];
        yield 'a column nobody knows' => [
            "at,temperature,humidity,mood\n2026-05-04T10:00:00Z,18 C,50 %,good\n",
            'Line 1',
        ];
    }

    #[DataProvider('bad')]
    public function testFaultsAreNamedByLineAndColumn(string $text, string $where): void
    {
        try {
            ClimateCsv::forecast($text, 'table');
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertStringContainsString($where, $e->getMessage());
        }
    }

    public function testATableOfAYearIsNoForecast(): void
    {
        $this->expectException(InvalidInput::class);
        ClimateCsv::forecast(
            "at,temperature,humidity\n2026-05-04T10:00:00Z,18 C,50 %\n2027-05-04T10:00:00Z,18 C,50 %\n",
            'table',
        );
    }

    private function start(string $name): string
    {
        $this->standIn?->stop();
        $this->standIn = new StandIn($name);

        return $this->standIn->address;
    }
}
