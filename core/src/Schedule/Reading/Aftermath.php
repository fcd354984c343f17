<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\LaidCoat;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Job\RouteStep;
use Hull\Piece\Hanging;
use Hull\Piece\Whereabouts;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Brought;
use Hull\Schedule\Constraint\Finished;

/** What the record of a part has as finished and its neighbours still have to mind. */
final readonly class Aftermath
{
    private Catalogue $catalogue;
    private StepRunner $runner;
    private Whereabouts $where;
    private AirAbout $about;

    /**
     * @param string $id of the part among all parts of the yard
     * @param string $at of its place among all places of the yard
     */
    public function __construct(
        private string $id,
        string $at,
        private Workpiece $piece,
        private Replayed $done,
        Airs $airs,
        ?Hanging $hanging = null,
    ) {
        $this->catalogue = $piece->context->catalogue();
        $this->runner = new StepRunner($piece->context->workable());
        $this->where = new Whereabouts($piece, $at, $hanging);
        $this->about = new AirAbout($piece, $this->runner, $airs);
    }

    /**
     * @param float $now hours since 1970 UTC
     *
     * @return list<Finished>
     */
    public function at(float $now): array
    {
        $found = [];
        foreach ($this->done->finished as $key => $end) {
            $step = $this->piece->route()->find((string) $key);
            $finished = null === $step ? null : $this->finished($step, $end);
            if (null !== $finished && $this->isMinded($finished, $now)) {
                $found[] = $finished;
            }
        }

        return $found;
    }

    private function finished(RouteStep $step, float $end): ?Finished
    {
        $definition = $this->catalogue->step($step->step);
        if ($definition->isWait()) {
            return null;
        }
        $product = $definition->laysFilm ? $this->runner->product($step) : null;
        $coat = $this->coat($step->key);
        $method = null === $product ? '' : $this->piece->method($product)->id;
        $air = $this->about->at($this->where->at($step->key));

        return new Finished(
            new Activity(
                id: $this->id . '/' . $step->key,
                part: $this->id,
                name: sprintf('%s, done on %s', $this->piece->check()->name($step), $this->piece->part->name),
                hours: 0.0,
                place: $air->at,
                floorM2: $this->where->isOff($step->key) ? FloorSpace::of($this->piece->part)->m2() : 0.0,
                wet: null === $product || null === $coat ? null : $air->wet($product, $method),
                opens: !$definition->laysFilm && $definition->worked->opens,
                brought: Brought::by($this->catalogue, $step),
                clearsFor: null === $product ? 0.0 : $air->keptClear($product, $method),
            ),
            $this->done->started[$step->key] ?? $end,
            $end,
            null === $coat ? $end : $coat->touchAt ?? \INF,
        );
    }

    /** A film that was taken off again is wet no more. */
    private function coat(string $step): ?LaidCoat
    {
        foreach ($this->done->coats as $coat) {
            if ($coat->stepKey === $step) {
                return $coat;
            }
        }

        return null;
    }

    private function isMinded(Finished $finished, float $now): bool
    {
        $work = $finished->work;
        $hours = $work->clearsFor;
        foreach ([...$work->brought->first ?? [], ...$work->brought->second ?? []] as $lock) {
            $hours = max($hours, $lock->hours, $lock->secondHours);
        }
        foreach ($work->brought->parts ?? [] as $lock) {
            $hours = max($hours, $lock->hours);
        }

        return $finished->end + ($work->opens ? max(Activity::OPEN_H, $hours) : $hours) > $now || $finished->dry > $now;
    }
}
