<?php

declare(strict_types=1);

namespace Judge;

/** Holds an order of work against every law. */
final readonly class Judge
{
    /** @var list<Law> */
    public array $laws;

    /** @var list<PieceLaw> of several parts together */
    public array $pieceLaws;

    /** @var list<TimeLaw> of a timetable */
    public array $timeLaws;

    public function __construct()
    {
        $this->timeLaws = [
            new TimeLaws\RainWets(),
            new TimeLaws\SeesWhatItDoes(),
            new TimeLaws\WindowsHold(),
            new TimeLaws\AirSuits(),
            new TimeLaws\DwellRuns(),
            new TimeLaws\DriedSoon(),
            new TimeLaws\ClosesWhatItOpens(),
            new TimeLaws\Together(),
            new TimeLaws\NobodyLeavesItOn(),
            new TimeLaws\PaysForSomething(),
            new TimeLaws\NeighboursInTime(),
            new TimeLaws\WhereItHangs(),
        ];
        $this->laws = [
            new Laws\ChemistryLeaves(),
            new Laws\BegunRight(),
            new Laws\CleanBelow(),
            new Laws\FeedingIsLast(),
            new Laws\LeavesInOrder(),
            new Laws\SeenTo(),
            new Laws\FoodIsBare(),
            new Laws\MixedWhenUsed(),
            new Laws\WipedJustBefore(),
            new Laws\MaskedBetween(),
            new Laws\PlugsInAndOut(),
            new Laws\TestsCanPass(),
            new Laws\WaterOutFirst(),
            new Laws\CoveredInTime(),
            new Laws\FitsAreSpared(),
            new Laws\NoSparkNoHeat(),
            new Laws\LeastThatWorks(),
            new Laws\WorkLasts(),
            new Laws\NothingWithoutCause(),
            new Laws\FilmsGoTogether(),
            new Laws\HoursAndLitres(),
            new Laws\ExtentCounts(),
            new Laws\KeyedAllOver(),
            new Laws\SandedHard(),
            new Laws\BackOnLast(),
        ];
        $this->pieceLaws = [
            new PieceLaws\OffAndOn(),
            new PieceLaws\NeighboursSpared(),
            new PieceLaws\WaxAfterCoats(),
            new PieceLaws\OrderInSpace(),
            new PieceLaws\HandedOverOnce(),
            new PieceLaws\OneGo(),
            new PieceLaws\NothingLeftInside(),
            new PieceLaws\SafetyIsSigned(),
        ];
    }

    /** @return list<Breach> */
    public function together(Piece $piece): array
    {
        return array_merge(
            [],
            ...array_map(static fn(PieceLaw $law): array => $law->breaches($piece), $this->pieceLaws),
        );
    }

    /** @return list<Breach> */
    public function inTime(Timetable $timetable): array
    {
        return array_merge(
            [],
            ...array_map(static fn(TimeLaw $law): array => $law->breaches($timetable), $this->timeLaws),
        );
    }

    /** @return list<Breach> */
    public function breaches(Work $work): array
    {
        return array_merge([], ...array_map(static fn(Law $law): array => $law->breaches($work), $this->laws));
    }
}
