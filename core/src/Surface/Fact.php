<?php

declare(strict_types=1);

namespace Hull\Surface;

/** One thing that can be true of a surface to a degree: a contaminant, a residue, a texture, a proof. */
final readonly class Fact
{
    /**
     * @param bool $standsOpen cut open it stands so until a step closes it: not begun unless that has its hour
     * @param bool $goesOn it may be worked on with it there; set to dry on purpose it is not left standing for longer
     * @param float|null $offWithinHours a residue is taken off so long after its dwell at most: dried on it stains and
     *                                   holds (typical)
     * @param float|null $redoneHours what is dried on is softened and gone over again in so long (estimate); without it
     *                                nothing makes it good
     * @param list<string> $groups what it is one of: what takes off or asks about a group means it, too
     * @param list<string> $lostBy tags of steps; each such step undoes it unless it says otherwise
     * @param list<string> $lostUnless tags of steps; every step without one of these undoes it
     * @param float|null $lastsHours indoors; older than that it no longer counts
     * @param float|null $lastsOutdoorsHours the same outdoors
     * @param bool $lostInRain outdoors rain undoes it
     * @param bool $leftByWeather rain or dew leaves it on a coat that cannot stand them yet
     * @param list<string> $lostUnder tags of products; under a coat of one it is no more
     * @param bool $allOver true only of what is so on all of a part; a step on some of it does not bring it about
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public float $perHour = 0.0,
        public bool $stopsUnderFilm = false,
        public bool $standsOpen = false,
        public bool $goesOn = false,
        public ?float $offWithinHours = null,
        public ?float $redoneHours = null,
        public array $groups = [],
        public array $lostBy = [],
        public array $lostUnder = [],
        public array $lostUnless = [],
        public ?float $lastsHours = null,
        public ?float $lastsOutdoorsHours = null,
        public bool $lostInRain = false,
        public bool $leftByWeather = false,
        public bool $allOver = false,
    ) {}

    /** The very next step takes it off; water only wants to be gone on with. */
    public function isChemistry(): bool
    {
        return null !== $this->offWithinHours && !$this->goesOn;
    }

    /** How long it counts; null for as long as nothing undoes it. */
    public function lasts(bool $outdoors): ?float
    {
        return $outdoors ? $this->lastsOutdoorsHours ?? $this->lastsHours : $this->lastsHours;
    }
}
