<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Quantity\Interval;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Objective;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\RainFree;
use Hull\Schedule\Constraint\WetFilm;
use Hull\Schedule\Constraint\Window;
use Hull\Schedule\Constraint\Yard;
use Hull\Tests\Yard as Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A small yard in whole hours with all that makes schedules hard: two people with unlike hours (days, evenings,
 * Saturdays), work that is split over days or done by two, one gun, one pot for alike films, little floor, dust beside
 * wet films, quiet hours, rain and cold hours, windows over windows, a part mounted on another, dates. Hour 0 is a
 * Monday's midnight.
 */
final readonly class HardYard
{
    private const DAYS = 13;
    public const NOW = 7;
    private const WORKS = [
        'days' => [[8, 12], [13, 17]],
        'early' => [[6, 14]],
        'evenings' => [[17, 21]],
    ];
    private const SATURDAY = [[8, 12], [13, 17]];

    public Yard $yard;
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $airs = $this->airs();
        $people = $this->people();
        $work = $this->work($airs, count($people));
        $parts = array_values(array_unique(array_column($work, 'part')));
        $this->yard = new Yard(
            now: (float) self::NOW,
            end: 24.0 * self::DAYS,
            work: $this->mounted($work, $parts),
            people: $people,
            floors: $this->chance(2) ? ['shed' => (float) $this->random->getInt(3, 5)] : [],
            gear: ['gun' => 1],
            dues: $this->chance(3) ? [$parts[0] => 24.0 * $this->random->getInt(2, 5)] : [],
            objective: new Objective(
                day: $this->random->getInt(2, 12) / 1.0,
                good: 2.0,
                visit: $this->random->getInt(0, 3) / 2.0,
                setUp: $this->random->getInt(0, 2) / 4.0,
                turn: $this->random->getInt(0, 2) / 20.0,
            ),
        );
    }

    /** @return non-empty-list<Person> */
    private function people(): array
    {
        $people = [];
        foreach (range(1, $this->random->getInt(1, 2)) as $n) {
            $kind = array_keys(self::WORKS)[$this->random->getInt(0, 2)];
            $saturday = 'evenings' === $kind || $this->chance(3);
            $spans = [];
            $quiet = [];
            for ($day = 0; $day < self::DAYS; ++$day) {
                $of = $day % 7 < 5 ? self::WORKS[$kind] : (5 === $day % 7 && $saturday ? self::SATURDAY : []);
                foreach ($of as [$from, $to]) {
                    $spans[] = new Interval(24.0 * $day + $from, 24.0 * $day + $to);
                }
                $quiet[] = new Interval(24.0 * $day + 20.0, 24.0 * $day + 31.0);
            }
            $people[] = Person::of('person ' . $n, $spans, $quiet);
        }

        return $people;
    }

    /**
     * @param array<string, PlaceAir> $airs
     *
     * @return non-empty-list<Activity>
     */
    private function work(array $airs, int $people): array
    {
        $work = [];
        $left = $this->random->getInt(7, 10);
        for ($p = 1; $left > 0; ++$p) {
            $count = min($left, $this->random->getInt(2, 4));
            $left -= $count;
            $work = [...$work, ...$this->chain('p' . $p, $count, $airs, $people)];
        }

        return [] === $work ? throw new \LogicException('No work.') : $work;
    }

    /**
     * @param array<string, PlaceAir> $airs
     *
     * @return list<Activity>
     */
    private function chain(string $part, int $count, array $airs, int $people): array
    {
        $place = $this->chance(3) ? 'slip' : 'shed';
        $gate = GateLine::of(
            $airs[$place],
            Limits::of(
                Temperature::celsius(8.0),
                Temperature::celsius(35.0),
                RelativeHumidity::percent(0),
                RelativeHumidity::percent(90),
            ),
            new PartWarmth(),
            false,
        );
        $chain = [];
        $coat = $bared = null;
        $floor = (float) $this->random->getInt(1, 2);
        for ($i = 1; $i <= $count; ++$i) {
            $id = "$part.$i";
            $lays = $i > 1 && $this->chance(2);
            $wait = (float) $this->random->getInt(1, 12);
            $lags = null === $coat ? [] : [new Lag($coat, LagTime::hours($wait), 'the film below', $lays)];
            $windows = [];
            if ($lays && null !== $coat) {
                $closes = LagTime::hours($wait + $this->random->getInt(3, 40));
                $windows[] = new Window($coat, $closes, 'its window', true, 1.0);
            }
            if ($lays && null !== $bared) {
                $closes = LagTime::hours((float) $this->random->getInt(2, 24));
                $windows[] = new Window($bared, $closes, 'bare metal', false, 2.0);
            }
            $dusty = !$lays && $this->chance(2);
            $chain[] = new Activity(
                $id,
                $part,
                $id,
                (float) $this->random->getInt(1, 3) + ($lays ? 1.0 : 0.0),
                $place,
                $lays || $this->chance(3),
                noisy: $dusty && $this->chance(3),
                dusty: $dusty,
                people: $people > 1 && $this->chance(7) ? 2 : 1,
                gear: $lays && $this->chance(2) ? ['gun'] : [],
                floorM2: $floor,
                wet: $lays ? new WetFilm($gate, LagTime::hours((float) $this->random->getInt(1, 6))) : null,
                dry: !$lays && $this->chance(3) ? RainFree::in($airs[$place]) : null,
                lags: $lags,
                windows: $windows,
                notBefore: $this->chance(9) ? 24.0 * $this->random->getInt(0, 2) : -\INF,
                because: 'delivered then',
                share: $lays ? 'paint at ' . $place : '',
                setupHours: $lays ? 1.0 : 0.0,
                shareFor: (float) $this->random->getInt(3, 6),
            );
            $bared = $dusty ? $id : ($lays ? null : $bared);
            $coat = $lays ? $id : $coat;
        }

        return $chain;
    }

    /**
     * One part goes on another when that is done.
     *
     * @param non-empty-list<Activity> $work
     * @param list<string> $parts
     *
     * @return non-empty-list<Activity>
     */
    private function mounted(array $work, array $parts): array
    {
        if (count($parts) < 2 || !$this->chance(2)) {
            return $work;
        }
        $done = array_values(array_filter($work, static fn(Activity $a): bool => $a->part === $parts[1]));
        $own = array_values(array_filter($work, static fn(Activity $a): bool => $a->part === $parts[0]));
        $goesOn = $own[count($own) - 1];
        $lag = new Lag(
            $done[count($done) - 1]->id,
            LagTime::hours((float) $this->random->getInt(0, 6)),
            'what it goes on',
        );

        return array_map(static fn(Activity $a): Activity => $a === $goesOn ? $a->after($lag) : $a, $work);
    }

    /** @return array<string, PlaceAir> */
    private function airs(): array
    {
        $hours = [];
        for ($h = 0; $h < 24 * self::DAYS; ++$h) {
            $cold = $h % 24 < $this->random->getInt(5, 9) || 0 === $this->random->getInt(0, 40);
            $hours[] = Weather::of(
                Air::of(Temperature::celsius($cold ? 4.0 : 16.0), RelativeHumidity::percent(50)),
                Speed::metresPerSecond(0.0),
                $this->chance(25) ? 1.0 : 0.0,
            );
        }
        $forecast = Forecast::of(0, $hours, 'made up');
        $places = Catalogue::catalogue()->places;
        $air = [];
        foreach (['shed' => 'outdoors', 'slip' => 'outdoors'] as $place => $kind) {
            $dry = array_map(static fn(Weather $w): Weather => Weather::of($w->air, $w->wind, 0.0), $hours);
            $air[$place] = PlaceAir::of(
                $places[$kind],
                $hours[0]->air,
                'shed' === $place ? Forecast::of(0, $dry, 'made up') : $forecast,
                [],
                0,
                count($hours),
            );
        }

        return $air;
    }

    /** @phpstan-impure */
    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }
}
