<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\ClimateCsv;
use Hull\Catalog\Catalogue;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Job\EntryKind;
use Hull\Job\Job;
use Hull\Quantity\Speed;
use Hull\Schedule\Airs;
use Hull\Schedule\Planning;

/** The air of a job file's places for the console: from a climate CSV, or as the places are set. */
final readonly class Airing
{
    private const BEFORE_H = 24 * 14;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param float $now hours since 1970 UTC */
    public function of(Job $job, ?string $csv, float $now): Airs
    {
        $forecast = null === $csv ? null : ClimateCsv::forecast(Files::read($csv), 'climate CSV');
        $places = [];
        foreach ($job->places as $id => $place) {
            $readings = [];
            foreach ($job->parts as $part) {
                foreach ($part->place === $id ? $part->log : [] as $entry) {
                    if (null !== $entry->air && EntryKind::Correction !== $entry->kind && $entry->hour() <= $now) {
                        $readings[] = [$entry->hour(), $entry->air];
                    }
                }
            }
            $from = (int) floor($now) - self::BEFORE_H;
            $places[$id] = PlaceAir::of($this->catalogue->places[$place->kind], $place->air, $forecast ?? Forecast::of($from, [Weather::of($place->air, Speed::metresPerSecond(0.0))], 'as the place is set'), $readings, $from, self::BEFORE_H + 24 * (Planning::DAYS + 2));
        }

        return new Airs($places);
    }
}
