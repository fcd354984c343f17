<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Input\Keys;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Piece\Precedence;
use Hull\Piece\Precedences;
use Hull\Piece\StillOn;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Message;
use Hull\Route\ChemicalConflict;
use Hull\Route\Chemistry;

/** What is left to do on a job, zone by zone and together, and what its next day of work brings into the place. */
final readonly class JobBoard
{
    /** Laws whose precedences are worth a word: off and on, order in space, what is closed. */
    private const SAID = [15, 17, 20];

    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param list<SharedAction> $actions in the order they are worked
     * @param array<int|string, Replayed> $done by part id
     * @param list<Precedence> $precedences between the parts, of what is left
     * @param array<int|string, Whereabouts> $where by part id
     */
    private function __construct(
        private Catalogue $catalogue,
        public array $pieces,
        public array $actions,
        private array $done,
        public array $precedences,
        private array $where,
    ) {}

    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Replayed> $done what the record says of each, by part id
     */
    public static function of(Catalogue $catalogue, array $pieces, array $done): self
    {
        $left = [];
        foreach ($pieces as $id => $piece) {
            $left[$id] = Route::of(Workpiece::remaining($piece->route(), $done[$id]));
        }

        $parts = array_map(static fn(Workpiece $p): Part => $p->part, $pieces);
        $precedences = Precedences::of($catalogue, $parts, $left);
        $where = Whereabouts::all($pieces);
        $merger = new Merger($catalogue, $pieces, $precedences, $where);

        return new self($catalogue, $pieces, $merger->merged($left), $done, $precedences, $where);
    }

    /** @return list<StillOn> parts that the record leaves on what was worked already */
    public function stillOn(): array
    {
        return StillOn::all(
            $this->catalogue,
            array_map(static fn(Workpiece $p): Part => $p->part, $this->pieces),
            array_map(static fn(Workpiece $p): Route => $p->route(), $this->pieces),
            array_map(static fn(Replayed $r): array => $r->finished, $this->done),
        );
    }

    /**
     * What of other parts an action came after: how they hang together decides that, not the order of the trade.
     *
     * @return list<string|Message> in words
     */
    public function after(SharedAction $action): array
    {
        $words = [];
        foreach ($this->precedences as $one) {
            if (($action->zones[$one->after] ?? null) === $one->afterKey && in_array($one->law, self::SAID, true)) {
                $words[(string) $one->because] = $one->because;
            }
        }

        return array_values($words);
    }

    /** @param float $hours of work; the action that runs over them still counts */
    public function day(float $hours = 8.0, ?float $now = null): Day
    {
        $ahead = [];
        $spent = 0.0;
        foreach ($this->actions as $action) {
            if ($spent >= $hours * 60.0) {
                break;
            }
            $ahead[] = $action;
            $spent += $action->minutes;
        }

        return Day::of($this->catalogue, $this->pieces, $ahead, $spent, $this->encounters($ahead, $now));
    }

    /**
     * Chemicals that would meet across zones in one place: what was done there of late and what comes.
     *
     * @param list<SharedAction> $ahead
     *
     * @return list<ChemicalConflict>
     */
    private function encounters(array $ahead, ?float $now): array
    {
        $about = [];
        $hour = $now ?? 0.0;
        foreach (null === $now ? [] : $this->lately() as [$at, $zone, $step]) {
            $place = $this->where[$zone]->at($step->key)->at;
            ($about[$place] ??= new Chemistry($this->catalogue))->meet($step, $at, 0.0, [$zone]);
        }
        $met = [];
        foreach ($ahead as $action) {
            foreach (
                ($about[$action->place] ??= new Chemistry($this->catalogue))->meet(
                    new RouteStep('', $action->step, $action->product),
                    $hour,
                    $action->minutes / 60.0,
                    Keys::of($action->zones),
                )
                as $encounter
            ) {
                if ($encounter->isBetweenZones()) {
                    $met[] = $encounter;
                }
            }
            $hour += $action->minutes / 60.0;
        }

        return $met;
    }

    /** @return list<array{float, string, RouteStep}> hour, zone, step of what the record has, oldest first */
    private function lately(): array
    {
        $lately = [];
        foreach ($this->done as $zone => $replayed) {
            $zone = (string) $zone;
            foreach ($replayed->finished as $key => $hour) {
                $key = (string) $key;
                $step = $this->pieces[$zone]->route()->find($key);
                if (null !== $step) {
                    $lately[] = [$hour, $zone, $step];
                }
            }
        }
        usort($lately, static fn(array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return $lately;
    }
}
