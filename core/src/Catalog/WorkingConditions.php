<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Limits;

/** How steps of a kind are worked, as far as others in the yard and the weather are concerned. */
final readonly class WorkingConditions
{
    /**
     * @param bool $noisy not in quiet hours
     * @param bool $dusty never beside a wet film
     * @param bool $whole in one go; what is not whole may stop in the evening and go on in the morning
     * @param bool $dryWeather outdoors not in the rain
     * @param bool $daylight it goes by the eye: outdoors not in the dark, unless there are lamps
     * @param Limits|null $air in which it is worked; null for any
     * @param float $airHours so long after it the air must stay so, and rain away
     * @param bool $dirty its dust, water, acid or bleach reaches what lies beside, unless it is done apart
     * @param bool $apart in a tub, an oven or a cabinet
     * @param bool $opens from it on the surface takes harm from dust and wet, until the film on it is dry to the touch
     * @param bool $alone not done to a part while something hangs on it
     * @param bool $fills blows or runs into bores and threads
     * @param bool $closes before it nothing may be left inside, or lie about that belongs below
     * @param bool $putsOn the part is glued, pressed or screwed on to what it came off, for good
     * @param bool $covers what was bare is covered by it, as by a coat
     * @param bool $forCoat it is done for the coat, or oil, that comes next, and is worth nothing without
     * @param bool $forNext it is done for the very next step, and is worth nothing without
     * @param bool $looks it lays nothing bare, whatever it finds
     * @param bool $unmasks it comes off by the window of its film, and is never made good by keying
     * @param bool $keepsWet what works in it does not dry on
     * @param bool $loads several parts go in together
     * @param bool $attended somebody is at work until what passes by itself after it is over
     * @param int $lifts how often the part is lifted for it
     */
    public function __construct(
        public bool $noisy = false,
        public bool $dusty = false,
        public bool $whole = false,
        public bool $dryWeather = false,
        public bool $daylight = false,
        public ?Limits $air = null,
        public float $airHours = 0.0,
        public bool $dirty = false,
        public bool $apart = false,
        public bool $opens = false,
        public bool $alone = false,
        public bool $fills = false,
        public bool $closes = false,
        public bool $putsOn = false,
        public bool $covers = false,
        public bool $forCoat = false,
        public bool $forNext = false,
        public bool $looks = false,
        public bool $unmasks = false,
        public bool $keepsWet = false,
        public bool $loads = false,
        public bool $attended = false,
        public int $lifts = 0,
    ) {}

    /** Its dust, water, acid or bleach reaches what is beside it. */
    public function reaches(): bool
    {
        return $this->dirty && !$this->apart;
    }

    /** Both together: each adds what it asks for. */
    public function and(self $other): self
    {
        return new self(
            noisy: $this->noisy || $other->noisy,
            dusty: $this->dusty || $other->dusty,
            whole: $this->whole || $other->whole,
            dryWeather: $this->dryWeather || $other->dryWeather,
            daylight: $this->daylight || $other->daylight,
            air: null === $this->air || null === $other->air ? $this->air ?? $other->air : $this->air->and($other->air),
            airHours: max($this->airHours, $other->airHours),
            dirty: $this->dirty || $other->dirty,
            apart: $this->apart || $other->apart,
            opens: $this->opens || $other->opens,
            alone: $this->alone || $other->alone,
            fills: $this->fills || $other->fills,
            closes: $this->closes || $other->closes,
            putsOn: $this->putsOn || $other->putsOn,
            covers: $this->covers || $other->covers,
            forCoat: $this->forCoat || $other->forCoat,
            forNext: $this->forNext || $other->forNext,
            looks: $this->looks || $other->looks,
            unmasks: $this->unmasks || $other->unmasks,
            keepsWet: $this->keepsWet || $other->keepsWet,
            loads: $this->loads || $other->loads,
            attended: $this->attended || $other->attended,
            lifts: max($this->lifts, $other->lifts),
        );
    }
}
