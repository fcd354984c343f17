<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Job\RouteStep;

/** Remembers which chemicals were about, and says which must not meet the next. */
final class Chemistry
{
    /**
     * @var array<int, list<array{float, RouteStep, list<string>}>> interlock => since it was last parted: hour, step,
     *                                                              zones
     */
    private array $about = [];

    /** @var array<int|string, list<string>> step and product => what they bring */
    private array $brought = [];

    public function __construct(private readonly Catalogue $catalogue) {}

    /**
     * @param float $handsOn hours it takes; it is about until they are over
     * @param list<string> $zones it is done on
     *
     * @return list<ChemicalConflict> what this step, begun at this hour, must not meet
     */
    public function meet(RouteStep $routeStep, float $hour, float $handsOn = 0.0, array $zones = []): array
    {
        $met = $this->met($routeStep, $hour, $zones);
        $this->remember($routeStep, $hour + $handsOn, $zones);

        return $met;
    }

    /** @param list<string> $zones it is done on */
    public function remember(RouteStep $routeStep, float $until, array $zones = []): void
    {
        $brought = $this->broughtBy($routeStep);
        foreach ($this->catalogue->interlocks as $number => $lock) {
            if (in_array($routeStep->step, $lock->parting, true)) {
                $this->about[$number] = [];
            }
            if ([] !== array_intersect($lock->first, $brought) || [] !== array_intersect($lock->second, $brought)) {
                $this->about[$number][] = [$until, $routeStep, $zones];
            }
        }
    }

    /**
     * @param list<string> $zones it would be done on
     *
     * @return list<ChemicalConflict> what it would meet, the latest of each kind; nothing is remembered
     */
    public function met(RouteStep $routeStep, float $hour, array $zones = []): array
    {
        $brought = $this->broughtBy($routeStep);
        $met = [];
        foreach ([] === $brought ? [] : $this->about as $number => $about) {
            $lock = $this->catalogue->interlocks[$number];
            for ($i = count($about) - 1; $i >= 0 && $hour - $about[$i][0] <= $lock->hours; --$i) {
                $there = $this->broughtBy($about[$i][1]);
                if ($hour - $about[$i][0] <= $lock->staysFor($there) && $lock->isBetween($there, $brought)) {
                    $met[] = new ChemicalConflict($lock, $about[$i][1], $about[$i][2], $routeStep, $zones);
                    break;
                }
            }
        }

        return $met;
    }

    /** @return list<string> what a step brings into the bay */
    public static function of(Catalogue $catalogue, RouteStep $routeStep): array
    {
        $step = $catalogue->step($routeStep->step);
        $chemicals = $step->chemicals;
        foreach ($step->uses as $id) {
            $chemicals = [
                ...$chemicals,
                ...$catalogue->supplies[$id]->chemicals ?? $catalogue->product($id)->chemicals,
            ];
        }

        return array_values(
            array_unique(
                null === $routeStep->product
                    ? $chemicals
                    : [...$chemicals, ...$catalogue->product($routeStep->product)->chemicals],
            ),
        );
    }

    /** @return list<string> */
    private function broughtBy(RouteStep $routeStep): array
    {
        return $this->brought[$routeStep->step . '/' . $routeStep->product] ??= self::of($this->catalogue, $routeStep);
    }
}
