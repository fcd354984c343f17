<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Compute\Registry;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Quantity\Duration;
use Hull\Quantity\Temperature;
use Hull\Surface\Product;

/** A batch as it was mixed, by the record: when it may be used, and until when. Hours since 1970 UTC. */
final readonly class Pot
{
    private function __construct(
        public string $stepKey,
        public int $batch,
        public float $mixedAt,
        public float $readyAt,
        public float $usableUntil,
    ) {}

    /**
     * The last batch mixed for a coat that is not finished yet; null when there is none, or it has no pot life.
     *
     * @param list<LogEntry> $log as it counts
     */
    public static function of(string $stepKey, Product $product, Replayed $replayed, array $log): ?self
    {
        $mixed = array_values(
            array_filter(
                $log,
                static fn(LogEntry $e): bool => EntryKind::Mixed === $e->kind && $e->stepKey === $stepKey,
            ),
        );
        if ([] === $mixed || null === $product->potLife || isset($replayed->finished[$stepKey])) {
            return null;
        }
        $at = $mixed[count($mixed) - 1]->hour();
        $life = Registry::standard()->run('mix.pot-life', [
            'reference' => $product->potLife,
            'referenceTemperature' => Temperature::celsius(20.0),
            'temperature' => $replayed->series->airAt($at)->temperature,
        ]);

        return new self(
            $stepKey,
            count($mixed),
            $at,
            $at + $product->induction->h(),
            $at + $life->quantity('usable', Duration::class)->h(),
        );
    }
}
