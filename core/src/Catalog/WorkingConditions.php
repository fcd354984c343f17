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
     * @param Limits|null $air in which it is worked; null for any
     * @param float $airHours so long after it the air must stay so, and rain away
     */
    public function __construct(
        public bool $noisy = false,
        public bool $dusty = false,
        public bool $whole = false,
        public bool $dryWeather = false,
        public ?Limits $air = null,
        public float $airHours = 0.0,
    ) {}

    public function and(self $other): self
    {
        return new self(
            noisy: $this->noisy || $other->noisy,
            dusty: $this->dusty || $other->dusty,
            whole: $this->whole || $other->whole,
            dryWeather: $this->dryWeather || $other->dryWeather,
            air: null === $this->air || null === $other->air ? $this->air ?? $other->air : $this->air->and($other->air),
            airHours: max($this->airHours, $other->airHours),
        );
    }
}
