<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Covering;
use Hull\Job\Part;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;

/** What a survey found, as facts of the surface: how much of each, and over which share of the part. */
final readonly class SurveyFacts
{
    /** Group of the facts that are mended where they are. */
    private const DAMAGE = 'damage';
    /** Group of the facts that a part made new has as the old one had them: a brake lever stays one. */
    private const NATURE = 'nature';
    /** Too heavy for one person. */
    private const HEAVY = 'heavy';
    /** It does not fit into a bench-top tank. */
    private const LONG = 'long';
    /** Nothing on it is taped. */
    private const ALL_COATED = 'all-coated';
    /** Something begins where the part ends. */
    private const EDGES = ['edged', 'near-part'];

    /**
     * @param array<int|string, float> $facts level by fact
     * @param array<int|string, float> $extents share of the area by fact, 0 to 1
     * @param Percentage $damaged share of the area that is rusted, loose or broken: the sum of what was found, 100 % at
     *                            most (places may overlap, so it is rather too much)
     */
    private function __construct(public array $facts, public array $extents, public Percentage $damaged) {}

    /** @param array<int|string, float> $around facts of the place and of the rest of the piece */
    public static function of(Catalogue $catalogue, Part $part, array $around): self
    {
        $facts = $around;
        $extents = [];
        $damaged = 0.0;
        foreach ($part->conditions as $observed) {
            $levels = $catalogue->conditions[$observed->condition]->grades[$observed->grade]->facts;
            foreach ($levels as $fact => $level) {
                $facts[$fact] = max($facts[$fact] ?? 0.0, $level);
                $extents[$fact] = max($extents[$fact] ?? 0.0, $observed->extent->ratioValue());
            }
            $damages = array_filter(
                array_keys($levels),
                static fn(int|string $f): bool => in_array(self::DAMAGE, $catalogue->facts[$f]->groups, true),
            );
            $damaged += [] === $damages ? 0.0 : $observed->extent->ratioValue();
        }

        if (true === $part->room?->isHeavy()) {
            $facts[self::HEAVY] = max($facts[self::HEAVY] ?? 0.0, 1.0);
        }
        if ($part->longest()->m() > $catalogue->figures->table('holds')->at('tank', Length::class)->m()) {
            $facts[self::LONG] = 1.0;
        }
        foreach ($part->covered as $covered) {
            $covering = $catalogue->coverings[$covered->kind];
            if (null !== $covering->brings && $catalogue->substrate($part->substrate)->isOf($covering->families)) {
                $facts[$covering->brings] = max($facts[$covering->brings] ?? 0.0, 1.0);
            }
        }
        $facts += self::isAllCoated($catalogue, $part, $facts) ? [self::ALL_COATED => 1.0] : [];

        $made = null === $part->aim ? null : $catalogue->aims[$part->aim]->starts;
        if (null !== $made) {
            $nature = array_filter(
                $facts,
                static fn(int|string $f): bool => in_array(self::NATURE, $catalogue->facts[$f]->groups, true),
                \ARRAY_FILTER_USE_KEY,
            );

            return new self([...$around, ...$nature, ...$made], [], Percentage::ratio(0.0));
        }

        return new self($facts, $extents, Percentage::ratio(min(1.0, $damaged)));
    }

    /**
     * Who said what stays bare, and it is nothing, or plugged all of it, has nothing to tape; unless something begins
     * where the part ends.
     *
     * @param array<int|string, float> $facts
     */
    private static function isAllCoated(Catalogue $catalogue, Part $part, array $facts): bool
    {
        foreach ($part->covered as $covered) {
            $covering = $catalogue->coverings[$covered->kind];
            $plugged = 'plug' === $covering->by && $catalogue->substrate($part->substrate)->isOf($covering->families);
            if (!$plugged && Covering::NOTHING !== $covering->by) {
                return false;
            }
        }

        return [] !== $part->covered && [] === array_intersect_key($facts, array_flip(self::EDGES));
    }
}
