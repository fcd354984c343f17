<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Area;
use Hull\Quantity\Message;
use Hull\Quantity\Temperature;

/** Something that would give a block of work its hour, tried: the part alone, with this changed. Waiting is one. */
final readonly class Remedy
{
    public const HEAT = 'heat';
    public const DRY = 'dry';
    public const PLACE = 'place';
    public const COVER = 'cover';
    public const LAMPS = 'lamps';
    public const FILM = 'film';
    public const WAIT = 'wait';
    public const HELPER = 'helper';
    public const METHOD = 'method';

    /**
     * @param string $how heat, dry, place, cover, lamps, film, helper, method or wait
     * @param string|float $what degrees C, relative humidity from 0 to 1, the name of a place, cover, film or method,
     *                           hours that take more than one, or a day
     * @param float $opens hour at which what had none is begun
     * @param float $finish hour at which the part is done
     * @param float|null $kwh heat that it takes until then, where it is heated (estimate)
     * @param float $floorM2 for so much floor
     */
    public function __construct(
        public string $how,
        public string|float $what,
        public float $opens,
        public float $finish,
        public ?float $kwh = null,
        public float $floorM2 = 0.0,
    ) {}

    /** What it takes, in words; empty where it takes nothing that can be said. */
    public function takes(): string|Message
    {
        return null === $this->kwh
            ? ''
            : Message::of(
                'about {kwh} kWh for {area} of floor (estimate)',
                kwh: (int) (ceil($this->kwh / 10.0) * 10.0),
                area: Area::squareMetres($this->floorM2),
            );
    }

    /** @param string $place name of the one where the part is */
    public function words(string $place): Message
    {
        return match ($this->how) {
            self::HEAT => Message::of(
                'Heat {place} to {temperature}',
                place: $place,
                temperature: Temperature::celsius((float) $this->what),
            ),
            self::DRY => Message::of(
                'Dry the air of {place} to {humidity} %',
                place: $place,
                humidity: (int) round(100.0 * (float) $this->what),
            ),
            self::PLACE => Message::of('Do it in {place}', place: (string) $this->what),
            self::COVER => Message::of('Put a cover up over it ({cover})', cover: lcfirst((string) $this->what)),
            self::LAMPS => Message::of('Put lamps up there ({place})', place: lcfirst((string) $this->what)),
            self::HELPER => Message::of(
                'With somebody to help, for {hours} h in all',
                hours: sprintf('%.1f', $this->what),
            ),
            self::METHOD => Message::of('Put it on another way: {method}', method: (string) $this->what),
            self::FILM => Message::of('Another film: {film}', film: lcfirst((string) $this->what)),
            default => Message::of('from about {day} on', day: (string) $this->what),
        };
    }
}
