<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Climate\Weather;
use Hull\Input\Keys;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Person;
use Hull\Schedule\Calendar\WorkingHours;
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

/** Made-up yards by seed: parts with coats that wait, close and need their air; people, places, gear. */
final class RandomYard
{
    /** A Monday, 00:00 UTC, in hours since 1970. */
    public const MONDAY = 495_696.0;

    private readonly Randomizer $random;

    private readonly int $crew;

    /** @var array<int|string, PlaceAir> */
    private readonly array $air;

    public function __construct(
        int $seed,
        private readonly int $parts,
        private readonly int $steps,
        private readonly int $days = 21,
        int $crew = 0,
        private readonly int $sheds = 1,
        private readonly float $warmer = 0.0,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->crew = $crew > 0 ? $crew : $this->random->getInt(1, 2);
        $this->air = $this->air();
    }

    public function yard(): Yard
    {
        $work = [];
        for ($p = 1; $p <= $this->parts; ++$p) {
            $work = [...$work, ...$this->chain('p' . $p)];
        }
        $end = self::MONDAY + 24.0 * $this->days;
        $zone = new \DateTimeZone('UTC');
        $quiet = [...WorkingHours::daily(12 * 60, 13 * 60)->between(self::MONDAY, $end, $zone)];
        $crew = [];
        foreach (range(1, $this->crew) as $n) {
            $crew[] = Person::of(
                'person ' . $n,
                WorkingHours::daily(
                    (7 + ($n % 3)) * 60,
                    (16 + ($n % 3)) * 60,
                    'mon',
                    'tue',
                    'wed',
                    'thu',
                    'fri',
                    'sat',
                )->between(self::MONDAY, $end, $zone),
                $quiet,
            );
        }

        return new Yard(
            now: self::MONDAY + 7.0,
            end: $end,
            work: $work,
            people: $crew,
            floors: ['shed' => 6.0],
            gear: ['gun' => $this->sheds],
            dues: $this->chance(2) ? ['p1' => self::MONDAY + 24.0 * 4] : [],
        );
    }

    /** @return list<Activity> */
    private function chain(string $part): array
    {
        $place = Keys::of($this->air)[$this->random->getInt(0, $this->sheds)];
        $cure = RateLine::of(
            (float) $this->air[$place]->from,
            array_map(static fn(float $c): float => max(0.0, ($c - 4.0) / 60.0), $this->air[$place]->celsius),
        );
        $gate = GateLine::of(
            $this->air[$place],
            Limits::of(
                Temperature::celsius(6.0),
                Temperature::celsius(35.0),
                RelativeHumidity::percent(0),
                RelativeHumidity::percent(92),
            ),
            new PartWarmth(0.5),
            true,
        );
        $chain = [];
        $coat = $bared = null;
        for ($i = 1; $i <= $this->steps; ++$i) {
            $id = $part . '.' . $i;
            $lays = $i > 1 && $this->chance(2);
            $hours = $this->random->getInt(2, 16) / 4.0;
            $lags = $windows = [];
            if (null !== $coat) {
                $lags[] = new Lag(
                    $coat,
                    LagTime::on($cure, $this->random->getInt(5, 60) / 60.0),
                    'the film below',
                    $lays,
                );
                if ($lays) {
                    $windows[] = new Window(
                        $coat,
                        LagTime::on($cure, $this->random->getInt(150, 500) / 60.0),
                        'the window of the film below',
                        true,
                        0.5,
                    );
                }
            } elseif (null !== $bared && $lays) {
                $windows[] = new Window(
                    $bared,
                    LagTime::hours((float) $this->random->getInt(8, 30)),
                    'bare metal',
                    false,
                    1.0,
                );
            }
            $dusty = !$lays && $this->chance(2);
            $chain[] = new Activity(
                $id,
                $part,
                'step ' . $i,
                $hours,
                $place,
                $lays || $this->chance(3),
                noisy: $dusty && $this->chance(3),
                dusty: $dusty,
                people: $this->crew > 1 && $this->chance(8) ? 2 : 1,
                gear: $lays ? ['gun'] : [],
                floorM2: (float) $this->random->getInt(1, 3),
                wet: $lays ? new WetFilm($gate, LagTime::on($cure, 0.3)) : null,
                dry: !$lays && $this->chance(4) ? RainFree::in($this->air[$place]) : null,
                lags: $lags,
                windows: $windows,
                notBefore: $this->chance(10) ? self::MONDAY + 24.0 * $this->random->getInt(0, 4) : -\INF,
                because: 'delivered then',
                share: $lays ? 'paint at ' . $place : '',
                setupHours: $lays ? 0.25 : 0.0,
                shareFor: 3.0,
            );
            $bared = $dusty ? $id : $bared;
            [$coat, $bared] = $lays ? [$id, null] : [$coat, $bared];
        }

        return $chain;
    }

    /** @return array<int|string, PlaceAir> */
    private function air(): array
    {
        $hours = [];
        $base = $this->random->getInt(8, 20);
        for ($h = 0; $h < 24 * $this->days; ++$h) {
            $day = sin(((($h % 24) - 9) / 24) * 2 * \M_PI);
            $rain = 0 === intdiv($h, 24) % 3 && $h % 24 >= 14 && $h % 24 < 17 ? 1.0 : 0.0;
            $hours[] = Weather::of(
                Air::of(
                    Temperature::celsius($base + $this->warmer + 5.0 * $day + $this->random->getInt(-10, 10) / 10.0),
                    RelativeHumidity::percent(min(99.0, 72.0 - 18.0 * $day + 10.0 * $rain)),
                ),
                Speed::metresPerSecond($this->random->getInt(0, 50) / 10.0),
                $rain,
            );
        }
        $forecast = Forecast::of((int) self::MONDAY, $hours, 'made up');
        $places = Catalogue::catalogue()->places;
        $kinds = ['shed' => 'unheated-shed', 'slip' => 'outdoors'];
        for ($n = 2; $n <= $this->sheds; ++$n) {
            $kinds['shed ' . $n] = 'unheated-shed';
        }
        $air = [];
        foreach ($kinds as $place => $kind) {
            $air[$place] = PlaceAir::of(
                $places[$kind],
                $hours[0]->air,
                $forecast,
                [],
                (int) self::MONDAY,
                24 * $this->days,
            );
        }

        return $air;
    }

    private function chance(int $oneIn): bool
    {
        return 1 === $this->random->getInt(1, $oneIn);
    }
}
