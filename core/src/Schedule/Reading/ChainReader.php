<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Climate\PartWarmth;
use Hull\Cure\CureFactor;
use Hull\Cure\Readiness;
use Hull\Cure\ZoneSpan;
use Hull\Job\RouteStep;
use Hull\Mix\PotLife;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Begun;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;
use Hull\Surface\Shade;
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
    private readonly LastingFacts $lasting;
    private readonly PartWarmth $warmth;
    private readonly StepAir $air;
    private readonly Handling $handling;
    private readonly Residues $residues;
    private readonly bool $sheltered;

    /** @var list<Activity> */
    private array $chain = [];

    /** @var list<Lag> */
    private array $lags = [];

    /**
     * @var list<array{string|null, float, float}|null> of each film on the part: activity, or when it was laid from
     *                                                  and to; null for one an oven cured
     */
    private array $films = [];

    /**
     * @var array<int|string, array{string|null, float}> fact => activity that brought it and the level then, or now
     *                                                   and the level now
     */
    private array $since = [];

    private float $notBefore = -\INF;
    private string $because = '';

    /**
     * @param string $id of the part among all parts of the yard
     * @param string $at of its place among all places of the yard
     * @param array<int|string, float> $deliveries hour by key of the shade
     */
    private function __construct(
        private readonly string $id,
        private readonly string $at,
        private readonly Workpiece $piece,
        private readonly Replayed $done,
        private readonly Airs $airs,
        private readonly float $now,
        private readonly array $deliveries,
    ) {
        $this->runner = new StepRunner($piece->context->workable());
        $this->catalogue = $piece->context->catalogue();
        $this->warmth = $piece->context->warmth();
        $this->sheltered = $this->catalogue->places[$piece->place->kind]->sheltered ?? true;
        $this->handling = new Handling($this->catalogue, $this->runner);
        $this->air = new StepAir(
            catalogue: $this->catalogue,
            runner: $this->runner,
            airs: $airs,
            at: $at,
            warmth: $this->warmth,
            sheltered: $this->sheltered,
        );
        $this->residues = new Residues($this->catalogue, $this->runner, $this->air);
        $this->lasting = new LastingFacts(
            $this->catalogue,
            $this->runner,
            !$this->sheltered,
            $this->air->rain($done->state),
            $done->proofs,
        );
    }

    /**
     * @param array<int|string, float> $deliveries hour by key of the shade that is not in the store
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
    ): array {
        return (new self(
            id: $id,
            at: $at,
            piece: $piece,
            done: $done,
            airs: $airs,
            now: $now,
            deliveries: $deliveries,
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
    ): ?Activity {
        $reader = new self(id: $id, at: $at, piece: $piece, done: $done, airs: $airs, now: $now, deliveries: []);

        return $reader->chain(1)[0] ?? null;
    }

    /** @return list<Activity> at least so many of them, if there are */
    private function chain(int $enough = \PHP_INT_MAX): array
    {
        $state = $this->done->state;
        foreach (array_slice($this->done->coats, -count($state->films)) as $coat) {
            $this->films[] = [null, $this->done->started[$coat->stepKey] ?? $coat->laidAt, $coat->laidAt];
        }
        foreach ($this->runner->drifts() as $fact) {
            $this->since[$fact] = [null, $state->fact($fact)];
        }
        $this->stillWorking($state);
        foreach (Workpiece::remaining($this->piece->route(), $this->done) as $step) {
            if (count($this->chain) >= $enough) {
                break;
            }
            $definition = $this->catalogue->step($step->step);
            if ($definition->isWait()) {
                $this->wait($definition, $state, $this->runner->apply($step, $state)->state);
            } else {
                $this->work($step, $definition, $state);
            }
            $after = $this->runner->apply($step, $state);
            $this->remember($step, $state);
            $state = $after->state;
        }

        return $this->chain;
    }

    private function work(RouteStep $step, Step $definition, SurfaceState $state): void
    {
        $asks = ProbedLags::of($this->runner, $step, $state);
        $windows = [];
        $notAfter = null;
        $product = $definition->laysFilm ? $this->runner->product($step) : null;
        $hours = $this->runner->work->minutes($definition, $product, $state) / 60.0;
        if (null !== $asks->from || $asks->ends) {
            [$windows, $notAfter] = $this->film($asks, $state, $definition, $hours);
        }
        foreach ($asks->hours as $fact => $most) {
            [$from, $level] = $this->since[$fact];
            if (null === $from) {
                $notAfter = min($notAfter ?? \INF, $this->now + max(0.0, $most - $level));
            } else {
                $windows[] = new Window(
                    $from,
                    LagTime::hours(max(0.0, $most - $level))->orRain($this->air->rain($state)),
                    sprintf('%d hours of bare metal', (int) round($most)),
                    false,
                    $this->handling->keying(),
                );
            }
        }
        [$lasting, $ends, $again] = $this->lasting->of($step, $state, $this->id . '/' . $step->key);
        $windows = [...$windows, ...$this->residues->takenOff($step, $state), ...$lasting];
        $late = null === $notAfter || $definition->worked->unmasks ? 0.0 : $this->handling->keying();
        [$notAfter, $late] = null !== $ends && $ends < ($notAfter ?? \INF) ? [$ends, $again] : [$notAfter, $late];
        $this->deliver($product);
        $manner = $this->catalogue->manner($definition);
        $method = null === $product ? $this->piece->part->method : $this->piece->method($product)->id;
        [$share, $shareFor] = $this->alike($step, $definition, $product);
        $activity = new Activity(
            id: $this->id . '/' . $step->key,
            part: $this->id,
            name: $this->piece->check()->name($step),
            hours: max(self::LEAST_H, $hours),
            place: $this->at,
            whole: $manner->whole &&
                ($definition->laysFilm || $manner->opens || $hours <= $this->keptGoing('in-one-go')),
            noisy: $manner->noisy,
            dusty: $manner->dusty,
            people: $definition->byFirm ? 0 : $this->runner->work->people($definition),
            gear: $this->handling->gear($definition, $product, $method),
            floorM2: FloorSpace::of($this->piece->part)->m2(),
            wet: null === $product ? null : $this->air->wet($product, $method),
            dry: $manner->dryWeather ? $this->air->rain($state) : null,
            band: $this->airs->band($this->at, $manner->air, $this->warmth),
            airHours: $manner->airHours,
            lags: $this->lags,
            windows: $windows,
            notBefore: $this->notBefore,
            because: $this->because,
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
            bares: !$definition->worked->looks && $this->handling->bares($state, $this->runner->effects($step, $state)),
            covers: $definition->laysFilm || $definition->worked->covers,
            forCoat: $definition->worked->forCoat,
            forNext: $definition->worked->forNext,
        );
        $begun = $this->done->started[$step->key] ?? null;
        $this->chain[] =
            null === $begun
                ? $activity
                : $activity->fixedAt(new Begun($begun, max($this->now, $begun + $activity->hours)));
        [$this->lags, $this->notBefore, $this->because] = [[], -\INF, ''];
        $this->afterwards($definition, $activity->id, $state);
    }

    /**
     * What the film below asks: from when on (put into the lags) and until when.
     *
     * @return array{list<Window>, float|null}
     */
    private function film(ProbedLags $asks, SurfaceState $state, Step $step, float $hours): array
    {
        $lays = $step->laysFilm;
        $unmasks = $step->worked->unmasks;
        $top = $state->top();
        $below = $this->films[count($this->films) - 1] ?? null;
        if (null === $top || null === $below) {
            return [[], null];
        }
        [$from, $start, $end] = $below;
        $amount = CureFactor::thickness($top->thickness, $top->product->dft);
        $opens = null === $asks->from ? null : $this->airs->cure($this->at, $top->product, $asks->from, $this->warmth);
        $closes = $asks->ends ? $this->airs->cure($this->at, $top->product, FilmPhase::Lapsed, $this->warmth) : null;
        $name = lcfirst($top->product->name);
        if (null !== $from) {
            if (null !== $opens) {
                $this->lags[] = new Lag(
                    $from,
                    LagTime::on($opens, $amount),
                    $name . ' to ' . self::into($asks->from),
                    $lays && FilmPhase::Open === $asks->from,
                );
            }
            // Tape that comes off late is cut free; nothing is abraded for it.
            $price = $unmasks ? 0.0 : $this->handling->keying();
            $again = $this->airs->again($this->at, $top->product, $this->warmth);

            return [
                null === $closes
                    ? []
                    : [
                        new Window(
                            $from,
                            LagTime::on($closes, $amount),
                            'the recoat window of ' . $name,
                            $lays,
                            $price,
                            null === $again ? null : LagTime::on($again, $amount),
                        ),
                    ],
                null,
            ];
        }
        $span = ZoneSpan::of(
            ZoneSpan::along($lays ? $start : $end, $lays ? $end - $start : 0.0, $lays ? $hours : 0.0),
            static fn(float $laid): ?float => null === $opens ? $laid : $opens->reachedAt($laid, $amount),
            static fn(float $laid): ?float => $closes?->reachedAt($laid, $amount),
        );
        $this->holdUntil($span->earliest ?? \INF, sprintf('waits for %s to %s', $name, self::into($asks->from)));

        return [[], $span->latest];
    }

    private function wait(Step $definition, SurfaceState $state, SurfaceState $after): void
    {
        $for = $definition->takes->waitFor;
        $top = $after->top();
        if (in_array($for, ['touch', 'recoat', 'handle', 'full'], true)) {
            $this->forFilm($top, $for);

            return;
        }
        $last = $this->chain[count($this->chain) - 1] ?? null;
        $passing = $this->air->passing($definition, $state) ?? LagTime::hours(0.0);
        $what = 'drying' === $for ? 'the part to dry' : lcfirst($definition->name);
        if (null !== $last) {
            $this->lags[] = new Lag($last->id, $passing, $what);
        } else {
            $since = [] === $this->done->finished ? $this->now : max($this->done->finished);
            $this->holdUntil($passing->after($since) ?? \INF, 'waits for ' . $what);
        }
    }

    /** @param string $for touch, recoat, handle, full */
    private function forFilm(?Film $top, string $for): void
    {
        $below = $this->films[count($this->films) - 1] ?? null;
        $into = match ($for) {
            'touch' => FilmPhase::Tacky,
            'recoat' => FilmPhase::Open,
            'handle' => null,
            default => FilmPhase::Cured,
        };
        $line = match (true) {
            null === $top => null,
            null === $into => $this->airs->ready($this->at, $top->product, Readiness::Handle, $this->warmth),
            default => $this->airs->cure($this->at, $top->product, $into, $this->warmth),
        };
        if (null === $top || null === $below || null === $line) {
            return;
        }
        $passing = LagTime::on($line, CureFactor::thickness($top->thickness, $top->product->dft));
        $what = lcfirst($top->product->name) . ' to ' . (null === $into ? 'be dry to handle' : self::into($into));
        // A coat along the one below waits zone by zone; that is in what the coat itself asks.
        if (FilmPhase::Open !== $into) {
            null === $below[0]
                ? $this->holdUntil($passing->after($below[2]) ?? \INF, 'waits for ' . $what)
                : ($this->lags[] = new Lag($below[0], $passing, $what));
        }
    }

    /** What passes by itself after a step, before the next. */
    private function afterwards(Step $definition, string $id, SurfaceState $state): void
    {
        $passing = $this->air->passing($definition, $state);
        if (null !== $passing) {
            $this->lags[] = new Lag($id, $passing, StepAir::working($definition));
        }
    }

    /** What the record has as finished last goes on working until it is over. */
    private function stillWorking(SurfaceState $state): void
    {
        $hour = [] === $this->done->finished ? 0.0 : max($this->done->finished);
        $last = $this->piece->route()->find((string) array_search($hour, $this->done->finished, true));
        $definition = null === $last ? null : $this->catalogue->step($last->step);
        $passing = null === $definition || $definition->isWait() ? null : $this->air->passing($definition, $state);
        if (null !== $definition && null !== $passing) {
            $over = $passing->after($hour) ?? \INF;
            $again = $this->done->notYet ?? -\INF;
            // Found not over when it should have been: a quarter of it again (estimate).
            $over = $again > $hour ? max($over, $again + self::AGAIN * ($over - $hour)) : $over;
            $this->holdUntil($over, 'waits for ' . StepAir::working($definition));
        }
    }

    /** Which film and which drifting fact come from which work. */
    private function remember(RouteStep $step, SurfaceState $before): void
    {
        $definition = $this->catalogue->step($step->step);
        $last = $this->chain[count($this->chain) - 1]->id ?? null;
        $after = $this->runner->effects($step, $before);
        foreach ($this->runner->drifts() as $fact) {
            // Abraded again, it is bare anew though the figure is the same.
            $tried = $this->runner->effects($step, $before->with($fact, $before->fact($fact) + 1.0))->fact($fact);
            if ($tried !== $before->fact($fact) + 1.0 && !$definition->isWait()) {
                $this->since[$fact] = [$last, $after->fact($fact)];
            }
        }
        if (null !== $last && !$definition->isWait()) {
            $this->residues->left($definition, $last, $before, $after);
            $this->lasting->remember($step, $last, $this->chain[count($this->chain) - 1]->hours ?? 0.0, $before);
        }
        $this->films = array_slice($this->films, 0, max(0, count($this->films) - $definition->strips));
        if ($definition->cures) {
            $this->films = array_map(static fn(): null => null, $this->films);
        }
        if (count($after->films) > count($this->films)) {
            $this->films[] = [$last, 0.0, 0.0];
        }
    }

    private function shade(Product $product): Shade
    {
        return $this->piece->context->system->shade($product->id);
    }

    private function deliver(?Product $product): void
    {
        $here = null === $product ? null : $this->deliveries[$this->shade($product)->key()] ?? null;
        if (null !== $product && null !== $here && $here > $this->now) {
            $this->holdUntil($here, lcfirst($product->name) . ' is not in the store and comes then');
        }
    }

    private function holdUntil(float $hour, string $because): void
    {
        if ($hour > $this->notBefore) {
            [$this->notBefore, $this->because] = [$hour, $because];
        }
    }

    /**
     * What it is set up for, so that alike work after it is set up already, and for how many hours; as the merger has
     * it: one paint, one load, one wash-down, one hand-over.
     *
     * @return array{string, float}
     */
    private function alike(RouteStep $of, Step $step, ?Product $product): array
    {
        return match (true) {
            null !== $product => [
                $this->shade($product)->key() . '/' . $this->at,
                null === $product->potLife ? $this->keptGoing('at-hand') : $product->potLife->h() * PotLife::USABLE,
            ],
            $this->handling->isLoad($step) => [$step->id . '/' . $this->at, $this->keptGoing('oven-load')],
            $step->isMixing() => [
                implode('/', [$step->id, $this->shadeAhead($of), $this->at]),
                $this->keptGoing('in-a-row'),
            ],
            $step->goesInARow() => [$step->id . '/' . $this->at, $this->keptGoing('in-a-row')],
            default => ['', 0.0],
        };
    }

    /** Which paint, of which colour, it is mixed for. */
    private function shadeAhead(RouteStep $mix): string
    {
        $coat = $this->piece->route()->coatFrom($mix->key)?->product;

        return null === $coat ? '' : $this->shade($this->catalogue->product($coat))->key();
    }

    private function keptGoing(string $what): float
    {
        return $this->catalogue->figures->hours('kept-going', $what);
    }

    private static function into(?FilmPhase $phase): string
    {
        return match ($phase) {
            FilmPhase::Tacky => 'be touch dry',
            FilmPhase::Open, null => 'take the next coat',
            FilmPhase::Cured => 'cure fully',
            default => 'harden',
        };
    }
}
