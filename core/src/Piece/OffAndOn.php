<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\Quantity\Message;

/** What hangs on what: off before its carrier is worked, on after; the way back is the way there in reverse. */
final readonly class OffAndOn
{
    public function __construct(private Lanes $all) {}

    public function find(): void
    {
        $this->mounted();
        $this->takenApart();
        $this->turns();
    }

    /** Off before its carrier is worked, on after its film is ready; what lies outermost is off first and on last. */
    private function mounted(): void
    {
        foreach ($this->all->pieces->mounts() as [$part, $link, $host]) {
            $lane = $this->all->lanes[$part->id];
            $off = $lane->takenOff();
            $last = $lane->putOn();
            // What is glued or pressed on for good waits for the film; what is only taken off and on again at its end.
            $puts = $link->as->asksForCure() ? $lane->puttingOn() : (null === $last ? [] : [$last]);
            if (null === $off && [] === $puts && $this->all->pieces->outermost($host)->place !== $host->place) {
                $this->along($lane, $this->all->lanes[$host->id]);
            }
            if (Relation::BondedTo === $link->as) {
                $this->glued($lane, $last, $host);
            }
            foreach ($this->all->pieces->withZones($host) as $zone) {
                if ($zone->id === $part->id) {
                    continue;
                }
                $carrier = $this->all->lanes[$zone->id];
                $this->all->put(
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
                $this->all->put(
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

    /** What stays on a part that is taken off to be worked elsewhere goes along with it, and back. */
    private function along(Lane $lane, Lane $carrier): void
    {
        $away = Message::of('{carrier} to be off, which {part} is on', carrier: $carrier->name(), part: $lane->name());
        $done = Message::of('{part} to be done, which is on {carrier}', carrier: $carrier->name(), part: $lane->name());
        $this->all->put($carrier, $carrier->takenOff(), $lane, $lane->begun(), $away, 15);
        $this->all->put($lane, $lane->beforeHandOver(), $carrier, $carrier->putOn(), $done, 15);
    }

    /** Glue holds on nothing that wax or silicone came near. */
    private function glued(Lane $lane, ?int $on, Part $host): void
    {
        foreach ($this->all->lanes as $beside) {
            if ($beside !== $lane && $beside->part->piece() === $host->piece()) {
                $because = Message::of('{part} to be glued on before wax comes near', part: $lane->name());
                $this->all->put($lane, $on, $beside, $beside->finished(), $because, 17);
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
        $this->all->put($carrier, $carrier->lastBefore(), $lane, $on, $done, $law);
        $cured = ($link->loaded || $link->as->asksForCure()) && !$carrier->neverDries();
        $bears = Message::of('the film of {carrier} to bear {part}', carrier: $carrier->name(), part: $lane->name());
        $this->all->put($carrier, $carrier->bears($cured), $lane, $on, $bears, $law);
        $last = $carrier->lastCoat();
        $ready = $cured ? Ready::Cured : Ready::Handle;
        $this->all->put($carrier, $last, $lane, $on, $bears, $law, ready: $ready);
    }

    /** Zones of another material come off with the step that takes a piece apart, and go back with its last. */
    private function takenApart(): void
    {
        foreach ($this->all->lanes as $lane) {
            $apart = $lane->takenApart();
            foreach (null === $apart ? [] : $this->all->lanes as $zone) {
                $isUnlike = $zone->part->substrate !== $lane->part->substrate;
                if ($zone !== $lane && $isUnlike && $zone->part->piece() === $lane->part->piece()) {
                    $off = Message::of('{zone} to be taken off {part}', zone: $zone->name(), part: $lane->name());
                    $on = Message::of(
                        '{zone} to be ready to go back on {part}',
                        zone: $zone->name(),
                        part: $lane->name(),
                    );
                    $this->all->put($lane, $apart, $zone, $zone->firstWork(), $off, 15);
                    $this->all->put($zone, $zone->lastWork(), $lane, $lane->putOn(), $on, 15);
                    $this->all->put($zone, $zone->bears(false), $lane, $lane->putOn(), $on, 15);
                }
            }
        }
    }

    /** Among what hangs on each other, and among what hangs on the same: the way back is the way there in reverse. */
    private function turns(): void
    {
        $mounts = $this->all->pieces->mounts();
        foreach ($mounts as [$part, $link, $host]) {
            $this->outerAndInner($part, $this->moved($host), !$link->as->isFitted());
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

    /** What comes off and takes a part along that stays on it; the part itself where it comes off, or nothing does. */
    private function moved(Part $host): Part
    {
        $moved = $host;
        while (null === $this->all->lanes[$moved->id]->takenOff()) {
            $on = $this->all->pieces->carrier($moved);
            if (null === $on) {
                return $host;
            }
            $moved = $on;
        }

        return $moved;
    }

    /** @param bool $back the way back matters, too: what is glued or pressed in may be fitted on the bench */
    private function outerAndInner(Part $outer, Part $inner, bool $back = true): void
    {
        [$out, $in] = [$this->all->lanes[$outer->id], $this->all->lanes[$inner->id]];
        $this->all->put(
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
        $this->all->put(
            $in,
            $in->putOn(),
            $out,
            $out->putOn(),
            Message::of('{inner} to be on, which goes under {outer}', inner: $in->name(), outer: $out->name()),
            15,
        );
        $this->all->put(
            $in,
            $in->putOn(),
            $out,
            $out->lookedInto(),
            Message::of('{part} to be in before it is looked into for the last time', part: $in->name()),
            20,
        );
    }
}
