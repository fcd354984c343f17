<?php

declare(strict_types=1);

namespace Hull\Surface;

/** A condition a step asks of the surface, in words, with what happens when it is ignored. */
final readonly class Precondition
{
    /** @param string|null $scar the fact left behind when work goes on in spite of the broken need */
    public function __construct(
        public string $id,
        public Predicate $predicate,
        public string $says,
        public string $consequence,
        public string $source,
        public ?string $scar = null,
    ) {}

    /** A part of it, for the same reason. */
    public function asking(string $id, Predicate $predicate): self
    {
        return new self($id, $predicate, $this->says, $this->consequence, $this->source, $this->scar);
    }

    /** @param list<self> $needs */
    public static function allHold(array $needs, SurfaceState $state): bool
    {
        foreach ($needs as $need) {
            if (!$need->predicate->holds($state)) {
                return false;
            }
        }

        return true;
    }
}
