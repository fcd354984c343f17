<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\LaidCoat;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Cure\CureFactor;
use Hull\Cure\Readiness;
use Hull\Piece\Hanging;
use Hull\Piece\Precedence;
use Hull\Piece\Ready;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;

/** What comes before what between the parts of a piece, as lags between their activities. */
final readonly class CrossLags
{
    /**
     * @param array<int|string, Workpiece> $pieces
     * @param array<int|string, Replayed> $done
     * @param array<int|string, string> $places part => place among all places of the yard
     * @param array<int|string, Hanging> $hanging of what hangs on something
     */
    public function __construct(
        private array $pieces,
        private array $done,
        private array $places,
        private Airs $airs,
        private array $hanging = [],
    ) {}

    /**
     * @param list<Activity> $work
     * @param list<Precedence> $precedences between parts under the keys of the pieces
     *
     * @return list<Activity> the same, each waiting for what of other parts comes before it
     */
    public function on(array $work, array $precedences): array
    {
        $there = [];
        foreach ($work as $at => $activity) {
            $there[$activity->id] = $at;
        }
        foreach ($precedences as $one) {
            $at = $there[$one->after . '/' . $one->afterKey] ?? null;
            if (null === $at || $one->asOne) {
                continue;
            }
            $before = $one->before . '/' . $one->beforeKey;
            if (isset($there[$before])) {
                $work[$at] = $work[$at]->after(new Lag($before, $this->passing($one), $one->because));
            } elseif (Ready::Done !== $one->ready) {
                $hour = $this->readyAt($one);
                $work[$at] =
                    null === $hour
                        ? $work[$at]
                        : $work[$at]->from($hour, Message::of('waits: {what}', what: Message::sentence($one->because)));
            }
        }

        return array_values($work);
    }

    private function passing(Precedence $one): LagTime
    {
        $product = $this->product($one);
        if (null === $product || Ready::Done === $one->ready) {
            return LagTime::hours(0.0);
        }
        [$place, $warmth] = [$this->lies($one), $this->pieces[$one->before]->context->warmth()];
        $line =
            Ready::Handle === $one->ready
                ? $this->airs->ready($place, $product, Readiness::Handle, $warmth)
                : $this->airs->cure($place, $product, FilmPhase::Cured, $warmth);

        return null === $line
            ? LagTime::hours(0.0)
            : LagTime::on($line, CureFactor::thickness($product->dft, $product->dft));
    }

    /** Key of the place in which the earlier of both lies from its step on. */
    private function lies(Precedence $one): string
    {
        [$id, $key] = [$one->before, $one->beforeKey];
        $hanging = $this->hanging[$id] ?? null;
        $where = new Whereabouts($this->pieces[$id], $this->places[$id], $hanging, $this->done[$id]->finished);

        return $where->since($key)->at;
    }

    /** When a coat that is on already bears what waits for it; null where it does not wait. */
    private function readyAt(Precedence $one): ?float
    {
        $coats = array_filter(
            $this->done[$one->before]->coats,
            static fn(LaidCoat $c): bool => $c->stepKey === $one->beforeKey,
        );
        $coat = array_values($coats)[0] ?? null;

        return null === $coat ? null : (Ready::Handle === $one->ready ? $coat->handleAt : $coat->fullAt);
    }

    private function product(Precedence $one): ?Product
    {
        $piece = $this->pieces[$one->before];
        $id = $piece->route()->find($one->beforeKey)?->product;

        return null === $id ? null : $piece->context->product($id);
    }
}
