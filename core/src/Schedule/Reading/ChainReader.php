<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Climate\PartWarmth;
use Hull\Job\RouteStep;
use Hull\Piece\Hanging;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\Brought;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Surface\Product;
use Hull\Surface\SurfaceState;

/**
 * Reads what is left of a part's route as work to be scheduled: the engine says what each step asks, the air when it
 * is so.
 */
final class ChainReader
{
    /** Nothing is done in less, a second part into the oven included, hours. */
    private const LEAST_H = 0.05;
    private const AGAIN = 0.25;

    private readonly StepRunner $runner;
    private readonly Catalogue $catalogue;
    private readonly PartWarmth $warmth;
    private readonly Whereabouts $where;
    private readonly AirAbout $about;
    private readonly Handling $handling;
    private readonly Onset $onset;
    private readonly FilmTimes $films;
    private readonly Drifts $drifts;
    private readonly LastingFacts $lasting;
    private readonly Residues $residues;
    private readonly SharedSetUp $alike;

    /** @var list<Activity> */
    private array $chain = [];

    /**
     * @param string $id of the part among all parts of the yard
     * @param string $at of its place among all places of the yard
     * @param array<int|string, float> $deliveries hour by key of the shade
     */
    private function __construct(
        private readonly string $id,
        string $at,
        private readonly Workpiece $piece,
        private readonly Replayed $done,
        private readonly Airs $airs,
        private readonly float $now,
        private readonly array $deliveries,
        ?Hanging $hanging,
    ) {
        $this->runner = new StepRunner($piece->context->workable());
        $this->catalogue = $piece->context->catalogue();
        $this->warmth = $piece->context->warmth();
        $this->handling = new Handling($this->catalogue, $this->runner);
        $this->where = new Whereabouts($piece, $at, $hanging, $done->finished);
        $this->about = new AirAbout($piece, $this->runner, $airs);
        $keying = $this->handling->keying();
        $this->onset = new Onset();
        $this->films = new FilmTimes($airs, $this->warmth, $keying, $this->onset, $done);
        $this->drifts = new Drifts($this->runner, $now, $keying, $done->state);
        $this->residues = new Residues($this->catalogue, $this->runner);
        $this->lasting = new LastingFacts($this->catalogue, $this->runner, $done, $now);
        $this->alike = new SharedSetUp($piece, $this->handling);
    }

    /**
     * @param string $at of its place among all places of the yard
     * @param array<int|string, float> $deliveries hour by key of the shade that is not in the store
     * @param Hanging|null $hanging where what it hangs on stands; null for what hangs on nothing
     *
     * @return list<Activity>
     */
    public static function read(
        string $id,
        string $at,
        Workpiece $piece,
        Replayed $done,
        Airs $airs,
        float $now,
        array $deliveries = [],
        ?Hanging $hanging = null,
    ): array {
        return (new self(
            id: $id,
            at: $at,
            piece: $piece,
            done: $done,
            airs: $airs,
            now: $now,
            deliveries: $deliveries,
            hanging: $hanging,
        ))->chain();
    }

    /** The first of them alone, which is what a part does next; null where nothing is left to do. */
    public static function first(
        string $id,
        string $at,
        Workpiece $piece,
        Replayed $done,
        Airs $airs,
        float $now,
        ?Hanging $hanging = null,
    ): ?Activity {
        $reader = new self(
            id: $id,
            at: $at,
            piece: $piece,
            done: $done,
            airs: $airs,
            now: $now,
            deliveries: [],
            hanging: $hanging,
        );

        return $reader->chain(1)[0] ?? null;
    }

    /** @return list<Activity> at least so many of them, if there are */
    private function chain(int $enough = \PHP_INT_MAX): array
    {
        $state = $this->done->state;
        $lies = $this->about->at($this->where->since($this->done->last()));
        $this->stillWorking($lies, $state);
        foreach (Workpiece::remaining($this->piece->route(), $this->done) as $step) {
            if (count($this->chain) >= $enough) {
                break;
            }
            $definition = $this->catalogue->step($step->step);
            if ($definition->isWait()) {
                $this->wait($lies, $definition, $state, $this->runner->apply($step, $state)->state);
            } else {
                $this->work($lies, $step, $definition, $state);
            }
            $lies = $this->about->at($this->where->since($step->key));
            $after = $this->runner->apply($step, $state);
            $this->remember($lies, $step, $state);
            $state = $after->state;
        }

        return $this->chain;
    }

    /** @param StepAir $lies where it lies until then */
    private function work(StepAir $lies, RouteStep $step, Step $definition, SurfaceState $state): void
    {
        $air = $this->about->at($this->where->at($step->key));
        $asks = ProbedLags::of($this->runner, $step, $state);
        $product = $definition->laysFilm ? $this->runner->product($step) : null;
        $hours = $this->runner->work->minutes($definition, $product, $state) / 60.0;
        [$recoat, $notAfter] = $this->films->asked($lies->at, $asks, $state, $definition, $hours);
        [$bare, $bareUntil] = $this->drifts->asked($lies, $asks, $state);
        $notAfter = null === $bareUntil ? $notAfter : min($notAfter ?? \INF, $bareUntil);
        [$lasting, $ends, $again] = $this->lasting->of($lies, $step, $state, $this->id . '/' . $step->key);
        $windows = [...$recoat, ...$bare, ...$this->residues->takenOff($step, $state), ...$lasting];
        $late = null === $notAfter || $definition->worked->unmasks ? 0.0 : $this->handling->keying();
        [$notAfter, $late] = null !== $ends && $ends < ($notAfter ?? \INF) ? [$ends, $again] : [$notAfter, $late];
        $this->deliver($product);
        [$lags, $notBefore, $because] = $this->onset->taken();
        $manner = $this->catalogue->manner($definition);
        $method = null === $product ? $this->piece->part->method : $this->piece->method($product)->id;
        [$share, $shareFor] = $this->alike->of($air->at, $step, $definition, $product);
        $after = $this->runner->effects($step, $state);
        $activity = new Activity(
            id: $this->id . '/' . $step->key,
            part: $this->id,
            name: $this->piece->check()->name($step),
            hours: max(self::LEAST_H, $hours),
            place: $air->at,
            whole: $hours <= $this->catalogue->figures->hours('not-split', 'short-work') ||
                ($manner->whole &&
                    ($definition->laysFilm || $manner->opens || $hours <= $this->alike->keptGoing('in-one-go'))),
            noisy: $manner->noisy,
            dusty: $manner->dusty,
            people: $definition->byFirm ? 0 : $this->runner->work->people($definition),
            gear: $this->handling->gear($definition, $product, $method),
            floorM2: $this->where->isOff($step->key) ? FloorSpace::of($this->piece->part)->m2() : 0.0,
            wet: null === $product ? null : $air->wet($product, $method),
            dry: $manner->dryWeather ? $air->rain($state) : null,
            light: $manner->daylight && !$definition->byFirm ? $this->airs->daylight($air->at) : null,
            band: $this->airs->band($air->at, $manner->air, $this->warmth),
            airHours: $manner->airHours,
            lags: $lags,
            windows: $windows,
            notBefore: $notBefore,
            because: $because,
            notAfter: $notAfter,
            lateHours: $late,
            share: $share,
            setupHours: min(
                $this->runner->work->setUp($definition, $product, $state) / 60.0,
                max(0.0, $hours - self::LEAST_H),
            ),
            shareFor: $shareFor,
            step: $step->step,
            product: $step->product,
            opens: !$definition->laysFilm && $definition->worked->opens,
            bares: !$definition->worked->looks && $this->handling->bares($state, $after),
            covers: $definition->laysFilm || $definition->worked->covers || $this->handling->closes($state, $after),
            forCoat: $definition->worked->forCoat,
            forNext: $definition->worked->forNext,
            brought: Brought::by($this->catalogue, $step),
            clearsFor: null === $product ? 0.0 : $air->keptClear($product, $method),
            attendedFor: $manner->attended ? $definition->takes->waitHours : 0.0,
        );
        $begun = $this->done->started[$step->key] ?? null;
        $this->chain[] =
            null === $begun
                ? $activity
                : $activity->fixedAt(new Begun($begun, max($this->now, $begun + $activity->hours)));
        $this->afterwards($this->about->at($this->where->since($step->key)), $definition, $activity->id, $state);
    }

    private function wait(StepAir $lies, Step $definition, SurfaceState $state, SurfaceState $after): void
    {
        $for = $definition->takes->waitFor;
        if (in_array($for, ['touch', 'recoat', 'handle', 'sand', 'full'], true)) {
            $this->films->wait($lies->at, $after->top(), $for);

            return;
        }
        $last = $this->chain[count($this->chain) - 1] ?? null;
        $passing = $lies->passing($definition, $state) ?? LagTime::hours(0.0);
        $what = 'drying' === $for ? 'the part to dry' : lcfirst($definition->name);
        if (null !== $last) {
            $this->onset->after(new Lag($last->id, $passing, $what));
        } else {
            $since = [] === $this->done->finished ? $this->now : max($this->done->finished);
            $this->onset->notBefore(
                $passing->after($since) ?? \INF,
                Message::of('waits for {what}', what: Message::sentence($what)),
            );
        }
    }

    /** What passes by itself after a step, before the next. */
    private function afterwards(StepAir $lies, Step $definition, string $id, SurfaceState $state): void
    {
        $passing = $lies->passing($definition, $state);
        if (null !== $passing) {
            $this->onset->after(new Lag($id, $passing, StepAir::working($definition)));
        }
    }

    /** What the record has as finished last goes on working until it is over. */
    private function stillWorking(StepAir $lies, SurfaceState $state): void
    {
        $key = $this->done->last();
        $hour = $this->done->finished[$key ?? ''] ?? 0.0;
        $last = null === $key ? null : $this->piece->route()->find($key);
        $definition = null === $last ? null : $this->catalogue->step($last->step);
        $passing = null === $definition || $definition->isWait() ? null : $lies->passing($definition, $state);
        if (null !== $definition && null !== $passing) {
            $over = $passing->after($hour) ?? \INF;
            $again = $this->done->notYet ?? -\INF;
            // Found not over when it should have been: a quarter of it again (estimate).
            $over = $again > $hour ? max($over, $again + self::AGAIN * ($over - $hour)) : $over;
            $this->onset->notBefore($over, Message::of('waits for {what}', what: StepAir::working($definition)));
        }
    }

    /** Which film and which fact come from which work. */
    private function remember(StepAir $lies, RouteStep $step, SurfaceState $before): void
    {
        $definition = $this->catalogue->step($step->step);
        $last = $this->chain[count($this->chain) - 1] ?? null;
        $after = $this->runner->effects($step, $before);
        $this->drifts->remember($step, $definition, $last?->id, $before);
        if (null !== $last && !$definition->isWait()) {
            $this->residues->left($lies, $definition, $last->id, $before, $after);
            $this->lasting->remember($lies, $step, $last->id, $last->hours, $before);
        }
        $this->residues->waited($definition, $before, $after);
        $this->films->remember($definition, $last?->id, $after);
    }

    private function deliver(?Product $product): void
    {
        if (null === $product) {
            return;
        }
        $here = $this->deliveries[$this->piece->context->system->shade($product->id)->key()] ?? -\INF;
        if ($here > $this->now) {
            $this->onset->notBefore(
                $here,
                Message::of('{product} is not in the store and comes then', product: lcfirst($product->name)),
            );
        }
    }
}
