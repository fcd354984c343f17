<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Bench\Workpiece;
use Hull\Climate\Enclosure;
use Hull\Climate\GateReason;
use Hull\Climate\Heating;
use Hull\Climate\PlaceAir;
use Hull\Job\Place;
use Hull\Quantity\Area;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\NoRoute;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Search\Scheduler;

/**
 * What would help a block that has no hour, each tried by planning the part alone: heat to, dry to, another place,
 * another film. Nothing is promised that was not tried.
 */
final readonly class Remedies
{
    private const HEAT_C = [10.0, 15.0, 20.0];
    private const DRY_RH = [0.65, 0.5];
    private const MOST_FILMS = 12;
    private const BEST_FILMS = 3;
    /** A garage, where nobody said how large the place is. */
    private const FLOOR_M2 = 18.0;
    private const WARMS_UP_H = 12.0;

    /**
     * @param array<int|string, Place> $places of the yard by key
     * @param \Closure(Place, ?Temperature, ?RelativeHumidity): PlaceAir $air of a place, heated or dried
     * @param array<int|string, float> $floors m2 by place, where somebody said
     */
    public function __construct(
        private Airs $airs,
        private array $places,
        private AlonePart $alone,
        private \Closure $air,
        private float $now,
        private array $floors = [],
    ) {}

    /**
     * What takes more people than there are, or than are ever there together, with somebody to help in the hours of
     * whoever is named first. Nothing where that is no help, or nobody works.
     */
    public static function helped(Yard $yard, Activity $cause): ?Remedy
    {
        $own = $yard->people[0] ?? null;
        if ($cause->people < 2 || null === $own) {
            return null;
        }
        $people = $yard->people;
        for ($n = 1; $n < $cause->people; ++$n) {
            $people[] = Person::like($own, 'a helper ' . $n);
        }
        $schedule = (new Scheduler(1))->plan($yard->with($people));
        $opened = $schedule->placed[$cause->id] ?? null;
        $hours = array_sum(
            array_map(static fn(Activity $a): float => $a->people > 1 ? $a->hours : 0.0, $yard->activities),
        );

        return null === $opened ? null : new Remedy(Remedy::HELPER, $hours, $opened->start, $schedule->finish());
    }

    /**
     * @param string $at key of its place
     * @param Lost $lost what has no hour, in its place or where it hangs
     * @param iterable<Workpiece> $films the same part with other films, likely ones first
     *
     * @return list<Remedy> soonest done first
     */
    public function of(Workpiece $piece, string $at, Lost $lost, iterable $films): array
    {
        $found = [];
        $cause = $lost->cause;
        $there = $lost->at;
        $reasons = $lost->closed->reasons ?? [];
        $place = $this->places[$there] ?? $piece->place;
        $sheltered = $piece->context->catalogue()->places[$place->kind]->sheltered;
        if ($sheltered && self::isOneOf($reasons, GateReason::Cold, GateReason::Dew, GateReason::DewSoon)) {
            $heated = $this->first(
                self::HEAT_C,
                Remedy::HEAT,
                fn(float $c): Airs => $this->airs->with($there, ($this->air)($place, Temperature::celsius($c), null)),
                $piece,
                $at,
                $cause,
            );
            $found[] = null === $heated ? null : $this->costed($heated, $piece, $there);
        }
        if ($sheltered && self::isOneOf($reasons, GateReason::Damp, GateReason::Dew, GateReason::DewSoon)) {
            $found[] = $this->first(
                self::DRY_RH,
                Remedy::DRY,
                fn(float $rh): Airs => $this->airs->with(
                    $there,
                    ($this->air)($place, null, RelativeHumidity::ratio($rh)),
                ),
                $piece,
                $at,
                $cause,
            );
        }
        if (!$sheltered) {
            // Out of sun, rain and wind, under what can be put up where it stands.
            $isCover = static fn(Enclosure $e): bool => $e->putUp;
            $found[] = $this->made($isCover, Remedy::COVER, $piece, $place, $at, $lost);
        }
        if (!$sheltered && self::isOneOf($reasons, GateReason::Dark)) {
            $isLit = static fn(Enclosure $e): bool => $e->lit && !$e->sheltered && !$e->putUp;
            $found[] = $this->made($isLit, Remedy::LAMPS, $piece, $place, $at, $lost);
        }
        // What is done where it hangs is done there, wherever the part is worked.
        foreach ($at === $there ? $this->places : [] as $key => $other) {
            if ((string) $key !== $at && [] === array_diff($other->hazards, $place->hazards)) {
                $found[] = $this->tried(
                    $piece->in($other),
                    (string) $key,
                    $this->airs,
                    $cause,
                    Remedy::PLACE,
                    $other->name,
                );
            }
        }

        return self::soonest([...$found, ...$this->films($films, $at)]);
    }

    /**
     * Its place, or that of what it hangs on, made into one of another kind, where it stands.
     *
     * @param \Closure(Enclosure): bool $isMeant
     */
    private function made(
        \Closure $isMeant,
        string $how,
        Workpiece $piece,
        Place $place,
        string $at,
        Lost $lost,
    ): ?Remedy {
        foreach (array_filter($piece->context->catalogue()->places, $isMeant) as $kind => $enclosure) {
            $made = new Place($place->id, $place->name, (string) $kind, $place->air, $place->hazards);
            $airs = $this->airs->with($lost->at, ($this->air)($made, null, null));
            $there = $at === $lost->at ? $piece->in($made) : $piece;
            $found = $this->tried($there, $at, $airs, $lost->cause, $how, $enclosure->name);
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    /**
     * What takes longer in one go than anybody is at work, put on in other ways that the workshop has the gear for.
     *
     * @param string $cause id of the activity that is too long
     *
     * @return list<Remedy> soonest done first
     */
    public function quicker(Workpiece $piece, string $at, string $cause): array
    {
        $id = $piece->route()->find(substr((string) strrchr($cause, '/'), 1))?->product;
        if (null === $id) {
            return [];
        }
        $product = $piece->context->product($id);
        $methods = $piece->context->catalogue()->methods;
        $found = [];
        foreach ($methods->offered() as $way) {
            $method = $methods->get($way);
            if (
                $way !== $piece->part->method &&
                $methods->for($product->tags, [$way], $product->requires) === $method &&
                [] === array_intersect($method->gear, $piece->context->traits->lacks)
            ) {
                $found[] = $this->tried(
                    $piece->paintedBy($way),
                    $at,
                    $this->airs,
                    $cause,
                    Remedy::METHOD,
                    $method->name,
                );
            }
        }

        return self::soonest($found);
    }

    /**
     * @param list<Remedy|null> $found
     *
     * @return list<Remedy>
     */
    private static function soonest(array $found): array
    {
        $found = array_values(array_filter($found, static fn(?Remedy $r): bool => null !== $r));
        usort($found, static fn(Remedy $a, Remedy $b): int => $a->finish <=> $b->finish);

        return $found;
    }

    /** With the heat that it takes from half a day before until the part is done. */
    private function costed(Remedy $heat, Workpiece $piece, string $at): Remedy
    {
        $place = $this->places[$at] ?? $piece->place;
        $floor = $this->floors[$at] ?? self::FLOOR_M2;

        return new Remedy(
            how: $heat->how,
            what: $heat->what,
            opens: $heat->opens,
            finish: $heat->finish,
            kwh: Heating::kwh(
                place: $piece->context->catalogue()->places[$place->kind],
                floor: Area::squareMetres($floor),
                as: $this->airs->at($at),
                heated: ($this->air)($place, Temperature::celsius((float) $heat->what), null),
                from: $heat->opens - self::WARMS_UP_H,
                to: $heat->finish,
            ),
            floorM2: $floor,
        );
    }

    /** @param list<GateReason> $reasons */
    private static function isOneOf(array $reasons, GateReason ...$of): bool
    {
        foreach ($reasons as $reason) {
            if (in_array($reason, $of, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param iterable<Workpiece> $films
     *
     * @return list<Remedy>
     */
    private function films(iterable $films, string $at): array
    {
        $found = [];
        $tried = 0;
        foreach ($films as $piece) {
            if (++$tried > self::MOST_FILMS) {
                break;
            }
            try {
                $found[] = $this->tried(
                    $piece->routed($piece->plan()),
                    $at,
                    $this->airs,
                    null,
                    Remedy::FILM,
                    $piece->context->system->name,
                );
            } catch (NoRoute) {
                continue;
            }
        }

        return array_slice(self::soonest($found), 0, self::BEST_FILMS);
    }

    /**
     * The least of several that helps.
     *
     * @param list<float> $amounts
     * @param \Closure(float): Airs $airs
     */
    private function first(
        array $amounts,
        string $how,
        \Closure $airs,
        Workpiece $piece,
        string $at,
        string $cause,
    ): ?Remedy {
        foreach ($amounts as $amount) {
            $found = $this->tried($piece, $at, $airs($amount), $cause, $how, $amount);
            if (null !== $found) {
                return $found;
            }
        }

        return null;
    }

    /** @param string|null $cause null: the first coat */
    private function tried(
        Workpiece $piece,
        string $at,
        Airs $airs,
        ?string $cause,
        string $how,
        string|float $what,
    ): ?Remedy {
        $tried = $this->alone->tried($piece, $at, $airs, $cause, $this->now);

        return null === $tried ? null : new Remedy($how, $what, $tried->from, $tried->to);
    }
}
