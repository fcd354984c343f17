<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Quantity\Interval;

/**
 * When the next coat of a part may start, where each coat takes time and the air changes.
 *
 * Zone i was laid at its own hour, so that it opens and closes at its own hours too; it is reached b_i hours into the
 * next coat. A start must suit every zone: opens_i <= start + b_i < closes_i. Hours on one axis, since 1970 UTC for
 * instance.
 */
final readonly class ZoneSpan
{
    /** A coat is thought of in twelfths, where nobody marked zones; so its sections are of the same points. */
    private const TWELFTHS = 12;
    public const SECTIONS = [2, 3, 4, 6, 12];

    /**
     * @param float|null $earliest null when some zone never opens
     * @param float|null $latest null when no zone ever closes
     * @param int $opening zone that opens last, counted from where it is needed
     * @param int $closing zone that closes first
     */
    private function __construct(
        public ?float $earliest,
        public ?float $latest,
        public int $opening,
        public int $closing,
    ) {}

    /**
     * @param non-empty-list<Zone> $zones
     * @param \Closure(float): ?float $opens hour at which a film laid at an hour takes the next; null for never
     * @param \Closure(float): ?float $closes hour at which it no longer does; null for never
     */
    public static function of(array $zones, \Closure $opens, \Closure $closes): self
    {
        [$earliest, $latest, $opening, $closing] = [-\INF, \INF, 0, 0];
        foreach ($zones as $i => $zone) {
            $from = $opens($zone->laid);
            $until = $closes($zone->laid);
            $from = null === $from ? \INF : $from - $zone->reached;
            $until = null === $until ? \INF : $until - $zone->reached;
            [$earliest, $opening] = $from > $earliest ? [$from, $i] : [$earliest, $opening];
            [$latest, $closing] = $until < $latest ? [$until, $i] : [$latest, $closing];
        }

        return new self(\INF === $earliest ? null : $earliest, \INF === $latest ? null : $latest, $opening, $closing);
    }

    /**
     * A coat as zones evenly along its time, and the same zones in the next one.
     *
     * @return non-empty-list<Zone>
     */
    public static function along(float $start, float $hours, float $nextHours): array
    {
        $zones = [new Zone($start, 0.0)];
        for ($i = 1; $i <= self::TWELFTHS; ++$i) {
            $zones[] = new Zone($start + ($hours * $i) / self::TWELFTHS, ($nextHours * $i) / self::TWELFTHS);
        }

        return $zones;
    }

    /**
     * One of several equal sections, laid with the whole but recoated as a part of its own.
     *
     * @param non-empty-list<Zone> $zones as along() gives them
     * @param int $of one of SECTIONS
     * @param int $k from 0
     *
     * @return non-empty-list<Zone>
     */
    public static function section(array $zones, int $of, int $k): array
    {
        $size = intdiv(self::TWELFTHS, $of);
        $first = $zones[$k * $size] ?? $zones[0];
        $section = [new Zone($first->laid, 0.0)];
        for ($i = 1; $i <= $size; ++$i) {
            $zone = $zones[$k * $size + $i] ?? $first;
            $section[] = new Zone($zone->laid, $zone->reached - $first->reached);
        }

        return $section;
    }

    public function isOpen(): bool
    {
        return null !== $this->earliest &&
            (null === $this->latest || $this->earliest <= $this->latest + Interval::SAME);
    }

    /** Hours between the first and the last start that suit; null without an end. */
    public function slack(): ?float
    {
        return null === $this->latest || null === $this->earliest ? null : max(0.0, $this->latest - $this->earliest);
    }
}
