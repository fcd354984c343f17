<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Catalogue;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\Job\Route;
use Hull\Job\Spot;
use Hull\Quantity\Message;

/**
 * What has to be done before what between the parts of a piece, from how they hang together and what their routes do:
 * off before and on after, neighbours out of each other's dust, top before bottom, handed over together. The merger and
 * the schedule read it from here.
 */
final class Precedences
{
    /** Laws of what lies side by side: dust and wet, order in space, one go. */
    private const BETWEEN = [16, 17, 19];

    /** @var array<int|string, Lane> */
    private array $lanes = [];

    private readonly Pieces $pieces;

    /** @var array<int|string, Precedence> */
    private array $found = [];

    /** @var array<int|string, string> part id => what it is called outside */
    private array $keys = [];

    /**
     * @param array<int|string, Part> $parts
     * @param array<int|string, Route> $routes under the same keys; parts without one have no say
     */
    private function __construct(Catalogue $catalogue, array $parts, array $routes)
    {
        $there = array_intersect_key($parts, $routes);
        $this->pieces = new Pieces($there);
        foreach ($there as $key => $part) {
            $this->keys[$part->id] = (string) $key;
            $this->lanes[$part->id] = new Lane($part, $routes[$key], $catalogue);
        }
    }

    /**
     * @param array<int|string, Part> $parts of one job
     * @param array<int|string, Route> $routes under the same keys
     *
     * @return list<Precedence> with the parts under these keys
     */
    public static function of(Catalogue $catalogue, array $parts, array $routes): array
    {
        $self = new self($catalogue, $parts, $routes);
        $self->offAndOn();
        $self->takenApart();
        $self->turns();
        $self->neighbours();
        $self->waxed();
        $self->inSpace();
        $self->lines();
        $self->oneGo();
        $self->handOver();

        return array_values($self->found);
    }

    /** Off before its carrier is worked, on after its film is ready; what lies outermost is off first and on last. */
    private function offAndOn(): void
    {
        foreach ($this->pieces->mounts() as [$part, $link, $host]) {
            $lane = $this->lanes[$part->id];
            $off = $lane->takenOff();
            $last = $lane->putOn();
            // What is glued or pressed on for good waits for the film; what is only taken off and on again at its end.
            $puts = $link->as->asksForCure() ? $lane->puttingOn() : (null === $last ? [] : [$last]);
            if (Relation::BondedTo === $link->as) {
                $this->glued($lane, $last, $host);
            }
            foreach ($this->pieces->withZones($host) as $zone) {
                if ($zone->id === $part->id) {
                    continue;
                }
                $carrier = $this->lanes[$zone->id];
                $this->put(
                    $lane,
                    $off,
                    $carrier,
                    $carrier->firstWork(),
                    Message::of('{part} to come off {carrier}', part: $lane->name(), carrier: $carrier->name()),
                    15,
                );
                foreach ($puts as $on) {
                    $this->goesOn($carrier, $lane, $on, $link);
                }
                // Wax and oil on its outside may come after.
                $this->put(
                    $carrier,
                    $carrier->lastBefore(),
                    $lane,
                    $lane->lookedInto(),
                    Message::of('the work in {carrier} to be done before it is looked into', carrier: $carrier->name()),
                    20,
                );
            }
        }
    }

    /** Glue holds on nothing that wax or silicone came near. */
    private function glued(Lane $lane, ?int $on, Part $host): void
    {
        foreach ($this->lanes as $beside) {
            if ($beside !== $lane && $beside->part->piece() === $host->piece()) {
                $because = Message::of('{part} to be glued on before wax comes near', part: $lane->name());
                $this->put($lane, $on, $beside, $beside->finished(), $because, 17);
            }
        }
    }

    private function goesOn(Lane $carrier, Lane $lane, int $on, Link $link): void
    {
        $law = Relation::Seals === $link->as || Relation::BondedTo === $link->as ? 17 : 15;
        $done = Message::of(
            '{carrier} to be done before {part} goes on',
            carrier: $carrier->name(),
            part: $lane->name(),
        );
        $this->put($carrier, $carrier->lastBefore(), $lane, $on, $done, $law);
        $cured = ($link->loaded || $link->as->asksForCure()) && !$carrier->neverDries();
        $bears = Message::of('the film of {carrier} to bear {part}', carrier: $carrier->name(), part: $lane->name());
        $this->put($carrier, $carrier->bears($cured), $lane, $on, $bears, $law);
        $last = $carrier->lastCoat();
        $ready = $cured ? Ready::Cured : Ready::Handle;
        $this->put($carrier, $last, $lane, $on, $bears, $law, ready: $ready);
    }

    /** Zones of another material come off with the step that takes a piece apart, and go back with its last. */
    private function takenApart(): void
    {
        foreach ($this->lanes as $lane) {
            $apart = $lane->takenApart();
            foreach (null === $apart ? [] : $this->lanes as $zone) {
                $isUnlike = $zone->part->substrate !== $lane->part->substrate;
                if ($zone !== $lane && $isUnlike && $zone->part->piece() === $lane->part->piece()) {
                    $off = Message::of('{zone} to be taken off {part}', zone: $zone->name(), part: $lane->name());
                    $on = Message::of(
                        '{zone} to be ready to go back on {part}',
                        zone: $zone->name(),
                        part: $lane->name(),
                    );
                    $this->put($lane, $apart, $zone, $zone->firstWork(), $off, 15);
                    $this->put($zone, $zone->lastWork(), $lane, $lane->putOn(), $on, 15);
                    $this->put($zone, $zone->bears(false), $lane, $lane->putOn(), $on, 15);
                }
            }
        }
    }

    /** Among what hangs on each other, and among what hangs on the same: the way back is the way there in reverse. */
    private function turns(): void
    {
        $mounts = $this->pieces->mounts();
        foreach ($mounts as [$part, $link, $host]) {
            $this->outerAndInner($part, $host, !$link->as->isFitted());
            foreach ($mounts as [$other, $its, $on]) {
                $isAfter = $on->id === $host->id && $other->id !== $part->id;
                // What the list says of a lid and what lies under it counts for nothing: the lid is off first.
                $isUnder = Relation::Inside === $link->as && Relation::Inside !== $its->as;
                if ($isAfter && !$isUnder && $link->order > 0 && $its->order > $link->order) {
                    $this->outerAndInner($part, $other);
                }
                // What rides inside goes in before the lid or the seal goes on.
                $closes = in_array($link->as, [Relation::Covers, Relation::Seals], true);
                if ($isAfter && $closes && Relation::Inside === $its->as) {
                    $this->outerAndInner($part, $other);
                }
            }
        }
    }

    /** @param bool $back the way back matters, too: what is glued or pressed in may be fitted on the bench */
    private function outerAndInner(Part $outer, Part $inner, bool $back = true): void
    {
        [$out, $in] = [$this->lanes[$outer->id], $this->lanes[$inner->id]];
        $this->put(
            $out,
            $out->takenOff(),
            $in,
            $in->takenOff(),
            Message::of('{part} to come off, which is in the way', part: $out->name()),
            15,
        );
        if (!$back) {
            return;
        }
        $this->put(
            $in,
            $in->putOn(),
            $out,
            $out->putOn(),
            Message::of('{inner} to be on, which goes under {outer}', inner: $in->name(), outer: $out->name()),
            15,
        );
        $this->put(
            $in,
            $in->putOn(),
            $out,
            $out->lookedInto(),
            Message::of('{part} to be in before it is looked into for the last time', part: $in->name()),
            20,
        );
    }

    /** What raises dust or wet is done before what is beside it is made ready for a film, and before it is waxed. */
    private function neighbours(): void
    {
        foreach ($this->pieces->neighbours() as [$a, $b]) {
            foreach ([[$a, $b], [$b, $a]] as [$one, $other]) {
                $this->sparing($this->lanes[$one->id], $this->lanes[$other->id]);
            }
        }
    }

    /** Wax and silicone hang in the air of a place and lie on all that is coated there after them. */
    private function waxed(): void
    {
        foreach ($this->lanes as $wax) {
            $at = $wax->waxed();
            foreach (null === $at ? [] : $this->lanes as $coated) {
                if ($coated !== $wax && $coated->part->place === $wax->part->place) {
                    $because = Message::of(
                        'the last coat on {part} to be on before wax comes into its place',
                        part: $coated->name(),
                    );
                    $this->put($coated, $coated->lastHardCoat(), $wax, $at, $because, 16);
                }
            }
        }
    }

    private function sparing(Lane $dirt, Lane $beside): void
    {
        $coat = $dirt->coats()[0] ?? \PHP_INT_MAX;
        $before = array_values(array_filter($dirt->dirty(), static fn(int $at): bool => $at < $coat));
        $this->put(
            $dirt,
            $before[count($before) - 1] ?? null,
            $beside,
            $beside->readied(),
            Message::of(
                'dust and water at {part} to be over, which would reach {beside}',
                part: $dirt->name(),
                beside: $beside->name(),
            ),
            16,
        );
        $finished = $beside->finished();
        $all = $dirt->dirty();
        foreach ([$all[count($all) - 1] ?? null, $dirt->lastCoat()] as $last) {
            if (null === $dirt->finished() || null === $last || $last < $dirt->finished()) {
                $this->put(
                    $dirt,
                    $last,
                    $beside,
                    $finished,
                    Message::of(
                        'the last work beside {part} to be done before wax, oil or dressing',
                        part: $beside->name(),
                    ),
                    16,
                );
            }
        }
        if ($dirt->isOf('rubber') && !$beside->isOf('rubber')) {
            $this->put(
                $dirt,
                $dirt->finished(),
                $beside,
                $finished,
                Message::of(
                    '{rubber} to be dressed before {part} is waxed',
                    rubber: $dirt->name(),
                    part: $beside->name(),
                ),
                17,
            );
        }
        // Compound gets everywhere: metal beside it is polished afterwards, rubber is treated before the wax.
        if ($beside->isOf('metal') && !$dirt->isOf('metal')) {
            $this->put(
                $dirt,
                $dirt->last(['polishing']),
                $beside,
                $beside->first(['polishing']),
                Message::of('the compound to be done before {metal} is polished', metal: $beside->name()),
                17,
            );
        }
    }

    /** Top before bottom, inside before outside, what one stands on last: coat by coat. */
    private function inSpace(): void
    {
        foreach ($this->pieces->neighbours() as [$a, $b]) {
            if ($a->piece() !== $b->piece() || null === $a->spot || null === $b->spot) {
                continue;
            }
            $turn = $a->spot->turn() <=> $b->spot->turn();
            if (0 === $turn) {
                continue;
            }
            [$first, $then] =
                $turn < 0 ? [$this->lanes[$a->id], $this->lanes[$b->id]] : [$this->lanes[$b->id], $this->lanes[$a->id]];
            // Coat by coat where both have the same film, and the last of all on each; wax comes after both. What ends
            // with a film that the other has as well is primed with it in one go and taped for the other's colour.
            $pairs = $first->alike($then);
            if (!in_array($then->lastHardCoat(), array_column($pairs, 1), true)) {
                $pairs[] = [$first->lastHardCoat(), $then->lastHardCoat()];
            }
            $because = Message::of(
                '{first} to go before {then}, {turn}',
                first: $first->name(),
                then: $then->name(),
                turn: Message::of(self::where($first, $then)),
            );
            foreach ($pairs as [$at, $to]) {
                $this->put($first, $at, $then, $to, $because, 17, orTogether: true);
            }
        }
    }

    /** The tape of a line between two colours lies on the other colour: that one is laid first, and bears it. */
    private function lines(): void
    {
        foreach ($this->pieces->neighbours() as [$a, $b]) {
            [$one, $other] = [$this->lanes[$a->id], $this->lanes[$b->id]];
            $taped = [$one->first([Lane::LINE]), $other->first([Lane::LINE])];
            if ($a->piece() !== $b->piece() || $taped === [null, null]) {
                continue;
            }
            // Where both say that there is a line, the one named first has its colour first.
            [$first, $then, $at] = null === $taped[1] ? [$other, $one, $taped[0]] : [$one, $other, $taped[1]];
            $this->put(
                $first,
                $first->lastUnlike($then),
                $then,
                $at,
                Message::of('the film of {part} to bear the tape of the line', part: $first->name()),
                17,
                ready: Ready::Handle,
            );
        }
    }

    /** Zones of one part in one place have the same film in the same colour in one go: one mix, one can. */
    private function oneGo(): void
    {
        foreach ($this->pieces->neighbours() as [$a, $b]) {
            $one = $this->lanes[$a->id];
            $other = $this->lanes[$b->id];
            $alike = $a->piece() === $b->piece() && $a->begin === $b->begin ? $one->alike($other) : [];
            foreach ([] === $alike || $this->isParted($one, $other) ? [] : $alike as [$at, $to]) {
                $because = Message::of(
                    '{one} and {other} to be coated in one go',
                    one: $one->name(),
                    other: $other->name(),
                );
                $this->put($one, $at, $other, $to, $because, 19, orTogether: true, asOne: true);
                $this->put($other, $to, $one, $at, $because, 19, orTogether: true, asOne: true);
            }
        }
    }

    /** The order in space puts a zone with another film between those that have this one. */
    private function isParted(Lane $one, Lane $other): bool
    {
        $turns = [];
        $between = [];
        foreach ($this->lanes as $lane) {
            if ($lane->part->piece() !== $one->part->piece() || null === $lane->part->spot || [] === $lane->coats()) {
                continue;
            }
            $isOne = $lane === $one || $lane === $other || [] !== $lane->alike($one);
            $isOne ? ($turns[] = $lane->part->spot->turn()) : ($between[] = $lane->part->spot->turn());
        }
        foreach ($between as $turn) {
            if ([] !== $turns && min($turns) < $turn && $turn < max($turns)) {
                return true;
            }
        }

        return false;
    }

    private static function where(Lane $first, Lane $then): string
    {
        [$a, $b] = [$first->part->spot ?? new Spot(), $then->part->spot ?? new Spot()];

        return match (true) {
            $a->side !== $b->side => 'inside before outside',
            $a->level !== $b->level => 'from the top down',
            default => 'what one stands on last',
        };
    }

    /** A zone is inspected when its whole part is through; a piece is handed over once, all of it. */
    private function handOver(): void
    {
        foreach ($this->pieces->all() as $ids) {
            foreach ($ids as $id) {
                foreach (array_diff($ids, [$id]) as $other) {
                    $this->one($this->lanes[$id], $this->lanes[$other]);
                }
            }
        }
    }

    private function one(Lane $done, Lane $signed): void
    {
        if ($done->part->piece() === $signed->part->piece()) {
            $this->put(
                $done,
                $done->lastWork(),
                $signed,
                $signed->inspected(),
                Message::of(
                    '{part} to be through before {piece} is signed off',
                    part: $done->name(),
                    piece: $signed->name(),
                ),
                18,
            );
        }
        $over = $done->handedOver();
        $this->put(
            $done,
            null === $over || 0 === $over ? null : $over - 1,
            $signed,
            $signed->handedOver(),
            'all of the piece to be done: it is handed over once',
            18,
        );
    }

    private function put(
        Lane $before,
        ?int $at,
        Lane $after,
        ?int $to,
        string|Message $because,
        int $law,
        Ready $ready = Ready::Done,
        bool $orTogether = false,
        bool $asOne = false,
    ): void {
        // What is left for another day keeps none of what is done before waiting; what finishes the piece does.
        $later = in_array($law, self::BETWEEN, true) && ($before->part->begin ?? '') > ($after->part->begin ?? '');
        if (null === $at || null === $to || $later) {
            return;
        }
        $one = new Precedence(
            before: $this->keys[$before->part->id],
            beforeKey: $before->key($at),
            after: $this->keys[$after->part->id],
            afterKey: $after->key($to),
            because: $because,
            law: $law,
            ready: $ready,
            orTogether: $orTogether,
            asOne: $asOne,
        );
        $was = $this->found[$one->id()] ?? null;
        if (null === $was || $was->asOne || Ready::Done !== $ready) {
            $this->found[$one->id()] = $one;
        }
    }
}
