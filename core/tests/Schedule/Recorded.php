<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Tests\Yard;

/** A frame in a mild bay of which some steps are finished, one every quarter of an hour. */
final readonly class Recorded
{
    public const PLACE = 'here';
    private const FROM = 494_096;
    private const BEGUN_H = 10.0;
    private const EACH_H = 0.25;

    private function __construct(
        public Workpiece $piece,
        public Replayed $done,
        public Airs $airs,
        public float $now,
    ) {}

    /**
     * @param non-empty-list<RouteStep> $steps all that was done
     * @param float $hours since the last of them
     * @param Route|null $route with what is left to do; null for nothing
     */
    public static function frame(array $steps, float $hours, ?Route $route = null): self
    {
        $log = [];
        foreach ($steps as $n => $step) {
            $log[] = new LogEntry(
                id: 'e' . $n,
                kind: EntryKind::Finish,
                stepKey: $step->key,
                at: Instant::at(self::FROM + self::BEGUN_H + self::EACH_H * $n),
                air: null,
                note: '',
                corrects: null,
            );
        }
        $now = self::FROM + self::BEGUN_H + self::EACH_H * (count($steps) - 1) + $hours;
        $airs = self::airs();
        $piece = Yard::workpiece()->routed($route ?? Route::of($steps), $log);
        $done = $piece->replay(Instant::at($now), $airs->at(self::PLACE)->series());

        return new self($piece, $done, $airs, $now);
    }

    /** @return non-empty-list<RouteStep> the frame's own route up to the first of this kind */
    public static function upTo(string $kind): array
    {
        $steps = [];
        foreach (Yard::workpiece()->plan()->steps as $step) {
            $steps[] = $step;
            if ($step->step === $kind) {
                return $steps;
            }
        }
        throw new \LogicException('No ' . $kind . ' in the route.');
    }

    /** The first of this kind in the frame's own route. */
    public static function last(string $kind): RouteStep
    {
        $steps = self::upTo($kind);

        return $steps[count($steps) - 1];
    }

    private static function airs(): Airs
    {
        $mild = Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(50.0));
        $hour = Weather::of($mild, Speed::metresPerSecond(0.0), 0.0);
        $place = PlaceAir::of(
            Yard::catalogue()->places['heated-bay'],
            $mild,
            Forecast::of(self::FROM, array_fill(0, 240, $hour), 'made up'),
            [],
            self::FROM,
            240,
        );

        return new Airs([self::PLACE => $place]);
    }
}
