<?php

declare(strict_types=1);

namespace App\Api\View;

/** A place with its air as typed. */
final readonly class PlaceView
{
    /**
     * @param list<string> $hazards
     * @param list<string> $users names of other parts worked in it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $temperature,
        public string $humidity,
        public float $temperatureValue,
        public float $humidityValue,
        public ?Value $dewPoint,
        public array $hazards,
        public array $users,
    ) {}
}
