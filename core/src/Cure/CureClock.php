<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Quantity\Duration;

/** A clock that runs from 0 to 1 towards one event, faster when warm. */
final readonly class CureClock
{
    private function __construct(
        private CureRows $rows,
        private CureKind $kind,
        private float $thickness,
        public float $reading,
        private ?Air $lastAir = null,
        private ?float $lastWhole = null,
    ) {}

    /**
     * @param CureKind|null $kind what humidity does to it; null for nothing
     * @param float $thickness factor for a film thicker than the sheet's, 1 or more
     */
    public static function start(CureRows $rows, ?CureKind $kind = null, float $thickness = 1.0): self
    {
        return new self($rows, $kind ?? CureKind::plain(), $thickness, 0.0);
    }

    /** dt / hours(T, RH); stands still where the film does not cure. */
    public function run(Duration $for, Air $air): self
    {
        $whole = $this->whole($air);

        return null === $whole
            ? $this
            : new self($this->rows, $this->kind, $this->thickness, $this->reading + $for->h() / $whole, $air, $whole);
    }

    /** Hours left in constant air; null when it never gets there. */
    public function remainingIn(Air $air): ?Duration
    {
        $whole = $this->whole($air);

        return null === $whole ? null : Duration::hours(max(0.0, 1.0 - $this->reading) * $whole);
    }

    /** Run out, whatever ran it. */
    public function ended(): self
    {
        return new self($this->rows, $this->kind, $this->thickness, max(1.0, $this->reading));
    }

    public function isReached(): bool
    {
        return $this->reading >= 1.0 - 1e-9;
    }

    /** The hour on the axis of the series at which the event is reached; null when that does not happen within it. */
    public function reachedAt(ClimateSeries $series, float $from): ?float
    {
        $reading = $this->reading;
        foreach ($series->stretches($from) as [$hours, $air]) {
            $whole = $this->whole($air);
            if (null !== $whole && $reading + $hours / $whole >= 1.0) {
                return $from + max(0.0, (1.0 - $reading) * $whole);
            }
            $reading += null === $whole ? 0.0 : $hours / $whole;
            $from += $hours;
        }

        return null;
    }

    /** Hours from 0 to 1 in this air; what was worked out for the last air is not worked out again. */
    private function whole(Air $air): ?float
    {
        if ($air === $this->lastAir) {
            return $this->lastWhole;
        }
        $hours = $this->rows->hoursAt($air->temperature);
        $humidity = $this->kind->factor($this->rows, $air);

        return null === $hours || null === $humidity ? null : $hours->h() * $humidity * $this->thickness;
    }
}
