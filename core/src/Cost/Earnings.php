<?php

declare(strict_types=1);

namespace Hull\Cost;

use Hull\Quantity\Money;

/** What a job that is bought, restored and sold leaves, and what an hour of work on it earns. */
final readonly class Earnings
{
    /**
     * @param int $left minor units that the sale leaves when all that is bought is paid; below 0 a loss
     * @param int|null $leastHour minor units an hour earns where it takes longest; null where there is no work
     * @param int|null $mostHour where all goes well
     * @param string $verdict beside what an hour is worth; empty where nobody said
     */
    private function __construct(
        public int $left,
        public ?int $leastHour,
        public ?int $mostHour,
        public string $verdict,
    ) {}

    /**
     * sale - bought - materials - fees; an hour: what is left / hours of work, at most and at least.
     *
     * @param Worth $worth of all its parts together
     * @param Money|null $bought what was paid for it; null for nothing
     * @param Money|null $hour what an hour of work is worth
     */
    public static function of(Worth $worth, ?Money $bought, Money $sale, ?Money $hour): self
    {
        $left = $sale->minor - ($bought->minor ?? 0) - $worth->material->minor - $worth->fees->minor;
        $an = static fn(float $hours): ?int => $hours > 0.0 ? (int) round($left / $hours) : null;
        [$slow, $quick] = [$an($worth->mostHours->h()), $an($worth->leastHours->h())];
        // Of a loss, the longer it takes, the less of it falls on each hour.
        [$least, $most] =
            null === $slow || null === $quick ? [$slow, $quick] : [min($slow, $quick), max($slow, $quick)];

        return new self($left, $least, $most, self::verdict($left, $least, $most, $hour?->minor));
    }

    private static function verdict(int $left, ?int $least, ?int $most, ?int $hour): string
    {
        return match (true) {
            $left < 0 => 'it loses money before an hour is paid',
            null === $hour || null === $least || null === $most => '',
            $least >= $hour => 'it pays your hour even where it takes longest',
            $most < $hour => 'it pays less than your hour even if all goes well',
            default => 'it pays your hour if it goes well',
        };
    }
}
