<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Aim;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Traits;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;

/** What may be wanted of a surveyed part, and which films lead there; before anything is planned. */
final readonly class FilmChoice
{
    /**
     * @param Part $part with what was decided for it, or for the one that it is treated as
     * @param array<int|string, string> $schools question => answer, every question answered
     */
    private function __construct(
        public Part $part,
        public SurveyFacts $found,
        public Traits $traits,
        public array $schools,
        public SystemChooser $chooser,
        public LayerChoice $layers,
    ) {}

    public static function of(Catalogue $catalogue, Part $part, Place $place, Surroundings $around): self
    {
        $part = $around->like($part);
        $found = SurveyFacts::of($catalogue, $part, $around->facts);
        $traits = new Traits(
            catalogue: $catalogue,
            substrate: $catalogue->substrate($part->substrate),
            facts: $found->facts,
            services: $part->services(),
            finish: $part->finish,
            area: $part->area(),
            damaged: $found->damaged,
            air: $place->air,
            placeKind: $place->kind,
            exposure: $part->exposure,
            method: $part->method,
            lattice: $part->smallOrLattice,
            overhead: $part->overhead,
            lacks: $around->lacks,
            piece: $around->piece,
            weight: $part->room->weight ?? $around->weight,
            absorbs: $catalogue->figures->table('in-sun')->at($part->tone, Percentage::class)->ratioValue(),
        );
        $answers = new Schools($traits, $part->schools);
        $schools = $answers->resolved();

        return new self(
            $part,
            $found,
            $traits,
            $schools,
            new SystemChooser($traits, $schools, $answers->picked(), $catalogue->methods->get($part->method)),
            new LayerChoice($traits),
        );
    }

    /**
     * What is wanted as things stand.
     *
     * @throws NoRoute when nothing leads there
     */
    public function wanted(): Aim
    {
        return $this->chooser->choose($this->part->aim, null)[0];
    }

    /** @return list<array{Aim, string|Message}> each with why it is not open; the likely one first, then open ones */
    public function aims(): array
    {
        try {
            $likely = $this->chooser->choose(null, null)[0]->id;
        } catch (NoRoute) {
            $likely = '';
        }
        $aims = array_map(
            fn(Aim $a): array => [$a, $this->chooser->whyNot($a)],
            array_values($this->traits->catalogue->aims),
        );
        usort(
            $aims,
            static fn(array $a, array $b): int => [$b[0]->id === $likely, '' === $b[1]] <=> [
                $a[0]->id === $likely,
                '' === $a[1],
            ],
        );

        return $aims;
    }

    /** @return list<SystemFit> films made for the material; what fits first, by how well it follows the schools */
    public function films(): array
    {
        try {
            $aim = $this->wanted();
        } catch (NoRoute) {
            $aim = $this->traits->catalogue->aims[$this->part->aim ?? ''] ?? $this->traits->catalogue->usualAim();
        }
        $fits = $this->chooser->fits($aim);
        usort(
            $fits,
            static fn(SystemFit $a, SystemFit $b): int => [$b->fits(), $a->against] <=> [$a->fits(), $b->against],
        );

        return $fits;
    }
}
