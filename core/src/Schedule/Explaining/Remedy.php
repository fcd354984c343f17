<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Area;
use Hull\Quantity\Temperature;
use Hull\Quantity\UnitSystem;

/** Something that would give a block of work its hour, tried: the part alone, with this changed. Waiting is one. */
final readonly class Remedy
{
    public const HEAT = 'heat';
    public const DRY = 'dry';
    public const PLACE = 'place';
    public const COVER = 'cover';
    public const FILM = 'film';
    public const WAIT = 'wait';
    public const HELPER = 'helper';
    public const METHOD = 'method';

    /**
     * @param string $how heat, dry, place, cover, film, helper, method or wait
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
    public function takes(UnitSystem $units): string
    {
        return null === $this->kwh
            ? ''
            : sprintf(
                'about %d kWh for %s of floor (estimate)',
                (int) (ceil($this->kwh / 10.0) * 10.0),
                Area::squareMetres($this->floorM2)->format($units),
            );
    }

    /** @param string $place name of the one where the part is */
    public function words(string $place, UnitSystem $units): string
    {
        return match ($this->how) {
            self::HEAT => sprintf('Heat %s to %s', $place, Temperature::celsius((float) $this->what)->format($units)),
            self::DRY => sprintf('Dry the air of %s to %d %%', $place, (int) round(100.0 * (float) $this->what)),
            self::PLACE => sprintf('Do it in %s', $this->what),
            self::COVER => sprintf('Put a cover up over it (%s)', lcfirst((string) $this->what)),
            self::HELPER => sprintf('With somebody to help, for %.1f h in all', $this->what),
            self::METHOD => sprintf('Put it on another way: %s', $this->what),
            self::FILM => sprintf('Another film: %s', lcfirst((string) $this->what)),
            default => sprintf('from about %s on', $this->what),
        };
    }
}
