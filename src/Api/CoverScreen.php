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
use Hull\Board\Ride;
use Hull\Board\RideAlong;
use Hull\Board\Wanted;
use Hull\Pack\Lot;
use Hull\Quantity\Duration;
use Hull\Quantity\Message;
use Hull\Quantity\Volume;
use Hull\Store\Batches;
use Hull\Store\CoatAhead;
use Hull\Store\Outlook;
use Hull\Surface\Shade;
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
            foreach (RideAlong::of($paint, $read->pieces, $read->done) as $id => $ride) {
                if ((string) $id !== $own) {
                    $rides[] = [$ride, self::ride((string) $id, $ride, $read->pieces[$id], $job, $shown)];
                }
            }
        }
        usort($rides, static fn(array $a, array $b): int => ($a[0]->hours ?? \INF) <=> ($b[0]->hours ?? \INF));
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
                    static fn(array $f): Message => QuantitiesScreen::tin(
                        $f[1],
                        $batches[$f[0]->id] ?? '',
                        $f[0]->expires,
                    ),
                    $cover->from,
                ),
            short: $shown->value($cover->short ?? Volume::litres(0.0)),
            left: $shown->value(Volume::litres(max(0.0, $inStore - $taken))),
            nextShort: null === $short || $short === $cover
                ? ''
                : Message::of(
                    '{part} takes {paint} more: {short} short.',
                    part: $short->coat->part,
                    paint: $short->coat->paint,
                    short: $short->short,
                ),
            rides: array_column($rides, 1),
            batchSays: Batches::says(
                $piece->context->catalogue()->product($product),
                $this->laid($row, $paint),
                array_map(
                    static fn(array $f): string => $batches[$f[0]->id] ?? '',
                    null === $cover ? [] : $cover->from,
                ),
            ),
        );
    }

    private static function ride(string $id, Ride $ride, Workpiece $piece, JobRow $job, UnitPresenter $shown): RideView
    {
        $product = $piece->context->catalogue()->product($piece->route()->find($ride->key)->product ?? '');
        $ready =
            null === $ride->hours
                ? Message::of('a wait before it never ends in this air')
                : Message::of('ready in {time}', time: Duration::hours($ride->hours));

        return new RideView(
            partId: $id,
            part: $piece->part->name,
            job: $job->name,
            paint: $shown->value(CoatSheets::paintOf($piece, $ride->key) ?? Volume::litres(0.0)),
            before: $ride->before,
            needs: [] === $ride->before
                ? ''
                : Message::of('{time} of work, {ready}', time: Duration::minutes($ride->hands), ready: $ready),
            inTime: $ride->isInTime($product),
        );
    }

    /** @return list<string> batches of the paint that lie on the piece already */
    private function laid(PartRow $row, Shade $paint): array
    {
        $lines = [];
        $whole = $this->stored->part($row)->piece();
        foreach ($row->job->parts as $other) {
            if ($other !== $row && $this->stored->part($other)->piece() !== $whole) {
                continue;
            }
            $piece = $this->stored->workpiece($other);
            foreach ($other->log as $line) {
                $product = $piece->route()->find($line->stepKey ?? '')?->product;
                if (null !== $product && $piece->context->system->shade($product)->key() === $paint->key()) {
                    $lines[] = $line;
                }
            }
        }

        return array_merge([], ...array_values($this->room->batches($lines)));
    }
}
