<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Air;
use Hull\Quantity\Area;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;

/** What is particular about one part and its place: what the arguments of the schools ask about, and speak of. */
final readonly class Traits
{
    public const ASKED = [
        'substrates',
        'not_substrates',
        'services',
        'finishes',
        'places',
        'facts',
        'not_facts',
        'light',
        'area_max',
        'piece_max',
        'area_min',
        'weight_max',
        'weight_min',
        'damage_max',
        'damage_min',
        'temp_max',
        'temp_min',
        'rh_min',
        'rh_max',
        'lacks',
        'has',
        'exposures',
    ];

    /** A fact up to this level is light. */
    private const LIGHT = 1.0;

    /** Of what nobody weighed, from here on it may be too heavy for one, m2. */
    private const LARGE = 0.5;

    /** A figure is at its edge although the arithmetic went a hair past it. */
    private const ROUNDED = 1e-9;

    /**
     * @param array<int|string, float> $facts on the surface as surveyed
     * @param Percentage $damaged share of the area that is rusted, loose or broken
     * @param non-empty-list<string> $services what the part has to stand, the first leading
     * @param string $method id of the way it is painted
     * @param bool $lattice small parts, open frames or lattice
     * @param float $absorbs share of the sun that it takes up, see PartWarmth
     * @param bool $overhead worked from below
     * @param Area|null $piece of the whole piece that it is a zone of, or has zones in; null for its own
     * @param Mass|null $weight null where nobody weighed it: then it counts as light
     * @param list<string> $lacks limits: gear, skills and tastes the workshop does without
     */
    public function __construct(
        public Catalogue $catalogue,
        public Substrate $substrate,
        public array $facts,
        public array $services,
        public string $finish,
        public Area $area,
        public Percentage $damaged,
        public Air $air,
        public string $placeKind,
        public string $exposure,
        public string $method,
        public bool $lattice,
        public array $lacks,
        public float $absorbs = 0.0,
        public ?Area $piece = null,
        public bool $overhead = false,
        public ?Mass $weight = null,
    ) {}

    /** More than one person lifts; what nobody weighed counts by its size. */
    public function mayBeHeavy(): bool
    {
        return ($this->facts['heavy'] ?? 0.0) > 0.0 ||
            (null === $this->weight && ($this->piece ?? $this->area)->m2() >= self::LARGE);
    }

    public function inAir(Air $air): self
    {
        return $this->but($air, $this->method);
    }

    /** @param string $method id of another way to paint it */
    public function paintedBy(string $method): self
    {
        return $this->but($this->air, $method);
    }

    private function but(Air $air, string $method): self
    {
        return new self(
            catalogue: $this->catalogue,
            substrate: $this->substrate,
            facts: $this->facts,
            services: $this->services,
            finish: $this->finish,
            area: $this->area,
            damaged: $this->damaged,
            air: $air,
            placeKind: $this->placeKind,
            exposure: $this->exposure,
            method: $method,
            lattice: $this->lattice,
            lacks: $this->lacks,
            absorbs: $this->absorbs,
            piece: $this->piece,
            overhead: $this->overhead,
            weight: $this->weight,
        );
    }

    /** @param array<int|string, float|string|list<string>> $when all must hold */
    public function hold(array $when): bool
    {
        foreach ($when as $asked => $value) {
            $list = is_array($value) ? $value : [(string) $value];
            $number = is_float($value) ? $value : 0.0;
            $holds = match ($asked) {
                'substrates' => $this->substrate->isOf($list),
                'not_substrates' => !$this->substrate->isOf($list),
                'services' => [] !== array_intersect($this->services, $list),
                'finishes' => in_array($this->finish, $list, true),
                'places' => in_array($this->placeKind, $list, true),
                'exposures' => in_array($this->exposure, $list, true),
                'facts' => [] !== array_filter($list, fn(string $f): bool => ($this->facts[$f] ?? 0.0) > 0.0),
                'not_facts' => [] === array_filter($list, fn(string $f): bool => ($this->facts[$f] ?? 0.0) > 0.0),
                'light' => [] === array_filter($list, fn(string $f): bool => ($this->facts[$f] ?? 0.0) > self::LIGHT),
                'lacks' => [] !== array_intersect($list, $this->lacks),
                'has' => [] === array_intersect($list, $this->lacks),
                'area_max' => $this->area->m2() <= $number + self::ROUNDED,
                'piece_max' => ($this->piece ?? $this->area)->m2() <= $number + self::ROUNDED,
                'area_min' => $this->area->m2() >= $number - self::ROUNDED,
                'weight_max' => ($this->weight?->kg() ?? 0.0) <= $number + self::ROUNDED,
                'weight_min' => ($this->weight?->kg() ?? 0.0) >= $number - self::ROUNDED,
                'damage_max' => 100.0 * $this->damaged->ratioValue() <= $number + self::ROUNDED,
                'damage_min' => 100.0 * $this->damaged->ratioValue() >= $number - self::ROUNDED,
                'temp_max' => $this->air->temperature->c() <= $number + self::ROUNDED,
                'temp_min' => $this->air->temperature->c() >= $number - self::ROUNDED,
                'rh_min' => $this->air->humidity->percentValue() >= $number - self::ROUNDED,
                'rh_max' => $this->air->humidity->percentValue() <= $number + self::ROUNDED,
                default => throw new \LogicException('Nothing is known about "' . $asked . '".'),
            };
            if (!$holds) {
                return false;
            }
        }

        return true;
    }

    /** The words of an argument with this part's own figures in them. */
    public function words(string $says): string
    {
        return strtr($says, [
            '{substrate}' => lcfirst($this->substrate->name),
            '{service}' => implode(
                ' and ',
                array_map(fn(string $s): string => lcfirst($this->catalogue->services[$s]->name), $this->services),
            ),
            '{finish}' => lcfirst($this->catalogue->finishes[$this->finish]->name),
            '{place}' => lcfirst($this->catalogue->places[$this->placeKind]->name),
            '{area}' =>
                $this->area->m2() < 0.01
                    ? sprintf('%.0f cm²', $this->area->m2() * 1e4)
                    : sprintf('%.2g m²', $this->area->m2()),
            '{temperature}' => sprintf('%.0f °C', $this->air->temperature->c()),
            '{humidity}' => sprintf('%.0f %%', $this->air->humidity->percentValue()),
        ]);
    }
}
