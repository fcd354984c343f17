<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** Something that would give a block of work its hour, tried: the part alone, with this changed. */
final readonly class Remedy
{
    public const HEAT = 'heat';
    public const DRY = 'dry';
    public const PLACE = 'place';
    public const FILM = 'film';

    /**
     * @param string $how heat, dry, place or film
     * @param string $what to how much, where to, or which film
     * @param float $opens hour at which what had none is begun
     * @param float $finish hour at which the part is done
     */
    public function __construct(public string $how, public string $what, public float $opens, public float $finish) {}
}
