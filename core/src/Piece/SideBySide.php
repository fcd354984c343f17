<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Job\Spot;
use Hull\Quantity\Message;

/** What lies beside what: out of each other's dust and wax, top before bottom, alike films in one go. */
final readonly class SideBySide
{
    public function __construct(private Lanes $all) {}

    public function find(): void
    {
        $this->neighbours();
        $this->waxed();
        $this->inSpace();
        $this->lines();
        $this->oneGo();
    }

    /** What raises dust or wet is done before what is beside it is made ready for a film, and before it is waxed. */
    private function neighbours(): void
    {
        foreach ($this->all->pieces->neighbours() as [$a, $b]) {
            foreach ([[$a, $b], [$b, $a]] as [$one, $other]) {
                $this->sparing($this->all->lanes[$one->id], $this->all->lanes[$other->id]);
            }
        }
    }

    private function sparing(Lane $dirt, Lane $beside): void
    {
        $coat = $dirt->coats()[0] ?? \PHP_INT_MAX;
        $before = array_values(array_filter($dirt->dirty(), static fn(int $at): bool => $at < $coat));
        $this->all->put(
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
                $this->all->put(
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
            $this->all->put(
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
            $this->all->put(
                $dirt,
                $dirt->last(['polishing']),
                $beside,
                $beside->first(['polishing']),
                Message::of('the compound to be done before {metal} is polished', metal: $beside->name()),
                17,
            );
        }
    }

    /** Wax and silicone hang in the air of a place and lie on all that is coated there after them. */
    private function waxed(): void
    {
        foreach ($this->all->lanes as $wax) {
            $at = $wax->waxed();
            foreach (null === $at ? [] : $this->all->lanes as $coated) {
                if ($coated !== $wax && $coated->part->place === $wax->part->place) {
                    $because = Message::of(
                        'the last coat on {part} to be on before wax comes into its place',
                        part: $coated->name(),
                    );
                    $this->all->put($coated, $coated->lastHardCoat(), $wax, $at, $because, 16);
                }
            }
        }
    }

    /** Top before bottom, inside before outside, what one stands on last: coat by coat. */
    private function inSpace(): void
    {
        foreach ($this->all->pieces->neighbours() as [$a, $b]) {
            if ($a->piece() !== $b->piece() || null === $a->spot || null === $b->spot) {
                continue;
            }
            $turn = $a->spot->turn() <=> $b->spot->turn();
            if (0 === $turn) {
                continue;
            }
            [$first, $then] =
                $turn < 0
                    ? [$this->all->lanes[$a->id], $this->all->lanes[$b->id]]
                    : [$this->all->lanes[$b->id], $this->all->lanes[$a->id]];
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
                $this->all->put($first, $at, $then, $to, $because, 17, orTogether: true);
            }
        }
    }

    /** The tape of a line between two colours lies on the other colour: that one is laid first, and bears it. */
    private function lines(): void
    {
        foreach ($this->all->pieces->neighbours() as [$a, $b]) {
            [$one, $other] = [$this->all->lanes[$a->id], $this->all->lanes[$b->id]];
            $taped = [$one->first([Lane::LINE]), $other->first([Lane::LINE])];
            if ($a->piece() !== $b->piece() || $taped === [null, null]) {
                continue;
            }
            // Where both say that there is a line, the one named first has its colour first.
            [$first, $then, $at] = null === $taped[1] ? [$other, $one, $taped[0]] : [$one, $other, $taped[1]];
            $this->all->put(
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
        foreach ($this->all->pieces->neighbours() as [$a, $b]) {
            $one = $this->all->lanes[$a->id];
            $other = $this->all->lanes[$b->id];
            $alike = $a->piece() === $b->piece() && $a->begin === $b->begin ? $one->alike($other) : [];
            foreach ([] === $alike || $this->isParted($one, $other) ? [] : $alike as [$at, $to]) {
                $because = Message::of(
                    '{one} and {other} to be coated in one go',
                    one: $one->name(),
                    other: $other->name(),
                );
                $this->all->put($one, $at, $other, $to, $because, 19, orTogether: true, asOne: true);
                $this->all->put($other, $to, $one, $at, $because, 19, orTogether: true, asOne: true);
            }
        }
    }

    /** The order in space puts a zone with another film between those that have this one. */
    private function isParted(Lane $one, Lane $other): bool
    {
        $turns = [];
        $between = [];
        foreach ($this->all->lanes as $lane) {
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
}
