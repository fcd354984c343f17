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
     * @param list<string> $cautions
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
        public array $cautions,
        public string $source,
    ) {
    }
}
