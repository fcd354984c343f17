<?php

declare(strict_types=1);

namespace App\Api\View;

/** What may be wanted of a part, and the films that lead there. */
final readonly class FilmsView
{
    /**
     * @param list<AimView> $aims the likely one first
     * @param list<FilmOption> $films those that fit first
     * @param bool $aimPicked somebody said what is wanted; otherwise it is what the survey makes likely
     * @param bool $filmPicked somebody picked the film; otherwise it is the one that fits best
     * @param string $obstacle why nothing can be planned as things stand; empty where it can
     */
    public function __construct(
        public string $partId,
        public int $number,
        public array $aims,
        public array $films,
        public bool $aimPicked,
        public bool $filmPicked,
        public string $obstacle,
    ) {}
}
