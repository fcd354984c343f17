<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Catalog\Traits;
use Hull\Effort\CoatHours;
use Hull\Effort\Pace;
use Hull\Film\Coverage;
use Hull\Film\Loss;
use Hull\Job\Room;
use Hull\Mix\PotLife;
use Hull\Quantity\Area;
use Hull\Quantity\Duration;
use Hull\Quantity\Mass;
use Hull\Quantity\Temperature;
use Hull\Surface\Effect;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/**
 * How much of a part a step is done on, and how long it takes by hand: by what comes off, by how paint is put on, and
 * by extent. Typical of the trade; the yard's own log replaces it.
 */
final class StepWork
{
    /** Tag of the steps that wipe for a coat. */
    private const WIPE = 'last-wipe';
    /** Share of what is worked on that is as good as all of it. */
    private const NEARLY = 0.95;

    private readonly Traits $traits;

    /** @var array<int|string, Area> by step, where neither film nor state changes it */
    private array $areas = [];

    public function __construct(private readonly PartContext $context)
    {
        $this->traits = $context->traits;
    }

    /**
     * What of the part a step is done on: where it has its cause, or where the part is mended at all.
     *
     * @param SurfaceState|null $state it is done in; without it all that was found counts
     */
    public function area(Step $step, ?Product $film = null, ?SurfaceState $state = null): Area
    {
        return null === $film && null === $step->takes->pace
            ? ($this->areas[$step->id] ??= $this->areaOf($step, null, null))
            : $this->areaOf($step, $film, $state);
    }

    private function areaOf(Step $step, ?Product $film, ?SurfaceState $state): Area
    {
        $most = $this->context->areaOf($step, $film)->m2();
        $pace = $step->takes->pace;
        $share =
            null === $pace
                ? $this->widest([] === $step->takes->scalesWith ? [] : self::treated($step))
                : array_sum(array_column($this->shares($pace, $state), 1));

        return Area::squareMetres(min($this->traits->area->m2() * $share, $most));
    }

    /** Hands-on minutes, set-up among them. */
    public function minutes(Step $step, ?Product $film = null, ?SurfaceState $state = null): float
    {
        return $this->setUp($step, $film, $state) + $this->working($step, $film, $state);
    }

    /** Minutes to set up and clean up; none for a further coat of what is in the gun or tray. */
    public function setUp(Step $step, ?Product $film = null, ?SurfaceState $state = null): float
    {
        $pace = null === $film ? null : $this->context->method($film)->pace;
        $before = null === $state ? null : $this->upcoming($state);

        return $this->lifting($step) +
            match (true) {
                null !== $step->takes->pace => $step->takes->pace->setUp,
                null === $pace => $step->takes->setupMin +
                    (null !== $before && in_array(self::WIPE, $step->tags, true) ? $this->ahead($before) : 0.0),
                $this->isAtHand($film, $state), $this->isSetUpBefore($film, $state) => 0.0,
                default => $pace->setUp,
            };
    }

    /**
     * Minutes to set up before a film is laid what there is no time to set up for over it: it closes sooner, as an
     * adhesion promoter does under paint from a gun. Done before the wipe.
     */
    private function ahead(Product $film): float
    {
        $next = $this->over($film);
        $setUp = null === $next ? null : $this->context->method($next)->pace?->setUp;

        return null !== $setUp && $this->closesWithin($film, $setUp) ? $setUp : 0.0;
    }

    private function isSetUpBefore(Product $film, ?SurfaceState $state): bool
    {
        $below = null === $state || FilmPhase::Lapsed === $state->phase() ? null : $state->top()?->product;

        return null !== $below && $this->over($below)?->id === $film->id && $this->ahead($below) > 0.0;
    }

    /** What is laid next by the system of the part. */
    private function upcoming(SurfaceState $state): ?Product
    {
        $top = $state->top()?->product;

        return null === $top ? $this->context->system->layers[0]->product ?? null : $this->over($top);
    }

    /** What the system of the part lays over a film; null where that is nothing. */
    private function over(Product $film): ?Product
    {
        $found = false;
        foreach ($this->context->system->layers as $layer) {
            if ($found && $layer->product->id !== $film->id) {
                return $layer->product;
            }
            $found = $found || $layer->product->id === $film->id;
        }

        return null;
    }

    /** @param float $minutes after the film takes the next coat */
    private function closesWithin(Product $film, float $minutes): bool
    {
        $fresh = Film::fresh($film, $film->dft);
        $opens = $fresh->recoatMin->remainingIn($this->context->air());
        $closes = $fresh->recoatMax?->remainingIn($this->context->air());

        return null !== $opens && null !== $closes && $closes->min() < $opens->min() + $minutes;
    }

    /** What is heavy is lifted by two, and they stay until it lies again. */
    public function people(Step $step): int
    {
        return $step->worked->lifts > 0 && ($this->traits->facts['heavy'] ?? 0.0) > 0.0 ? 2 : 1;
    }

    /** What the step is weighed at when routes are compared, see Effort; a second pair of hands counts as the first. */
    public function effort(Step $step, float $handsOnMin, float $waitHours, ?SurfaceState $state = null): float
    {
        return Effort::of($step, $handsOnMin * $this->people($step), $waitHours, $this->area($step, null, $state));
    }

    /** Minutes that the lifts of a step take beside the work; none for what one person lifts. */
    private function lifting(Step $step): float
    {
        if ($this->people($step) < 2) {
            return 0.0;
        }
        $weight = $this->traits->weight ?? Mass::kilograms(Room::ALONE_KG);
        $each = $this->context->catalogue()->figures->table('lift')->between($weight, Duration::class);

        return $step->worked->lifts * $each->min();
    }

    /** Hands-on minutes beside the set-up. */
    public function working(Step $step, ?Product $film = null, ?SurfaceState $state = null): float
    {
        $pace = $step->takes->pace;
        $area = $this->area($step, $film, $state);
        if (null !== $pace) {
            $shares = $this->shares($pace, $state);
            $all = array_sum(array_column($shares, 1));
            $each = array_map(static fn(array $row): float => $row[0]->typical() * $row[1], $shares);

            return (array_sum($each) / max(1e-9, $all)) * $area->m2();
        }
        $method = null === $film ? null : $this->context->method($film);
        if (null === $method?->pace) {
            return $step->takes->minPerM2 * $area->m2();
        }
        $hours = CoatHours::of(
            method: $method,
            area: $area,
            frames: $this->traits->lattice,
            overhead: $this->traits->overhead,
            firstOnRough: $this->isFirstOnBare($state),
        );

        $worked = 60.0 * (($hours->least->h() + $hours->most->h()) / 2.0 - $hours->setUp->h());

        // Nothing is said of a part that nobody measured yet.
        return $area->m2() > 0.0
            ? max($worked, 60.0 * $this->context->catalogue()->figures->hours('least-time', 'coat'))
            : $worked;
    }

    /** Whether a step is done on all that is worked on, and not only where it has its cause. */
    public function isAllOver(Step $step): bool
    {
        if ([] === $step->takes->scalesWith) {
            return true;
        }
        $damaged = $this->traits->damaged->ratioValue();
        // Mended in spots, their margins are feathered and keyed with them.
        $all = $this->context->aim->share($step, [], $damaged) < 1.0 ? $damaged : 1.0;

        return $this->widest(self::treated($step)) >= self::NEARLY * $all;
    }

    /** @return list<string> the facts it is done for, and whatever else it takes off where it is done */
    private static function treated(Step $step): array
    {
        $off = array_filter($step->does, static fn(Effect $e): bool => $e->takesDown());

        return [...$step->takes->scalesWith, ...array_map(static fn(Effect $e): string => $e->fact, $off)];
    }

    /** @param list<string> $facts the widest of those found counts; all of it where none was */
    private function widest(array $facts): float
    {
        $found = array_intersect_key($this->context->extents, array_flip($facts));

        return max([] === $found ? [1.0] : $found);
    }

    /** @return non-empty-list<array{\Hull\Effort\PaceRow, float}> what comes off with its share of the part, 0 to 1 */
    private function shares(Pace $pace, ?SurfaceState $state): array
    {
        $shares = [];
        $left = 1.0;
        foreach ($pace->rows as $row) {
            $found = array_filter(
                $row->found,
                fn(float $level, int|string $fact): bool => ($this->traits->facts[$fact] ?? 0.0) >= $level,
                \ARRAY_FILTER_USE_BOTH,
            );
            $still = array_filter($row->still, static fn(string $f): bool => ($state?->fact($f) ?? 1.0) > 0.0);
            if ([] !== $found && [] !== $still) {
                $alike = array_filter($shares, static fn(array $s): bool => $s[0]->isOf($row));
                $widest = $this->widest(array_map(strval(...), array_keys($found)));
                $share = min($left, max(0.0, $widest - array_sum(array_column($alike, 1))));
                $shares[] = [$row, $share];
                $left -= $share;
            }
        }

        return [] === $shares ? [[$pace->rows[count($pace->rows) - 1], 1.0]] : $shares;
    }

    /** The film below is the same and takes the next coat while what was mixed or opened for it still runs. */
    private function isAtHand(Product $film, ?SurfaceState $state): bool
    {
        $top = $state?->top();
        if (null === $state || $top?->product->id !== $film->id || FilmPhase::Cured === $state->phase()) {
            return false;
        }
        $wait = Film::fresh($film, $film->dft)->recoatMin->remainingIn($this->context->air());
        $keeps =
            null === $film->potLife
                ? $this->context->catalogue()->figures->hours('kept-going', 'at-hand')
                : $film->potLife->h() * PotLife::USABLE;

        return null !== $wait && $wait->h() <= $keeps;
    }

    /** Whether a coat of it takes longer to mix and to lay than a mix still wets and levels in the air of the place. */
    public function outlastsPot(Step $step, Product $film): bool
    {
        $life =
            null === $film->potLife
                ? null
                : PotLife::at($film->potLife, Temperature::celsius(20.0), $this->context->air()->temperature);

        return null !== $life &&
            $this->mixing($step, $film) + $this->working($step, $film) > $life->min() * PotLife::USABLE;
    }

    /** Minutes to mix what it takes, with what is lost on the way. */
    private function mixing(Step $step, Product $film): float
    {
        $method = $this->context->method($film);
        $lost =
            null === $method->lossPoints ? 0.0 : Loss::typical($method, $this->traits->lattice, false)->ratioValue();
        $rate = Coverage::spreadingRate($film->solids, $film->dft);
        $litres = $this->area($step, $film)->m2() / $rate->m2PerL() / (1.0 - $lost);

        return $litres * 60.0 * $this->context->catalogue()->figures->hours('mixing', 'litre');
    }

    private function isFirstOnBare(?SurfaceState $state): bool
    {
        return null !== $state && [] === $state->films && $this->traits->substrate->isOf(['metal']);
    }
}
