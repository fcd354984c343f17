<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What may be wanted of a part, and the films that lead there. */
final readonly class FilmsView
{
    /**
     * @param list<AimView> $aims the likely one first
     * @param list<FilmOption> $films those that fit first
     * @param bool $aimPicked somebody said what is wanted; otherwise it is what the survey makes likely
     * @param bool $filmPicked somebody picked the film; otherwise it is the one that fits best
     * @param string|Message $obstacle why nothing can be planned as things stand; empty where it can
     * @param list<FilmLayerView> $layers of the film that is planned, bottom to top
     * @param list<string> $idle what was decided about layers that this film does not have, in words
     * @param bool $layersPicked something was decided by hand about layers
     * @param list<string> $colours that the yard has used or has in store
     */
    public function __construct(
        public string $partId,
        public int $number,
        public array $aims,
        public array $films,
        public bool $aimPicked,
        public bool $filmPicked,
        public string|Message $obstacle,
        public array $layers,
        public array $idle,
        public array $colours,
        public bool $layersPicked,
    ) {}
}
