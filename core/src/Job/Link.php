<?php

declare(strict_types=1);

namespace Hull\Job;

/** What ties a part to another one of the same job. */
final readonly class Link
{
    /**
     * @param string $to id of the other part
     * @param string $by what holds it there, in words: "four M8 bolts, nyloc nuts"
     * @param int $order its turn among what comes off the same part, 1 first; 0 where it does not matter
     * @param bool $stays it is not taken off; it is shielded where it is
     * @param bool $loaded its joint is torqued or carries load, so that the films in it have to be cured
     */
    public function __construct(
        public Relation $as,
        public string $to,
        public string $by = '',
        public int $order = 0,
        public bool $stays = false,
        public bool $loaded = false,
    ) {}

    public function comesOff(): bool
    {
        return $this->as->comesOff() && !$this->stays;
    }

    /** It says no more than that the part is mounted there. */
    public function isPlain(): bool
    {
        return Relation::MountedOn === $this->as &&
            '' === $this->by &&
            0 === $this->order &&
            !$this->stays &&
            !$this->loaded;
    }
}
