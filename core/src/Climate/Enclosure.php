<?php

declare(strict_types=1);

namespace Hull\Climate;

/** A kind of place, and what it makes of the weather outside. */
final readonly class Enclosure
{
    public const HOLDS = ['nothing', 'warmth', 'setting'];

    /**
     * @param bool $sheltered neither wind nor rain gets in
     * @param float $lagHours time constant with which it follows the air outside; 0 for at once
     * @param float $gainC how much warmer than outside it settles
     * @param float $lossWPerM2K heat that gets out, W by m2 of floor and degree (typical; a draughty roof loses twice)
     * @param string $holds nothing; warmth: never colder than it is set to; setting: always as it is set
     * @param bool $putUp it is put up over what stands outdoors
     * @param bool $lit there are lamps to work by: under a roof always
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public bool $sheltered,
        public float $lagHours,
        public float $gainC,
        public string $holds,
        public float $lossWPerM2K = 0.0,
        public bool $putUp = false,
        public bool $lit = true,
    ) {}

    /** The same place with a heater in it: never colder than that is set to. */
    public function heated(): self
    {
        return 'setting' === $this->holds
            ? $this
            : new self(
                id: $this->id,
                name: $this->name,
                hint: $this->hint,
                sheltered: $this->sheltered,
                lagHours: $this->lagHours,
                gainC: $this->gainC,
                holds: 'warmth',
                lossWPerM2K: $this->lossWPerM2K,
                putUp: $this->putUp,
                lit: $this->lit,
            );
    }
}
