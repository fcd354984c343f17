<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Replayed;
use Hull\Catalog\Catalogue;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\LagTime;
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
    /** What is undone is over for so long, whenever that was, hours. */
    private const OVER_H = 0.01;

    /** @var array<int|string, array{string|null, float, float}> fact => activity or hour of it, hours it took */
    private array $since = [];

    /** @var array<int|string, list<string>> fact => activities that count on it since then */
    private array $counted = [];

    /** @var list<string> facts that are done again before what counts on them */
    private array $undone;

    /**
     * @param Replayed $done what the record has, and what of it hours or rain have undone
     * @param float $now hours since 1970 UTC
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly StepRunner $runner,
        private readonly Replayed $done,
        private readonly float $now,
    ) {
        $this->undone = $done->undone;
        foreach ($done->proofs as $fact => $hour) {
            $this->since[$fact] = [null, $hour, self::AGAIN_H];
        }
    }

    /**
     * @param StepAir $air where it lies from then on
     * @param float $hours of the step
     */
    public function remember(StepAir $air, RouteStep $step, string $activity, float $hours, SurfaceState $before): void
    {
        foreach ($this->catalogue->facts as $id => $fact) {
            if (null === $this->closes($air, $fact)) {
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
     * @param StepAir $air where it lies until then
     * @param string $asking id of the activity that the step becomes
     *
     * @return array{list<Window>, float|null, float} windows; hour by which what the record has ends,
     *                                                   and its price
     */
    public function of(StepAir $air, RouteStep $step, SurfaceState $state, string $asking): array
    {
        $windows = [];
        $notAfter = null;
        $price = 0.0;
        $now = count($this->runner->broken($step, $state));
        $after = $this->runner->effects($step, $state);
        foreach ($this->since as $id => [$activity, $hour, $hours]) {
            $fact = $this->catalogue->facts[$id];
            $closes = $this->closes($air, $fact);
            if (
                null === $closes ||
                $state->fact((string) $id) <= 0.0 ||
                // Tape that is rained on comes off as well.
                (null === $fact->lasts(!$air->sheltered) && $after->fact((string) $id) <= 0.0) ||
                count($this->runner->broken($step, $state->with((string) $id, 0.0))) <= $now
            ) {
                continue;
            }
            $end = null === $activity ? $closes->after($hour) : null;
            if (null !== $activity) {
                $windows[] = new Window(
                    from: $activity,
                    closes: $closes,
                    what: self::words($air, $fact),
                    along: false,
                    hours: $hours,
                    again: $this->counted[$id] ?? [],
                );
                $this->counted[$id][] = $asking;
            } elseif (null !== $end && $end < ($notAfter ?? \INF)) {
                [$notAfter, $price] = [$end, $hours];
            }
        }

        if ($this->isUndoneFor($air, $step, $state, $now)) {
            [$notAfter, $price] = [$this->now - self::OVER_H, max($price, self::AGAIN_H)];
        }

        return [$windows, $notAfter, $price];
    }

    /**
     * Whether it counts on something that is undone: it is done again first, once.
     *
     * @param int $now how much is wrong with it as it is
     */
    private function isUndoneFor(StepAir $air, RouteStep $step, SurfaceState $state, int $now): bool
    {
        $found = false;
        foreach ($this->undone as $id) {
            if (
                null !== $this->closes($air, $this->catalogue->facts[$id]) &&
                $state->fact($id) <= 0.0 &&
                count($this->runner->broken($step, $state->with($id, 1.0))) < $now
            ) {
                $found = true;
                $this->undone = array_values(array_diff($this->undone, [$id]));
            }
        }

        return $found;
    }

    private function closes(StepAir $air, Fact $fact): ?LagTime
    {
        $hours = $fact->lasts(!$air->sheltered);
        $rain = $fact->lostInRain ? $air->rain($this->done->state) : null;

        return null === $hours && (null === $rain || $fact->perHour > 0.0)
            ? null
            : LagTime::hours($hours ?? \INF)->orRain($rain);
    }

    private static function words(StepAir $air, Fact $fact): Message
    {
        $hours = $fact->lasts(!$air->sheltered);

        return null === $hours
            ? Message::of('the time before rain undoes what is {fact}', fact: $fact->name)
            : Message::of('the {hours} h that "{fact}" counts', hours: sprintf('%g', $hours), fact: $fact->name);
    }
}
