<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\CoverView;
use App\Api\View\RideView;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Work\JobPieces;
use App\Work\RowMapper;
use App\Work\TinLedger;
use Hull\Bench\CoatSheets;
use Hull\Bench\Workpiece;
use Hull\Board\RideAlong;
use Hull\Board\Wanted;
use Hull\Pack\Lot;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Store\CoatAhead;
use Hull\Store\Outlook;
use Psr\Clock\ClockInterface;

/**
 * Says before a coat is begun whether the store has enough of it, what comes short next, and who could use the same
 * mix.
 */
final readonly class CoverScreen
{
    public function __construct(private RowMapper $stored, private TinLedger $room, private ClockInterface $clock) {}

    /** @param list<JobRow> $jobs of the yard */
    public function view(PartRow $row, string $step, array $jobs, UnitPresenter $shown): ?CoverView
    {
        $now = $this->clock->now();
        $coats = [];
        $rides = [];
        $own = (string) $row->id;
        $piece = $this->stored->workpiece($row);
        $product = $piece->route()->find($step)?->product;
        if (null === $product) {
            return null;
        }
        $paint = $piece->context->system->shade($product);
        usort($jobs, static fn(JobRow $a, JobRow $b): int => [$b === $row->job] <=> [$a === $row->job]);
        foreach ($jobs as $job) {
            $read = JobPieces::of($this->stored, $job, $now);
            $coats = [
                ...$coats,
                ...array_filter(
                    Wanted::of($read->pieces, $read->done)->coats,
                    static fn(CoatAhead $c): bool => $c->shade->key() === $paint->key(),
                ),
            ];
            foreach (RideAlong::of($paint, $read->pieces, $read->done) as $id => $key) {
                $id = (string) $id;
                if ($id !== $own) {
                    $rides[] = new RideView(
                        $id,
                        $read->pieces[$id]->part->name,
                        $job->name,
                        $shown->value(self::paint($read->pieces[$id], $key)),
                    );
                }
            }
        }
        usort(
            $coats,
            static fn(CoatAhead $a, CoatAhead $b): int => [$b->partId === $own && $b->stepKey === $step] <=> [
                $a->partId === $own && $a->stepKey === $step,
            ],
        );
        $states = array_values(
            array_filter(
                $this->room->states(),
                static fn(\Hull\Store\TinState $s): bool => $s->tin->shade()->key() === $paint->key(),
            ),
        );
        $outlook = Outlook::of(
            $coats,
            [$paint->key() => array_map(static fn(\Hull\Store\TinState $s): Lot => $s->asLot(), $states)],
            $now,
        );
        $cover = $outlook->for($own, $step);
        $short = $outlook->firstShort($paint);
        $batches = [];
        foreach ($states as $state) {
            $batches[$state->tin->id] = $state->tin->batch;
        }
        $inStore = array_sum(
            array_map(
                static fn(\Hull\Store\TinState $s): float => $s->isExpired($now) ? 0.0 : $s->left->value(),
                $states,
            ),
        );
        $taken =
            null === $cover ? 0.0 : array_sum(array_map(static fn(array $f): float => $f[1]->value(), $cover->from));

        return new CoverView(
            known: null !== $cover,
            enough: null === $cover || $cover->isEnough(),
            from: null === $cover
                ? []
                : array_map(
                    static fn(array $f): string => sprintf(
                        '%s of batch %s%s',
                        $shown->value($f[1])->text,
                        $batches[$f[0]->id] ?? '',
                        null === $f[0]->expires ? '' : ', good until ' . $f[0]->expires->format('j M Y'),
                    ),
                    $cover->from,
                ),
            short: $shown->value($cover->short ?? Volume::litres(0.0)),
            left: $shown->value(Volume::litres(max(0.0, $inStore - $taken))),
            nextShort: null === $short || $short === $cover
                ? ''
                : sprintf(
                    '%s takes %s more: %s short.',
                    $short->coat->part,
                    $shown->value($short->coat->paint)->text,
                    $shown->value($short->short)->text,
                ),
            rides: $rides,
        );
    }

    private static function paint(Workpiece $piece, string $key): Quantity
    {
        return CoatSheets::paintOf($piece, $key) ?? Volume::litres(0.0);
    }
}
