<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Climate\Limits;
use Hull\Compute\Source;
use Hull\Cure\CureKind;
use Hull\Mix\Proportions;
use Hull\Mix\RatioBy;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;

/** A product class with the typical figures of its sheets. */
final readonly class Product
{
    private const CAN_L = 0.4;

    /**
     * @param list<string> $tags
     * @param list<Precondition> $needs
     * @param list<Effect> $does what a coat of it changes beside lying there
     * @param list<string> $cautions
     * @param list<string> $requires gear, skills and tastes it needs
     * @param list<string> $chemicals what it is to its neighbours, for the interlocks
     * @param list<string> $packs sizes sold
     * @param int $price minor units per litre
     * @param float $voc g/L as supplied
     * @param string $role film, or filler for one that is spread and sanded
     * @param MixRatio|null $otherRatio the ratio by the other measure, where the sheet gives both
     * @param Percentage $tolerance how far a dose may be off
     * @param list<string> $sheet fields that a sheet of the workshop's own tin gave
     * @param string $thinnerSupply id of the supply it is thinned with
     * @param array<int|string, Texture> $textures it can be laid in, by id
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $example,
        public array $tags,
        public MixRatio $ratio,
        public Percentage $solids,
        public FilmThickness $dft,
        public RatioBy $ratioBy,
        public ?MixRatio $otherRatio,
        public ?Density $baseDensity,
        public ?Density $hardenerDensity,
        public ?Density $thinnerDensity,
        public ?Duration $potLife,
        public Duration $induction,
        public CureKind $cureKind,
        public ?CureSheet $cure,
        public Temperature $least,
        public Temperature $most,
        public RelativeHumidity $leastHumidity,
        public RelativeHumidity $mostHumidity,
        public Dew $dew,
        public string $abradeWith,
        public string $hatch,
        public array $needs,
        public array $does,
        public array $cautions,
        public array $requires,
        public array $chemicals,
        public string $notes,
        public string $cleaner,
        public Shelf $shelf,
        public array $packs,
        public int $price,
        public float $voc,
        public string $role,
        public string $source,
        public Percentage $tolerance,
        public bool $thinAfterInduction,
        public string $thinnerSupply,
        public array $sheet = [],
        public array $textures = [],
    ) {}

    /** Where a figure comes from that rests on these fields: the weakest of them. */
    public function sourceOf(string ...$fields): Source
    {
        return [] !== $fields && [] === array_diff($fields, $this->sheet) ? Source::Sheet : Source::from($this->source);
    }

    public function isAerosol(): bool
    {
        return in_array('aerosol', $this->tags, true);
    }

    /** What one can holds, net: the smallest pack. */
    public function can(): Volume
    {
        $sizes = array_map(static fn(string $p): float => Volume::parse($p)->litresValue(), $this->packs);

        return Volume::litres([] === $sizes ? self::CAN_L : min($sizes));
    }

    public function proportions(): Proportions
    {
        return Proportions::of(
            $this->ratio,
            $this->ratioBy,
            $this->otherRatio,
            $this->baseDensity,
            $this->hardenerDensity,
            $this->thinnerDensity,
        );
    }

    /** The air in which it may be put on. */
    public function limits(): Limits
    {
        $limits = Limits::of($this->least, $this->most, $this->leastHumidity, $this->mostHumidity);

        return Dew::Never === $this->dew ? $limits->withoutDew() : $limits;
    }
}
