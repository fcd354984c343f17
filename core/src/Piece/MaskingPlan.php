<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\Replayed;
use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Consumable;
use Hull\Catalog\Covering;
use Hull\Compute\Inputs;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Job\Covered;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\Length;

/** What of a part is covered before its coats, with what and from when to when; and what that takes. */
final readonly class MaskingPlan
{
    /** How far spray reaches past the edge, metres; brush and roller stay within the tape. */
    private const APRON = 0.5;
    /** Sun bakes the glue on: tape stays half as long. */
    private const SUN = 0.5;

    /**
     * @param list<MaskingLine> $lines
     * @param float|null $hours from the tape's going on to its coming off, nights not counted; null where the route
     *                          masks nothing, or a wait in this air never ends
     * @param Consumable|null $tape the one that may stay so long; the longest there is where none may
     * @param bool $tooLong no tape may stay so long
     * @param array<int|string, float> $needs by consumable: pieces, or metres
     */
    private function __construct(
        public array $lines,
        public ?float $hours,
        public ?Consumable $tape,
        public bool $tooLong,
        public array $needs,
    ) {}

    /** @param iterable<Part> $parts of the job */
    public static function of(Workpiece $piece, iterable $parts): self
    {
        $catalogue = $piece->context->catalogue();
        $times = MaskingTimes::of($catalogue, RouteLine::of($piece, $piece->route()));
        $hours = $times->tape->hours;
        $limit = $piece->isOutdoors() ? self::SUN : 1.0;
        $tapes = self::sold($catalogue, 'tape');
        $tape = $tapes[count($tapes) - 1] ?? null;
        foreach (array_reverse($tapes) as $one) {
            $tape = null !== $hours && $hours <= ($one->staysH ?? \INF) * $limit ? $one : $tape;
        }
        $width = $tape->width ?? Length::millimetres(36);
        $sprayed = self::isSprayed($piece, $times);
        $lines = [];
        $isSomething = static fn(Covered $c): bool => Covering::NOTHING !== $catalogue->coverings[$c->kind]->by;
        foreach (array_filter($piece->part->covered, $isSomething) as $covered) {
            $lines[] = self::covered($catalogue, $covered, $width, $sprayed, $times);
        }
        foreach (self::neighbours($piece->part, $parts) as [$other, $why]) {
            $lines[] = self::neighbour($piece->part, $other, $why, $sprayed, $times);
        }

        return new self(
            $lines,
            $hours,
            $tape,
            null !== $hours && null !== $tape && $hours > ($tape->staysH ?? \INF) * $limit,
            self::needs($catalogue, $lines, $tape),
        );
    }

    /** Some of it is still to be put on. */
    public function isAhead(Workpiece $piece, Replayed $done): bool
    {
        foreach (Workpiece::remaining($piece->route(), $done) as $step) {
            $tags = $piece->context->catalogue()->step($step->step)->tags;
            if ([] !== array_intersect(['masking', 'plugging'], $tags)) {
                return true;
            }
        }

        return false;
    }

    private static function covered(
        Catalogue $catalogue,
        Covered $covered,
        Length $width,
        bool $sprayed,
        MaskingTimes $times,
    ): MaskingLine {
        $covering = $catalogue->coverings[$covered->kind];
        $plug = 'plug' === $covering->by;
        $worked = match ($covering->by) {
            'plug' => null,
            'line' => self::line($covered->along ?? Length::metres(0.0), $covered->count, $sprayed),
            default => self::face($covered, $width, $covering->by),
        };
        $early = $plug && '' !== $times->plugged;
        $isLine = 'line' === $covering->by && '' !== $times->line->on;
        $taped = $isLine ? $times->line : $times->tape;

        return new MaskingLine(
            name: '' === $covered->name ? $covering->name : $covered->name,
            by: 'tape' === $covering->by && ($worked?->quantity('film', Area::class)->m2() ?? 0.0) > 0.0
                ? 'film'
                : $covering->by,
            count: $covered->count,
            covered: $covered,
            worked: $worked,
            on: $early ? $times->plugged : $taped->on,
            onBefore: match (true) {
                $early => $times->blasted,
                $isLine => $times->lineWiped,
                default => $times->wiped,
            },
            off: $early ? $times->pulled : $taped->off,
            hours: $early ? null : $taped->hours,
            after: $early ? null : $taped->after,
        );
    }

    private static function neighbour(
        Part $part,
        Part $other,
        string $why,
        bool $sprayed,
        MaskingTimes $times,
    ): MaskingLine {
        $side = sqrt(min($part->area()->m2(), $other->area()->m2()));

        return new MaskingLine(
            name: $other->name,
            by: 'line',
            count: 1,
            covered: null,
            worked: self::line(Length::metres($side), 1, $sprayed),
            on: '' === $times->shielded ? $times->tape->on : $times->shielded,
            onBefore: '' === $times->shielded ? $times->wiped : '',
            off: $times->tape->off,
            hours: '' === $times->shielded ? $times->tape->hours : null,
            after: $times->tape->after,
            why: $why,
            estimated: true,
        );
    }

    /**
     * What lies beside and keeps what it has: what stays on, zones of the same piece, what is said to lie beside.
     *
     * @param iterable<Part> $parts
     *
     * @return list<array{Part, string}> each with why
     */
    private static function neighbours(Part $part, iterable $parts): array
    {
        $pieces = new Pieces($parts);
        $found = [];
        foreach ($pieces->neighbours() as [$a, $b]) {
            if ($a->id !== $part->id && $b->id !== $part->id) {
                continue;
            }
            $other = $a->id === $part->id ? $b : $a;
            $stays =
                [] !== array_filter($other->links, static fn(Link $l): bool => $l->stays && $l->to === $part->piece());
            $found[] = [
                $other,
                match (true) {
                    $stays => 'stays on',
                    $other->piece() === $part->piece() => 'zone of the same piece',
                    default => 'lies beside',
                },
            ];
        }

        return $found;
    }

    private static function isSprayed(Workpiece $piece, MaskingTimes $times): bool
    {
        foreach ($times->coats as $product) {
            if ($piece->method($piece->context->catalogue()->product($product))->isSprayed()) {
                return true;
            }
        }

        return false;
    }

    private static function line(Length $along, int $count, bool $sprayed): Result
    {
        return self::work('masking.line', [
            'along' => $along,
            'count' => Count::of($count),
            'apron' => Length::metres($sprayed ? self::APRON : 0.0),
        ]);
    }

    private static function face(Covered $covered, Length $width, string $by): Result
    {
        return self::work('masking.face', [
            'across' => $covered->across ?? Length::metres(0.0),
            'along' => $covered->along ?? Length::metres(0.0),
            'count' => Count::of($covered->count),
            'width' => $width,
            'by' => $by,
        ]);
    }

    /** @param array<string, Length|Count|string> $inputs */
    private static function work(string $name, array $inputs): Result
    {
        $computation = Registry::standard()->find($name) ?? throw new \LogicException('No ' . $name);

        return $computation->run(Inputs::of($computation->inputs, $inputs));
    }

    /**
     * @param list<MaskingLine> $lines
     *
     * @return array<int|string, float> by consumable
     */
    private static function needs(Catalogue $catalogue, array $lines, ?Consumable $tape): array
    {
        $film = self::sold($catalogue, 'film')[0] ?? null;
        $fine = self::sold($catalogue, 'line')[0] ?? null;
        $plug = self::sold($catalogue, 'plug')[0] ?? null;
        $needs = [];
        $add = static function (?Consumable $of, float $amount) use (&$needs): void {
            if (null !== $of && $amount > 0.0) {
                $needs[$of->id] = ($needs[$of->id] ?? 0.0) + $amount;
            }
        };
        foreach ($lines as $line) {
            if ('plug' === $line->by) {
                $add($plug, (float) $line->count);
                continue;
            }
            $metres = $line->worked?->quantity('tape', Length::class)->m() ?? 0.0;
            // The crepe tape goes on the fine line and holds the film.
            $add($tape, $metres);
            $add('line' === $line->by ? $fine : null, $metres);
            $add($film, ($line->worked?->quantity('film', Area::class)->m2() ?? 0.0) / ($film?->width?->m() ?? 1.0));
        }

        return $needs;
    }

    /** @return list<Consumable> by how long it may stay, the shortest first */
    private static function sold(Catalogue $catalogue, string $by): array
    {
        $sold = array_values(
            array_filter($catalogue->consumables, static fn(Consumable $c): bool => in_array($by, $c->masks, true)),
        );
        usort($sold, static fn(Consumable $a, Consumable $b): int => ($a->staysH ?? \INF) <=> ($b->staysH ?? \INF));

        return $sold;
    }
}
