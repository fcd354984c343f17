<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** A product class with the typical figures of its sheets. */
final readonly class Product
{
    /**
     * @param list<string> $tags
     * @param list<Need>   $needs
     * @param list<Effect> $does      what a coat of it changes beside lying there
     * @param list<string> $cautions
     * @param list<string> $requires  gear, skills and tastes it needs
     * @param list<string> $chemicals what it is to its neighbours, for the interlocks
     * @param list<string> $packs     sizes sold
     * @param int          $price     minor units per litre
     * @param float        $voc       g/L as supplied
     * @param string       $role      film, or filler for one that is spread and sanded
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $example,
        public array $tags,
        public MixRatio $ratio,
        public Percentage $solids,
        public FilmThickness $dft,
        public Density $baseDensity,
        public Density $hardenerDensity,
        public Density $thinnerDensity,
        public ?Duration $potLife,
        public Duration $induction,
        public string $cureKind,
        public ?CureSheet $cure,
        public Temperature $least,
        public Temperature $most,
        public RelativeHumidity $leastHumidity,
        public RelativeHumidity $mostHumidity,
        public string $abradeWith,
        public string $hatch,
        public array $needs,
        public array $does,
        public array $cautions,
        public array $requires,
        public array $chemicals,
        public string $notes,
        public string $cleaner,
        public string $shelf,
        public array $packs,
        public int $price,
        public float $voc,
        public string $role,
        public string $source,
    ) {
    }
}
