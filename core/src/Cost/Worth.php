<?php

declare(strict_types=1);

namespace Hull\Cost;

use Hull\Bench\Replayed;
use Hull\Bench\RouteFigures;
use Hull\Bench\Workpiece;
use Hull\Board\Shopping;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Job\RouteStep;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\Money;
use Hull\Surface\Fact;

/** What a part or a job will take, as a range, held against buying another one. */
final readonly class Worth
{
    /** Group of the facts nobody can see through before the work begins. */
    private const HIDDEN = 'hidden';

    private function __construct(
        public Duration $leastHours,
        public Duration $mostHours,
        public ?Result $hours,
        public Money $material,
        public Money $fees,
        public Money $least,
        public Money $most,
        public string $verdict,
    ) {}

    /**
     * One part by itself: whole tins and packs from an empty shelf, as its shopping list has them.
     *
     * @param Money|null $hour what an hour of work is worth; null counts materials only
     * @param Money|null $replacement what another part would cost
     */
    public static function of(Workpiece $piece, ?Money $hour, ?Money $replacement): self
    {
        return self::together([$piece], $hour, $replacement);
    }

    /**
     * Parts of a job together, which share tins and packs.
     *
     * @param non-empty-list<Workpiece> $pieces
     * @param Money|null $hour what an hour of work is worth; null counts materials only
     * @param Money|null $replacement what others would cost
     */
    public static function together(array $pieces, ?Money $hour, ?Money $replacement): self
    {
        $hours = array_map(self::hours(...), $pieces);
        $sum = static fn(string $of): float => array_sum(
            array_map(static fn(Result $r): float => $r->quantity($of, Duration::class)->h(), $hours),
        );
        $fresh = array_map(static fn(Workpiece $p): Workpiece => $p->notBegun(), $pieces);
        $before = new \DateTimeImmutable('@0');
        $material = Shopping::of(
            $pieces[0]->context->catalogue(),
            $fresh,
            array_map(static fn(Workpiece $p): Replayed => $p->replay($before), $fresh),
        )->price();
        $fees = array_sum(array_map(self::fees(...), $pieces));
        $paid = $material->minor + (int) round($fees);
        $least = $paid + (int) round($sum('least') * ($hour->minor ?? 0));
        $most = $paid + (int) round($sum('most') * ($hour->minor ?? 0));

        return new self(
            leastHours: Duration::hours($sum('least')),
            mostHours: Duration::hours($sum('most')),
            hours: 1 === count($hours) ? $hours[0] : null,
            material: $material,
            fees: Money::minor((int) round($fees)),
            least: Money::minor($least),
            most: Money::minor($most),
            verdict: null === $replacement ? '' : self::verdict($least, $most, $replacement->minor),
        );
    }

    /** Hands-on hours of a part, as a range that widens with its grades and with what nobody can see. */
    private static function hours(Workpiece $piece): Result
    {
        return Registry::standard()->run('cost.worth-it', [
            'handsOn' => Duration::minutes(RouteFigures::of($piece, $piece->route())->handsOnMin),
            'grade' => Count::of(self::grade($piece)),
            'hidden' => Count::of(
                (float) count(
                    array_filter(
                        $piece->context->catalogue()->facts,
                        static fn(Fact $f): bool => in_array(self::HIDDEN, $f->groups, true) &&
                            $piece->surveyed->fact($f->id) > 0.0,
                    ),
                ),
            ),
        ]);
    }

    /** Minor units that go to others: firms, laboratories, bought parts. */
    private static function fees(Workpiece $piece): float
    {
        return array_sum(
            array_map(
                static fn(RouteStep $s): float => $piece->context->catalogue()->step($s->step)->takes->fee,
                $piece->route()->steps,
            ),
        );
    }

    /** How far up its grades the worst condition is, 0 sound to 1 worst. */
    private static function grade(Workpiece $piece): float
    {
        $worst = 0.0;
        foreach ($piece->part->conditions as $observed) {
            $grades = array_keys($piece->context->catalogue()->conditions[$observed->condition]->grades);
            $worst = max($worst, (1 + (int) array_search($observed->grade, $grades, true)) / count($grades));
        }

        return $worst;
    }

    private static function verdict(int $least, int $most, int $replacement): string
    {
        return match (true) {
            $most <= $replacement => 'worth it: even at the dear end it costs less than another one',
            $least > $replacement => 'not for the money: even at the cheap end another one costs less',
            default => 'a toss-up: it depends on what comes to light',
        };
    }
}
