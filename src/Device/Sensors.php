<?php

declare(strict_types=1);

namespace App\Device;

use Hull\Climate\Air;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\Moments;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** Reads the sensors that hang in the places; see docs/formats/climate.md. */
final readonly class Sensors
{
    private string $address;

    public function __construct(?string $address, private Service $service)
    {
        $this->address = $address ?? '';
    }

    /** Whether there are any to ask. */
    public function isThere(): bool
    {
        return '' !== $this->address;
    }

    /**
     * @return list<array{string, \DateTimeImmutable, Air, string}> place, when, air, name of the sensor; empty when
     *                                                              nobody answers
     */
    public function readings(): array
    {
        try {
            $n = Node::root($this->service->get($this->address, '/readings'));
            $n->field('protocol')->choice(['hull-sensor']);
            $readings = [];
            foreach ($n->field('sensors')->items(50) as $s) {
                $readings[] = [
                    $s->field('place')->text(80),
                    Moments::instant($s->field('at')),
                    Air::of(
                        Temperature::celsius($s->field('temperature_c')->number()),
                        RelativeHumidity::ratio($s->field('humidity_pct')->number() / 100.0),
                    ),
                    $s->field('name')->text(80),
                ];
            }

            return $readings;
        } catch (InvalidInput | InvalidQuantity) {
            return [];
        }
    }
}
