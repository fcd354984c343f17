<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Catalog\Catalogue;
use Hull\Job\RouteStep;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\RainFree;
use Hull\Schedule\Constraint\Window;
use Hull\Surface\Fact;
use Hull\Surface\SurfaceState;

/**
 * What holds for hours only, or until it rains: the last wipe, the masking. Until when the work that counts on it may
 * begin, and what doing it again takes.
 */
final class LastingFacts
{
    /** Of doing again what the record has, hours (estimate). */
    private const AGAIN_H = 0.25;

    /** @var array<int|string, array{string|null, float, float}> fact => activity or hour of it, hours it took */
    private array $since = [];

    /** @var array<int|string, list<string>> fact => activities that count on it since then */
    private array $counted = [];

    /**
     * @param array<int|string, float> $proofs fact => hour since which the record has it
     * @param RainFree|null $rain null where none gets in
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly StepRunner $runner,
        private readonly bool $outdoors,
        private readonly ?RainFree $rain,
        array $proofs,
    ) {
        foreach ($proofs as $fact => $hour) {
            $this->since[$fact] = [null, $hour, self::AGAIN_H];
        }
    }

    /** @param float $hours of the step */
    public function remember(RouteStep $step, string $activity, float $hours, SurfaceState $before): void
    {
        foreach ($this->catalogue->facts as $id => $fact) {
            if (null === $this->closes($fact)) {
                continue;
            }
            if ($this->runner->effects($step, $before->with((string) $id, 0.0))->fact((string) $id) > 0.0) {
                $this->since[$id] = [$activity, 0.0, $hours];
                unset($this->counted[$id]);
            } elseif ($this->runner->effects($step, $before)->fact((string) $id) <= 0.0) {
                unset($this->since[$id]);
            }
        }
    }

    /**
     * @param string $asking id of the activity that the step becomes
     *
     * @return array{list<Window>, float|null, float} windows; hour by which what the record has ends,
     *                                                   and its price
     */
    public function of(RouteStep $step, SurfaceState $state, string $asking): array
    {
        $windows = [];
        $notAfter = null;
        $price = 0.0;
        $now = count($this->runner->broken($step, $state));
        $after = $this->runner->effects($step, $state);
        foreach ($this->since as $id => [$activity, $hour, $hours]) {
            $fact = $this->catalogue->facts[$id];
            $closes = $this->closes($fact);
            if (
                null === $closes ||
                $state->fact((string) $id) <= 0.0 ||
                // Tape that is rained on comes off as well.
                (null === $fact->lasts($this->outdoors) && $after->fact((string) $id) <= 0.0) ||
                count($this->runner->broken($step, $state->with((string) $id, 0.0))) <= $now
            ) {
                continue;
            }
            $end = null === $activity ? $closes->after($hour) : null;
            if (null !== $activity) {
                $windows[] = new Window(
                    from: $activity,
                    closes: $closes,
                    what: $this->words($fact),
                    along: false,
                    hours: $hours,
                    again: $this->counted[$id] ?? [],
                );
                $this->counted[$id][] = $asking;
            } elseif (null !== $end && $end < ($notAfter ?? \INF)) {
                [$notAfter, $price] = [$end, $hours];
            }
        }

        return [$windows, $notAfter, $price];
    }

    private function closes(Fact $fact): ?LagTime
    {
        $hours = $fact->lasts($this->outdoors);
        $rain = $fact->lostInRain ? $this->rain : null;

        return null === $hours && (null === $rain || $fact->perHour > 0.0)
            ? null
            : LagTime::hours($hours ?? \INF)->orRain($rain);
    }

    private function words(Fact $fact): string
    {
        $hours = $fact->lasts($this->outdoors);

        return null === $hours
            ? sprintf('the time before rain undoes what is %s', $fact->name)
            : sprintf('the %g h that "%s" counts', $hours, $fact->name);
    }
}
