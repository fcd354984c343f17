<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Route\Finding;
use Hull\Surface\SurfaceState;

/** What the log says a surface is at one moment. */
final readonly class Replayed
{
    /**
     * @param array<int|string, float> $started step key => hour
     * @param array<int|string, float> $finished step key => hour
     * @param list<LaidCoat> $coats coats still on the part, bottom to top
     * @param list<Finding> $findings needs that were broken when the work was done
     * @param list<string> $undone facts that hours or rain have undone
     * @param float|null $notYet hour at which what was finished last was found not to be over
     * @param list<string> $marked facts that rain or dew has left on a coat, not made good nor found unharmed yet
     * @param array<int|string, float> $proofs fact that holds for hours only => hour since which it is so
     */
    public function __construct(
        public SurfaceState $state,
        public array $started,
        public array $finished,
        public array $coats,
        public array $findings,
        public ClimateSeries $series,
        public Air $air,
        public array $proofs = [],
        public ?float $notYet = null,
        public array $undone = [],
        public array $marked = [],
    ) {}

    /** Key of the step that was finished last; of those at one hour the one written down last. */
    public function last(): ?string
    {
        $last = null;
        foreach ($this->finished as $key => $hour) {
            $last = null === $last || $hour >= $this->finished[$last] ? $key : $last;
        }

        return null === $last ? null : (string) $last;
    }

    /** What rain or dew did to a coat last; null where there is nothing to look at. */
    public function weather(): ?Finding
    {
        $said = array_filter($this->findings, static fn(Finding $f): bool => WeatherMarks::NEED === $f->needId);

        return [] === $this->marked ? null : array_pop($said);
    }
}
