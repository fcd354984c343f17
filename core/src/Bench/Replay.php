<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Cure\CureClock;
use Hull\Cure\Readiness;
use Hull\Input\Keys;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Interval;
use Hull\Route\Finding;
use Hull\Route\PartContext;
use Hull\Route\RouteCheck;
use Hull\Route\Severity;
use Hull\Route\StepRunner;
use Hull\Surface\Film;
use Hull\Surface\SurfaceState;

/** Replays what was really done, with the times and the air that were logged. */
final readonly class Replay
{
    /** What is found not ready is ready this much later at the soonest, hours. */
    private const SOON_H = 0.25;

    private StepRunner $runner;

    public function __construct(private PartContext $context)
    {
        $this->runner = new StepRunner($context);
    }

    /**
     * @param list<LogEntry> $log as written, corrections included
     * @param float $now hours since 1970 UTC; entries after it do not count yet
     * @param ClimateSeries|null $air of its place, readings and forecast; without it the readings in the log alone
     */
    public function to(
        SurfaceState $surveyed,
        Route $route,
        array $log,
        float $now,
        ?ClimateSeries $air = null,
    ): Replayed {
        $entries = array_values(
            array_filter(Record::effective($log), static fn(LogEntry $e): bool => $e->hour() <= $now + Interval::GRACE),
        );
        $series = $air ?? $this->series($entries);
        $part = $series->ofPart($this->context->warmth());
        $check = new RouteCheck($this->context);
        $state = $surveyed;
        $clock = [] === $entries ? $now : $entries[0]->hour();
        $started = [];
        $finished = [];
        $findings = [];
        $coats = [];
        $notYet = null;
        $ageing = new Ageing($this->context->catalogue(), $this->runner, $series);
        $marks = new WeatherMarks(
            $this->context->catalogue(),
            $series,
            $this->context->warmth(),
            static fn(string $key): string => $check->name($route->find($key) ?? new RouteStep($key, '')),
        );
        foreach ($entries as $entry) {
            $state = $ageing->pass($this->advance($state, $part, $clock, $entry->hour()), $clock, $entry->hour());
            $state = $marks->pass($state, $coats, $clock, $entry->hour());
            $clock = $entry->hour();
            $step = null === $entry->stepKey ? null : $route->find($entry->stepKey);
            if (EntryKind::StillWet === $entry->kind) {
                [$state, $notYet] = [$ageing->stillWet($state, $clock), $clock];
            }
            $clockOf = match ($entry->kind) {
                EntryKind::StillTacky => static fn(Film $f): CureClock => $f->touch,
                EntryKind::StillSoft => static fn(Film $f): CureClock => $f->recoatMin,
                default => null,
            };
            if (null !== $clockOf) {
                [$state, $coats, $started] = $this->setBack($state, $coats, $started, $part, $clock, $clockOf);
                $state = $marks->pass($state, $coats, $coats[count($coats) - 1]->laidAt ?? $clock, $clock);
            }
            if (EntryKind::Unharmed === $entry->kind) {
                $state = $marks->unharmed($state, $coats);
            }
            if (EntryKind::Failed === $entry->kind && null !== $step) {
                unset($finished[$step->key], $started[$step->key]);
                $state = $this->failed($step, $state);
                $ageing->done($state, $state, $clock);
                continue;
            }
            if (null !== $entry->film && null !== $step && isset($finished[$step->key])) {
                $state = self::read($state, $coats, $step->key, $entry->film);
            }
            if (null === $step || isset($finished[$step->key])) {
                continue;
            }
            if (
                EntryKind::Start === $entry->kind ||
                (EntryKind::Finish === $entry->kind && !isset($started[$step->key]))
            ) {
                $started[$step->key] ??= $clock;
                $finished += $this->waitsBefore($step, $route, $clock);
                $state = $this->judge(
                    $step,
                    $this->whereItBegan($state, $coats, $started, $part->airAt($clock)),
                    $state,
                    $check,
                    $findings,
                );
            }
            $ageing->working = EntryKind::Start === $entry->kind;
            if (EntryKind::Finish === $entry->kind) {
                if ($started[$step->key] < $clock) {
                    $state = $this->judge($step, $state, $state, $check, $findings);
                }
                $finished[$step->key] = $clock;
                $before = $state;
                $state = $this->runner->effects($step, $state, null, $entry->film);
                $ageing->done($before, $state, $clock);
                $coats = $this->coats($coats, $step, $state, $part, $clock);
                $state = $marks->pass($state, $coats, $started[$step->key], $clock);
            }
        }
        $state = $ageing->pass($this->advance($state, $part, $clock, $now), $clock, $now);
        $state = $marks->pass($state, $coats, $clock, $now);

        return new Replayed(
            state: $state,
            started: $started,
            finished: $finished,
            coats: $coats,
            findings: [...$findings, ...array_values($marks->findings)],
            series: $series,
            air: $series->airAt($now),
            proofs: $ageing->proofs,
            notYet: $notYet,
            undone: [...Keys::of($ageing->undone), ...$marks->on($state)],
            marked: $marks->on($state),
        );
    }

    /**
     * A coat takes time: it begins where the one below was begun, and ends where that one was ended. So the film below
     * is looked at as it is at either end.
     *
     * @param list<LaidCoat> $coats
     * @param array<int|string, float> $started step key => hour
     */
    private function whereItBegan(SurfaceState $state, array $coats, array $started, Air $air): SurfaceState
    {
        $coat = $coats[count($coats) - 1] ?? null;
        $older = null === $coat ? 0.0 : $coat->laidAt - ($started[$coat->stepKey] ?? $coat->laidAt);
        $top = $state->top();

        return $older <= 0.0 || null === $top ? $state : $state->strip(1)->lay($top->after($older, $air));
    }

    /**
     * What a step needs and does not find, each said once.
     *
     * @param list<Finding> $findings
     *
     * @return SurfaceState with the scars of it
     */
    private function judge(
        RouteStep $step,
        SurfaceState $seen,
        SurfaceState $state,
        RouteCheck $check,
        array &$findings,
    ): SurfaceState {
        foreach ($this->runner->broken($step, $seen) as $need) {
            $said = array_filter(
                $findings,
                static fn(Finding $f): bool => $f->stepKey === $step->key && $f->needId === $need->id,
            );
            if ([] === $said) {
                $findings[] = new Finding(
                    stepKey: $step->key,
                    stepName: $check->name($step),
                    needId: $need->id,
                    says: $need->says,
                    consequence: $need->consequence,
                    source: $need->source,
                    severity: Severity::Broken,
                );
                $state = null === $need->scar ? $state : $state->with($need->scar, 1.0);
            }
        }

        return $state;
    }

    /**
     * The thumb has the word: a film that the sheet has further on than it is counts from so much later as it is late.
     *
     * @param list<LaidCoat> $coats
     * @param array<int|string, float> $started
     * @param \Closure(Film): CureClock $clock the one that has not run out, whatever it says
     *
     * @return array{SurfaceState, list<LaidCoat>, array<int|string, float>}
     */
    private function setBack(
        SurfaceState $state,
        array $coats,
        array $started,
        ClimateSeries $series,
        float $now,
        \Closure $clock,
    ): array {
        $top = $state->top();
        $coat = $coats[count($coats) - 1] ?? null;
        if (null === $top || null === $coat || !$clock($top)->isReached()) {
            return [$state, $coats, $started];
        }
        $fresh = Film::fresh($top->product, $top->thickness, $top->measured);
        [$low, $high] = [$coat->laidAt, $now];
        while ($high - $low > 0.01) {
            $middle = ($low + $high) / 2.0;
            ($clock($fresh)->reachedAt($series, $middle) ?? \INF) > $now + self::SOON_H
                ? ($high = $middle)
                : ($low = $middle);
        }
        $lower = array_slice($coats, 0, -1);
        $below = $state->strip(1);
        $laid = $this->coats($lower, new RouteStep($coat->stepKey, ''), $below->lay($fresh), $series, $high);
        $began = $started[$coat->stepKey] ?? $coat->laidAt;

        return [
            $below->lay($this->advance($below->lay($fresh), $series, $high, $now)->top() ?? $fresh),
            $laid,
            [...$started, $coat->stepKey => $began + $high - $coat->laidAt],
        ];
    }

    /** Undone, and what a fail shows is there still. */
    private function failed(RouteStep $step, SurfaceState $state): SurfaceState
    {
        $catalogue = $this->context->catalogue();
        foreach (array_keys($catalogue->facts) as $fact) {
            $fact = (string) $fact;
            if ($this->runner->effects($step, $state->with($fact, 0.0))->fact($fact) > 0.0) {
                $state = $state->with($fact, 0.0);
            }
        }
        $test = $catalogue->tests[$catalogue->step($step->step)->accept ?? ''] ?? null;
        foreach ($test->shows ?? [] as $fact => $level) {
            $state = $state->with((string) $fact, max($level, $state->fact((string) $fact)));
        }

        return $state;
    }

    /** @param list<LogEntry> $entries */
    private function series(array $entries): ClimateSeries
    {
        $readings = [];
        foreach ($entries as $entry) {
            if (null !== $entry->air) {
                $readings[] = [$entry->hour(), $entry->air];
            }
        }

        return [] === $readings ? ClimateSeries::constant($this->context->air()) : ClimateSeries::of($readings);
    }

    private function advance(SurfaceState $state, ClimateSeries $series, float $from, float $to): SurfaceState
    {
        foreach ($series->stretches($from) as [$hours, $air]) {
            $span = min($hours, $to - $from);
            if ($span <= 0.0) {
                break;
            }
            $state = $this->runner->pass($state, $span, $air);
            $from += $span;
        }

        return $state;
    }

    /** @param list<LaidCoat> $coats on the part, bottom to top, as the films are */
    private static function read(SurfaceState $state, array $coats, string $stepKey, FilmThickness $film): SurfaceState
    {
        foreach ($coats as $number => $coat) {
            if ($coat->stepKey === $stepKey && isset($state->films[$number])) {
                return $state->read($number, $film);
            }
        }

        return $state;
    }

    /**
     * A wait is over when what comes after it begins, written down or not.
     *
     * @return array<int|string, float> step key => hour
     */
    private function waitsBefore(RouteStep $step, Route $route, float $hour): array
    {
        $over = [];
        foreach ($route->steps as $before) {
            if ($before->key === $step->key) {
                return $over;
            }
            $over += $this->context->catalogue()->step($before->step)->isWait() ? [$before->key => $hour] : [];
        }

        return [];
    }

    /**
     * @param list<LaidCoat> $coats
     *
     * @return list<LaidCoat>
     */
    private function coats(array $coats, RouteStep $step, SurfaceState $state, ClimateSeries $series, float $at): array
    {
        $top = $state->top();
        if (count($state->films) <= count($coats) || null === $top) {
            return array_slice($coats, 0, count($state->films));
        }

        return [
            ...$coats,
            new LaidCoat(
                stepKey: $step->key,
                product: $top->product,
                laidAt: $at,
                touchAt: $top->touch->reachedAt($series, $at),
                opensAt: $top->recoatMin->reachedAt($series, $at),
                closesAt: $top->recoatMax?->reachedAt($series, $at),
                neverCloses: null === $top->recoatMax,
                againAt: $top->recoatAgain?->reachedAt($series, $at),
                fullAt: $top->full->reachedAt($series, $at),
                rainSafeAt: $top->ready(Readiness::Rain)->reachedAt($series, $at),
                handleAt: $top->handle->reachedAt($series, $at),
            ),
        ];
    }
}
