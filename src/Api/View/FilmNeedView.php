<?php

declare(strict_types=1);

namespace App\Api\View;

/** One film of a job: where its paint goes, and whether there is enough. Shares are of the film that takes most. */
final readonly class FilmNeedView
{
    /**
     * @param list<FilmPartView> $parts
     */
    public function __construct(
        public string $product,
        public string $name,
        public string $hatch,
        public int $coats,
        public Value $dft,
        public Value $wft,
        public Value $solids,
        public Value $onPart,
        public Value $swallowed,
        public Value $lost,
        public float $onPartShare,
        public float $swallowedShare,
        public float $lostShare,
        public array $parts,
        public NeedView $need,
    ) {}
}
