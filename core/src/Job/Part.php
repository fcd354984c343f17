<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Climate\PartWarmth;
use Hull\Quantity\Area;
use Hull\Quantity\Length;
use Hull\Quantity\Money;

/** A part as taken in: what it is, how it is, how large, what it is for, and what was decided and done. */
final readonly class Part
{
    /**
     * @param list<Observed> $conditions
     * @param list<Shape> $shapes
     * @param array<int|string, string> $schools
     * @param list<LogEntry> $log
     * @param string|null $zoneOf id of the part this is a zone of
     * @param string|null $mountedOn id of the part it is taken off from, and goes back on
     * @param Money|null $replacement what another one would cost
     * @param string|null $aim what is wanted of it, an id of the catalogue's aims; null for what is likely
     * @param string|null $film id of the film system picked by hand; null for the one that fits best
     * @param list<string> $also further services it has to stand beside the first
     * @param list<LayerWish> $layers what was decided by hand for layers of its film
     * @param list<Link> $links what ties it to other parts; that it is mounted on one is among them
     * @param Spot|null $spot where on its piece it lies; null where nobody said
     * @param string|null $begin day before which nothing is done on it, as 2027-03-01: the other half of the job
     * @param Room|null $room floor it takes, and its weight; null where nobody said
     * @param list<Covered> $covered what of it stays bare or clean
     * @param bool $overhead worked from below: a chassis on stands, a ceiling
     * @param string $tone how dark it is in the sun, see PartWarmth
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $substrate,
        public array $conditions,
        public array $shapes,
        public string $service,
        public string $finish,
        public string $place,
        public string $method,
        public bool $smallOrLattice,
        public string $exposure,
        public array $schools,
        public ?Route $route,
        public array $log,
        public ?string $zoneOf = null,
        public ?string $mountedOn = null,
        public ?Money $replacement = null,
        public ?string $aim = null,
        public ?string $film = null,
        public array $also = [],
        public array $layers = [],
        public array $links = [],
        public ?Spot $spot = null,
        public array $covered = [],
        public ?Room $room = null,
        public ?string $begin = null,
        public string $tone = PartWarmth::USUAL,
        public bool $overhead = false,
    ) {}

    /** @return non-empty-list<string> what it has to stand, the first leading */
    public function services(): array
    {
        return array_values(array_unique([$this->service, ...$this->also]));
    }

    public function area(): Area
    {
        return Area::squareMetres(array_sum(array_map(static fn(Shape $s): float => $s->area()->m2(), $this->shapes)));
    }

    /** The longest side of any of its shapes; of a strip or lattice all of it together. */
    public function longest(): Length
    {
        return Length::metres(
            max([0.0, ...array_map(static fn(Shape $s): float => $s->longest()->m(), $this->shapes)]),
        );
    }

    /** What was decided by hand for the layer of a product; null where nothing was. */
    public function layer(string $product): ?LayerWish
    {
        foreach ($this->layers as $wish) {
            if ($wish->layer === $product) {
                return $wish;
            }
        }

        return null;
    }

    /** @return list<string> ids of the parts it is a zone of or tied to */
    public function tiedTo(): array
    {
        $to = array_map(static fn(Link $l): string => $l->to, $this->links);

        return null === $this->zoneOf ? $to : [$this->zoneOf, ...$to];
    }

    /** The piece this zone is on; its own id for a part that other zones are on. */
    public function piece(): string
    {
        return $this->zoneOf ?? $this->id;
    }

    /** @param array<int|string, string> $schools */
    public function following(array $schools): self
    {
        return $this->but($schools, null, [], $this->aim, $this->film);
    }

    /**
     * The same part wanted otherwise, not begun yet.
     *
     * @param string|null $aim what is wanted; null for what is likely
     * @param string|null $film the film system picked; null for the one that fits best
     */
    public function wanting(?string $aim, ?string $film): self
    {
        return $this->but($this->schools, null, [], $aim, $film);
    }

    /**
     * The same part with other decisions.
     *
     * @param array<int|string, string> $schools
     * @param list<LayerWish> $layers
     */
    public function deciding(array $schools, ?string $aim, ?string $film, array $layers): self
    {
        return $this->but($schools, $this->route, $this->log, $aim, $film, $layers);
    }

    /** @param string $method id of another way to paint it; its route and record stay */
    public function paintedBy(string $method): self
    {
        return $this->but($this->schools, $this->route, $this->log, $this->aim, $this->film, method: $method);
    }

    /** @param list<LogEntry> $log */
    public function with(?Route $route, array $log): self
    {
        return $this->but($this->schools, $route, $log, $this->aim, $this->film);
    }

    /**
     * @param array<int|string, string> $schools
     * @param list<LogEntry> $log
     * @param list<LayerWish>|null $layers null for its own
     * @param string|null $method null for its own
     */
    private function but(
        array $schools,
        ?Route $route,
        array $log,
        ?string $aim,
        ?string $film,
        ?array $layers = null,
        ?string $method = null,
    ): self {
        return new self(
            id: $this->id,
            name: $this->name,
            substrate: $this->substrate,
            conditions: $this->conditions,
            shapes: $this->shapes,
            service: $this->service,
            finish: $this->finish,
            place: $this->place,
            method: $method ?? $this->method,
            smallOrLattice: $this->smallOrLattice,
            exposure: $this->exposure,
            schools: $schools,
            route: $route,
            log: $log,
            zoneOf: $this->zoneOf,
            mountedOn: $this->mountedOn,
            replacement: $this->replacement,
            aim: $aim,
            film: $film,
            also: $this->also,
            layers: $layers ?? $this->layers,
            links: $this->links,
            spot: $this->spot,
            covered: $this->covered,
            room: $this->room,
            begin: $this->begin,
            tone: $this->tone,
            overhead: $this->overhead,
        );
    }
}
