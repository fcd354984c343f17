<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Climate\Air;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Input\Keys;
use Hull\Mix\RatioBy;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Surface\Product;

/**
 * One batch of a product at the bench: its parts, how well they can be dosed, how long it lasts, how many there are.
 */
final readonly class Batch
{
    private const PARTS = ['base', 'hardener', 'thinner'];

    public function __construct(
        private Registry $registry,
        private Product $product,
        private Tools $tools,
        private Air $air,
    ) {}

    public function potLife(): ?Result
    {
        $p = $this->product;

        return null === $p->potLife
            ? null
            : $this->registry->run(
                'mix.pot-life',
                [
                    'reference' => $p->potLife,
                    'referenceTemperature' => Temperature::celsius(20.0),
                    'temperature' => $this->air->temperature,
                    'vessel' => $this->tools->tray ? 'tray' : 'cup',
                ],
                $p->sourceOf('pot_life'),
            );
    }

    /** @param SpreadingRate $coverage by a litre mixed, what is lost taken off */
    public function batches(Volume $need, ?AreaRate $pace, SpreadingRate $coverage): Result
    {
        return $this->registry->run(
            'mix.batches',
            [
                'need' => $need,
                'pace' => $pace,
                'coverage' => $coverage,
                'usable' => $this->potLife()?->quantity('usable', Duration::class),
                'vessel' => $this->tools->vessel,
                'smallest' => $this->smallest()?->quantity('volume', Volume::class),
            ],
            $this->product->sourceOf('pot_life', 'solids', 'dft'),
        );
    }

    /** By volume where the volume ratio is known; with the readings of one scale where every density is. */
    public function parts(Volume $total): ?Result
    {
        $p = $this->product;
        $ratio = $p->proportions()->byVolume;

        return null === $ratio
            ? null
            : $this->registry->run(
                'mix.by-volume',
                [
                    'ratio' => $ratio,
                    'total' => $total,
                    'baseDensity' => $p->baseDensity,
                    'hardenerDensity' => $ratio->isOnePart() ? null : $p->hardenerDensity,
                    'thinnerDensity' => 0.0 === $ratio->thinnerShare ? null : $p->thinnerDensity,
                ],
                $p->sourceOf('ratio', 'density'),
            );
    }

    /** How far off the smallest part of a batch can be on this scale. */
    public function dose(Volume $each): ?Result
    {
        $smallest = self::smallestPart($this->masses($each));

        return null === $smallest
            ? null
            : $this->registry->run(
                'mix.dose-error',
                [
                    'resolution' => $this->tools->step,
                    'dose' => Mass::kilograms($smallest),
                    'tolerance' => $this->product->tolerance,
                ],
                $this->product->sourceOf('tolerance'),
            );
    }

    public function smallest(): ?Result
    {
        $masses = $this->masses(Volume::litres(1.0));
        $smallest = self::smallestPart($masses);
        $whole = array_sum($masses);

        return null === $smallest
            ? null
            : $this->registry->run(
                'mix.smallest-batch',
                [
                    'resolution' => $this->tools->step,
                    'tolerance' => $this->product->tolerance,
                    'share' => Percentage::ratio($smallest / $whole),
                    'density' => Density::kgPerLitre($whole),
                ],
                $this->product->sourceOf('tolerance', 'ratio', 'density'),
            );
    }

    /**
     * What the scale shows after each part, never taring; by the mass ratio where the sheet states one, else from
     * volume and density.
     *
     * @return array<int|string, Mass> in pouring order; empty without densities
     */
    public function readings(Volume $each): array
    {
        $read = 0.0;
        $readings = [];
        foreach ($this->masses($each) as $part => $kg) {
            $part = (string) $part;
            $read += $kg;
            $readings[$part] = Mass::kilograms($read);
        }

        return $readings;
    }

    /** @return array<int|string, float> kilograms of each part */
    private function masses(Volume $total): array
    {
        $parts = $this->parts($total);
        if (null === $parts || $total->litresValue() <= 0.0) {
            return [];
        }
        $masses = [];
        $before = 0.0;
        foreach (self::PARTS as $part) {
            $reading = $parts->outcome->values['scale' . ucfirst($part)] ?? null;
            if (!($reading instanceof Mass)) {
                return [];
            }
            if ($reading->kg() - $before > 1e-9) {
                $masses[$part] = $reading->kg() - $before;
            }
            $before = $reading->kg();
        }

        return $this->asStatedByMass($masses);
    }

    /**
     * @param array<int|string, float> $masses
     *
     * @return array<int|string, float> shared out anew where the sheet states its own ratio by mass beside the one by
     *                                  volume
     */
    private function asStatedByMass(array $masses): array
    {
        $both = $this->product->proportions();
        if (!$both->bothStated || RatioBy::Mass === $both->stated || null === $both->byMass) {
            return $masses;
        }
        $shared = $this->registry->run(
            'mix.by-mass',
            ['ratio' => $both->byMass, 'total' => Mass::kilograms(array_sum($masses))],
            $this->product->sourceOf('other_ratio'),
        );
        foreach (Keys::of($masses) as $part) {
            $masses[$part] = $shared->quantity($part, Mass::class)->kg();
        }

        return $masses;
    }

    /** @param array<int|string, float> $masses */
    private static function smallestPart(array $masses): ?float
    {
        return count($masses) < 2 ? null : min($masses);
    }
}
