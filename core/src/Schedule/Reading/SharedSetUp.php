<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Mix\PotLife;
use Hull\Surface\Product;

/**
 * What work is set up for, so that alike work after it is set up already, and for how many hours; as the merger has
 * it: one paint, one load, one wash-down, one hand-over.
 */
final readonly class SharedSetUp
{
    private Catalogue $catalogue;

    public function __construct(private Workpiece $piece, private Handling $handling)
    {
        $this->catalogue = $piece->context->catalogue();
    }

    /**
     * @param string $at key of the place in which it is worked, among all places of the yard
     *
     * @return array{string, float} nothing and 0 for work that is set up for itself alone
     */
    public function of(string $at, RouteStep $of, Step $step, ?Product $product): array
    {
        return match (true) {
            null !== $product => [
                $this->piece->context->system->shade($product->id)->key() . '/' . $at,
                null === $product->potLife ? $this->keptGoing('at-hand') : $product->potLife->h() * PotLife::USABLE,
            ],
            $this->handling->isLoad($step) => [$step->id . '/' . $at, $this->keptGoing('oven-load')],
            $step->isMixing() => [implode('/', [$step->id, $this->shadeAhead($of), $at]), $this->keptGoing('in-a-row')],
            $step->goesInARow() => [$step->id . '/' . $at, $this->keptGoing('in-a-row')],
            default => ['', 0.0],
        };
    }

    public function keptGoing(string $what): float
    {
        return $this->catalogue->figures->hours('kept-going', $what);
    }

    /** Which paint, of which colour, it is mixed for. */
    private function shadeAhead(RouteStep $mix): string
    {
        $coat = $this->piece->route()->coatFrom($mix->key)?->product;

        return null === $coat ? '' : $this->piece->context->system->shade($coat)->key();
    }
}
