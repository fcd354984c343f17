<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Interlock;

/** Remembers which chemicals were about, and says which must not meet the next. */
final class Chemistry
{
    /** @var list<array{float, list<string>, string}> hour, chemicals, step */
    private array $about = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Interlock> that this step, begun at this hour, breaks; the step is remembered with the hours it takes */
    public function meet(RouteStep $routeStep, float $hour, float $handsOn = 0.0): array
    {
        $chemicals = self::of($this->catalogue, $routeStep);
        $broken = [];
        foreach ($this->catalogue->interlocks as $lock) {
            foreach (array_reverse($this->about) as [$at, $earlier, $step]) {
                if (in_array($step, $lock->parting, true) || $hour - $at > $lock->hours) {
                    break;
                }
                if ($lock->isBetween($earlier, $chemicals)) {
                    $broken[] = $lock;
                    break;
                }
            }
        }
        $this->about[] = [$hour + $handsOn, $chemicals, $routeStep->step];

        return $broken;
    }

    /** @return list<string> what a step brings into the bay */
    public static function of(Catalogue $catalogue, RouteStep $routeStep): array
    {
        $step = $catalogue->step($routeStep->step);
        $chemicals = $step->chemicals;
        foreach ($step->uses as $id) {
            $chemicals = [...$chemicals, ...$catalogue->supplies[$id]->chemicals ?? $catalogue->product($id)->chemicals];
        }

        return array_values(array_unique(null === $routeStep->product ? $chemicals : [...$chemicals, ...$catalogue->product($routeStep->product)->chemicals]));
    }
}
