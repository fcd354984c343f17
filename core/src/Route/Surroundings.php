<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Job\Job;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\Quantity\Area;
use Hull\Quantity\Mass;

/** What is around a part: what the workshop is without, what the place holds, and what the part is fixed to. */
final readonly class Surroundings
{
    private const NEAR = [
        'soft' => 'near-soft',
        'plastic' => 'near-soft',
        'wood' => 'near-soft',
        'light-metal' => 'near-light-metal',
        'zinc' => 'near-light-metal',
    ];

    /**
     * @param list<string> $lacks
     * @param array<int|string, float> $facts
     * @param Part|null $same the part that it is treated as
     * @param Area|null $piece of the whole piece where it is a zone or has some: what goes into a tub is all of it
     * @param Mass|null $weight of the part it is a zone of: what is lifted is all of it
     */
    private function __construct(
        public array $lacks,
        public array $facts,
        private ?Part $same = null,
        public ?Area $piece = null,
        public ?Mass $weight = null,
    ) {}

    public static function none(): self
    {
        return new self([], []);
    }

    public function lackingNothing(): self
    {
        return new self([], $this->facts, $this->same, $this->piece, $this->weight);
    }

    /**
     * What nobody decided for the part itself is decided as for the one that it is treated as: what is wanted, answers,
     * and where the two are of one material, film and layers.
     */
    public function like(Part $part): Part
    {
        if (null === $this->same) {
            return $part;
        }
        $alike = $this->same->substrate === $part->substrate && $this->same->services() === $part->services();

        return $part->deciding(
            $part->schools + $this->same->schools,
            $part->aim ?? $this->same->aim,
            $part->film ?? ($alike ? $this->same->film : null),
            [] === $part->layers && $alike ? $this->same->layers : $part->layers,
        );
    }

    public static function of(Catalogue $catalogue, Job $job, Part $part): self
    {
        $facts = [];
        $same = null;
        $piece = null;
        $weight = null;
        $own = $catalogue->substrate($part->substrate);
        foreach ($job->place($part->place)->hazards as $hazard) {
            $facts[$catalogue->hazards[$hazard]->fact] = 1.0;
        }
        foreach ($job->parts as $other) {
            if ($other->id === $part->id) {
                continue;
            }
            $substrate = $catalogue->substrate($other->substrate);
            if ($other->id === $part->zoneOf) {
                $weight = $other->room?->weight;
                $facts += true === $other->room?->isHeavy() ? ['heavy' => 1.0] : [];
            }
            if ($other->piece() === $part->piece()) {
                $piece = Area::squareMetres(($piece ?? $part->area())->m2() + $other->area()->m2());
                $facts['edged'] = 1.0;
                foreach (self::NEAR as $family => $fact) {
                    if ($substrate->isOf([$family]) && !$own->isOf([$family])) {
                        $facts[$fact] = 1.0;
                    }
                }
            }
            $facts += self::liesBeside($part, $other) ? ['edged' => 1.0] : [];
            foreach ($part->links as $link) {
                if ($link->to === $other->id && Relation::SameAs === $link->as) {
                    $same = $other;
                }
                if ($link->to === $other->id && $link->comesOff()) {
                    $facts = [...$facts, ...self::mounted($catalogue, $job, [$part, $link], $other)];
                }
            }
            if ($part->mountedOn === $other->id) {
                if ('none' !== $own->kin && 'none' !== $substrate->kin && $own->kin !== $substrate->kin) {
                    $facts['unlike-metal'] = 1.0;
                }
            }
        }

        if (self::keepsOn($catalogue, $job, $part)) {
            $facts['edged'] = 1.0;
        }

        return new self($job->without, $facts + self::staying($job, $part), $same, $piece, $weight);
    }

    /** Something hangs on it and is worked there, and what is done to it is too little to take that off. */
    private static function keepsOn(Catalogue $catalogue, Job $job, Part $part): bool
    {
        foreach ($job->parts as $other) {
            foreach ($other->links as $link) {
                if ($link->to === $part->id && $link->comesOff() && $other->place === $part->place) {
                    return !self::isWorked($catalogue, $job, $part);
                }
            }
        }

        return false;
    }

    private static function liesBeside(Part $a, Part $b): bool
    {
        $says = static fn(Part $of, Part $to): bool => [] !==
            array_filter($of->links, static fn(Link $l): bool => Relation::Beside === $l->as && $l->to === $to->id);

        return $says($a, $b) || $says($b, $a);
    }

    /**
     * @param array{Part, Link} $held what comes off, and how it hangs
     *
     * @return array<int|string, float> facts of a part that has to come off another
     */
    private static function mounted(Catalogue $catalogue, Job $job, array $held, Part $host): array
    {
        [$part, $link] = $held;
        // A cushion covers a bench and closes nothing.
        $closes = Relation::Covers === $link->as && !$catalogue->substrate($part->substrate)->isOf(['soft']);

        return [
            'mounted' => 1.0,
            ...$link->loaded || $link->as->asksForCure() ? [] : ['light-joint' => 1.0],
            ...$closes ? ['closes-cavity' => 1.0] : [],
            ...Relation::BondedTo === $link->as ? ['glued-joint' => 1.0] : [],
            ...match ($link->as) {
                Relation::StandsOn => ['standing' => 1.0],
                Relation::Inside => [],
                default => ['held' => 1.0],
            },
            ...$part->place !== $host->place ? ['elsewhere' => 1.0] : [],
            ...self::isWorked($catalogue, $job, $host) ? ['host-worked' => 1.0] : [],
        ];
    }

    /** What is wanted of the part that carries it, or of a zone of that, is more than what can be done around it. */
    private static function isWorked(Catalogue $catalogue, Job $job, Part $host): bool
    {
        foreach ($job->parts as $zone) {
            if ($zone->id !== $host->id && $zone->zoneOf !== $host->id) {
                continue;
            }
            try {
                $choice = FilmChoice::of($catalogue, $zone, $job->place($zone->place), new self($job->without, []));
                if (!$choice->chooser->choose($zone->aim, $zone->film)[0]->light) {
                    return true;
                }
            } catch (NoRoute) {
                // Nothing is planned for it, so nothing is done there.
            }
        }

        return false;
    }

    /** @return array<int|string, float> facts of a part that something stays on, or lies beside finished by then */
    private static function staying(Job $job, Part $part): array
    {
        foreach ($job->parts as $other) {
            foreach ($other->links as $link) {
                if ($link->to === $part->id && $link->stays && $link->as->comesOff()) {
                    return ['near-part' => 1.0];
                }
            }
            if ($other->piece() === $part->piece() && ($other->begin ?? '') < ($part->begin ?? '')) {
                return ['near-part' => 1.0];
            }
        }

        return [];
    }
}
