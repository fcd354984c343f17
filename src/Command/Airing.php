<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\ClimateCsv;
use Hull\Catalog\Catalogue;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\Job;
use Hull\Job\Place;
use Hull\JobFile\Moments;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Reading\Planning;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** The air of a job file's places for the console: from a climate CSV, or as the places are set. */
final readonly class Airing
{
    private const BEFORE_H = 24 * 14;

    public function __construct(private Catalogue $shipped, private Files $files, private ClockInterface $clock) {}

    /** What hull:windows and hull:schedule both ask for. */
    public static function asks(Command $command): Command
    {
        return $command
            ->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')
            ->addOption(
                'climate',
                null,
                InputOption::VALUE_REQUIRED,
                'Weather outdoors as CSV; without it the places stay as they are set',
            )
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'The moment it is, with its offset; now without it')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    public static function option(InputInterface $input, string $name): ?string
    {
        $value = $input->getOption($name);

        return is_string($value) ? $value : null;
    }

    public function read(InputInterface $input): JobInAir
    {
        $path = $input->getArgument('file');
        $job = $this->files->job(is_string($path) ? $path : '');
        $at = self::option($input, 'at');
        $moment = null === $at ? $this->clock->now() : Moments::instant(Node::root(['at' => $at])->field('at'));

        $now = Instant::hour($moment);
        $csv = self::option($input, 'climate');
        $forecast = null === $csv ? null : ClimateCsv::forecast(Files::read($csv), 'climate CSV');
        $made = fn(Place $place, ?Temperature $heat, ?RelativeHumidity $dry): PlaceAir => $this->air(
            $job,
            $place,
            $forecast,
            $now,
            $heat,
            $dry,
        );

        return new JobInAir(
            $this->shipped,
            $job,
            $this->files->plan($job),
            new Airs(array_map(static fn(Place $place): PlaceAir => $made($place, null, null), $job->places)),
            $moment,
            $made,
        );
    }

    /** @param float $now hours since 1970 UTC */
    private function air(
        Job $job,
        Place $place,
        ?Forecast $forecast,
        float $now,
        ?Temperature $heat,
        ?RelativeHumidity $dry,
    ): PlaceAir {
        $readings = [];
        foreach (null === $heat && null === $dry ? $job->parts : [] as $part) {
            foreach ($part->place === $place->id ? $part->log : [] as $entry) {
                if (null !== $entry->air && EntryKind::Correction !== $entry->kind && $entry->hour() <= $now) {
                    $readings[] = [$entry->hour(), $entry->air];
                }
            }
        }
        $from = (int) floor($now) - self::BEFORE_H;
        $kind = $this->shipped->places[$place->kind];

        return PlaceAir::of(
            place: null === $heat ? $kind : $kind->heated(),
            set: null === $heat ? $place->air : Air::of($heat, $place->air->humidity),
            outside: $forecast ??
                Forecast::of($from, [Weather::of($place->air, Speed::metresPerSecond(0.0))], 'as the place is set'),
            readings: $readings,
            from: $from,
            hours: self::BEFORE_H + 24 * (Planning::DAYS + 2),
            dryTo: $dry,
        );
    }
}
