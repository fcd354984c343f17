<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What is wanted of a part beside service and finish: coated anew, cleaned, mended in spots, left bare. */
final readonly class Aim
{
    /**
     * @param list<string> $takes aims whose film systems lead there, its own among them
     * @param array<int|string, float|string|list<string>> $onlyWhen what must hold of the part, see Traits
     * @param string $whyNot said where it does not
     * @param list<array<int|string, float|string|list<string>>> $likelyWhen where any of these holds it is likely
     * @param array<int|string, list<string>> $unless answers by hand, by question, after which it is not likely
     * @param array<int|string, string> $answers to school questions that go with it
     * @param array<int|string, float>|null $starts facts of a part made new, in place of the survey; null for surveyed
     * @param list<string> $local tags of steps that are done where something is damaged only
     * @param list<string> $whole tags of products that are laid over the whole part all the same
     * @param bool $light what is mounted on the part may stay on meanwhile
     * @param float $margin share of the damaged area that is worked with it for each part of it, 1 for nothing more
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $takes,
        public array $onlyWhen,
        public string $whyNot,
        public array $likelyWhen,
        public array $unless,
        public array $answers,
        public ?array $starts,
        public array $local,
        public array $whole,
        public float $margin,
        public bool $light = false,
    ) {}

    public function leadsBy(FilmSystem $system): bool
    {
        return [] !== array_intersect($this->takes, $system->aims) &&
            !in_array($this->id, $system->scope->exceptAims, true);
    }

    /**
     * Share of the part that a step is done on, 0 to 1.
     *
     * @param list<string> $productTags of the film the step lays; empty for none
     */
    public function share(Step $step, array $productTags, float $damaged): float
    {
        $local =
            [] !== array_intersect($this->local, $step->tags) && [] === array_intersect($this->whole, $productTags);

        return $local && $damaged > 0.0 ? min(1.0, $damaged * $this->margin) : 1.0;
    }
}
