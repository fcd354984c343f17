<?php

declare(strict_types=1);

namespace App\Device;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\Weather;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\Moments;
use Hull\Quantity\Instant;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;

/** Reads an hourly forecast; see docs/formats/climate.md. */
final readonly class WeatherService
{
    private const MOST_HOURS = 24 * 31;

    private string $address;

    public function __construct(?string $address, private Service $service)
    {
        $this->address = $address ?? '';
    }

    /** Tells the stand-in what weather to make up; a real service takes no notice. */
    public function ask(string $scenario): self
    {
        $this->service->post($this->address, '/scenario', ['name' => $scenario]);

        return $this;
    }

    /** Whether there is one to ask. */
    public function isThere(): bool
    {
        return '' !== $this->address;
    }

    /** Null when it does not answer, or not in its protocol. */
    public function forecast(): ?Forecast
    {
        try {
            $n = Node::root($this->service->get($this->address, '/forecast'));
            $n->field('protocol')->choice(['hull-weather']);
            $hours = [];
            $from = null;
            foreach ($n->field('hours')->items(self::MOST_HOURS) as $h) {
                $from ??= (int) floor(Instant::hour(Moments::instant($h->field('at'))));
                $hours[] = Weather::of(
                    Air::of(
                        Temperature::celsius($h->field('temperature_c')->number()),
                        RelativeHumidity::ratio($h->field('humidity_pct')->number() / 100.0),
                    ),
                    Speed::metresPerSecond($h->field('wind_ms')->number()),
                    $h->field('rain_mm')->number(),
                    Irradiance::wattsPerM2($h->optional('sun_w_m2')?->number() ?? 0.0),
                );
            }

            return Forecast::of(
                $from ?? 0,
                $hours,
                $n->field('station')->text(100) .
                    (true === $n->optional('simulated')?->boolean() ? ' (simulated)' : ''),
            );
        } catch (InvalidInput | InvalidQuantity) {
            return null;
        }
    }
}
