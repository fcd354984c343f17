<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Catalogue;
use Hull\Climate\ClimateSeries;
use Hull\Quantity\Interval;
use Hull\Quantity\InvalidQuantity;
use Hull\Route\StepRunner;
use Hull\Surface\SurfaceState;

/**
 * What hours and rain do to a surface between two lines of the record: a last wipe grows old, rain wets what lies
 * outdoors and undoes wipe and masking, and the wind dries it again.
 */
final class Ageing
{
    private const WET = 'wet';
    private const AGAIN = 0.5;

    /** @var array<int|string, float> fact that holds for hours only, or until it rains => hour since which it is so */
    public array $proofs = [];

    /** @var array<int|string, true> facts that hours or rain have undone and nothing has made again */
    public array $undone = [];

    /** A step is under way: what it found at its beginning is what it was begun on. */
    public bool $working = false;

    /** The end of the rain that the surface is wet from. */
    private ?float $rained = null;
    private float $share = 1.0;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly StepRunner $runner,
        private readonly ClimateSeries $series,
    ) {}

    /** It was found wet when it should have been dry: half of its drying again from then on (estimate). */
    public function stillWet(SurfaceState $state, float $hour): SurfaceState
    {
        $this->rained = $hour;
        $this->share = self::AGAIN;

        return $state->with(self::WET, max(1.0, $state->fact(self::WET)));
    }

    /** A step was finished. */
    public function done(SurfaceState $before, SurfaceState $after, float $hour): void
    {
        foreach ($this->catalogue->facts as $id => $fact) {
            $level = $after->fact((string) $id);
            if ($level <= 0.0) {
                unset($this->proofs[$id]);
            } elseif (
                $level !== $before->fact((string) $id) &&
                0.0 === $fact->perHour &&
                (null !== $fact->lasts($this->series->outdoors) || $fact->lostInRain)
            ) {
                $this->proofs[$id] = $hour;
                unset($this->undone[$id]);
            }
        }
        $this->working = false;
        if ($after->fact(self::WET) !== $before->fact(self::WET)) {
            $this->rained = null;
            unset($this->undone[self::WET]);
        }
    }

    public function pass(SurfaceState $state, float $from, float $to): SurfaceState
    {
        $rain = $this->series->lastRain($from, $to);
        foreach ($this->proofs as $id => $since) {
            $fact = $this->catalogue->facts[$id];
            $lasts = $fact->lasts($this->series->outdoors);
            if (
                (null !== $lasts && !$this->working && $to - $since > $lasts + Interval::GRACE) ||
                ($fact->lostInRain && null !== $rain)
            ) {
                $state = $state->with((string) $id, 0.0);
                unset($this->proofs[$id]);
                $this->undone[$id] = true;
            }
        }
        if (null !== $rain && (null !== $this->rained || $state->fact(self::WET) <= 0.0)) {
            $this->rained = $rain;
            $this->share = 1.0;
            $this->undone[self::WET] = true;
            $state = $state->with(self::WET, 1.0);
        }
        if (null !== $this->rained && $this->isDry($state, $this->rained, $to)) {
            $this->rained = null;
            unset($this->undone[self::WET]);
            $state = $state->with(self::WET, 0.0);
        }

        return $state;
    }

    private function isDry(SurfaceState $state, float $since, float $now): bool
    {
        $done = 0.0;
        foreach ($this->series->stretches($since) as [$hours, $air]) {
            $span = min($hours, $now - $since);
            if ($span <= 0.0) {
                break;
            }
            $since += $span;
            try {
                $done +=
                    $air->temperature->c() <= 0.0
                        ? 0.0
                        : $span / $this->runner->drying->time($this->runner->exposure($state), $air)->h();
            } catch (InvalidQuantity) {
                continue;
            }
            if ($done >= $this->share) {
                return true;
            }
        }

        return false;
    }
}
