<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** How steps of a kind are worked, as far as others in the yard and the weather are concerned. */
final readonly class WorkingConditions
{
    /**
     * @param bool $noisy not in quiet hours
     * @param bool $dusty never beside a wet film
     * @param bool $whole in one go; what is not whole may stop in the evening and go on in the morning
     * @param bool $dryWeather outdoors not in the rain
     * @param bool $wet leaves a wet film that dust would settle on
     */
    public function __construct(
        public bool $noisy = false,
        public bool $dusty = false,
        public bool $whole = false,
        public bool $dryWeather = false,
        public bool $wet = false,
    ) {}

    public function and(self $other): self
    {
        return new self(
            $this->noisy || $other->noisy,
            $this->dusty || $other->dusty,
            $this->whole || $other->whole,
            $this->dryWeather || $other->dryWeather,
            $this->wet || $other->wet,
        );
    }
}
