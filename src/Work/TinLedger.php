<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\LogRow;
use App\Entity\MovementRow;
use App\Entity\TinRow;
use App\Entity\Workshop;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Pack\Lot;
use Hull\Pack\Stock;
use Hull\Quantity\Count;
use Hull\Quantity\Mass;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Store\Movement;
use Hull\Store\MovementKind;
use Hull\Store\Supplier;
use Hull\Store\Tin;
use Hull\Store\TinState;
use Hull\Surface\Shade;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The tins of a workshop and their ledgers. */
final readonly class TinLedger
{
    public const MEASURES = ['L' => Volume::class, 'kg' => Mass::class, 'pc' => Count::class];

    /** What is given back is the same to the last bit but for the arithmetic, L or kg. */
    private const NOTHING = 1e-9;

    /** An empty tin is looked at, counted again or put right for so long; then it is left out of what is read daily. */
    private const SHOWN_EMPTY = '-30 days';

    public function __construct(
        private EntityManagerInterface $em,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    /** @param list<Tin> $tins as read; their ids are given here */
    public function receive(Workshop $workshop, array $tins): void
    {
        foreach ($tins as $tin) {
            $this->em->persist(
                new TinRow(
                    workshop: $workshop,
                    material: $tin->material,
                    batch: $tin->batch,
                    measure: (string) array_search($tin->size::class, self::MEASURES, true),
                    size: $tin->size->value(),
                    received: $tin->received,
                    label: $tin->label,
                    cabinet: $tin->cabinet,
                    price: $tin->price?->minor,
                    colour: $tin->colour,
                ),
            );
        }
        $this->em->flush();
    }

    public function move(TinRow $row, Movement $movement): void
    {
        $this->append($row, $movement);
        $this->em->flush();
    }

    public function find(string $id): TinRow
    {
        return (Uuid::isValid($id)
            ? $this->em->getRepository(TinRow::class)->findOneBy(['id' => Uuid::fromString($id)])
            : null) ?? throw new NotFoundHttpException();
    }

    /** Waits until nobody else writes about the tin. */
    public function hold(TinRow $row): void
    {
        $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
    }

    /** @return list<TinRow> oldest first, with their movements; none that has been empty for long */
    public function rows(): array
    {
        /** @var list<TinRow> $rows */
        $rows = $this->em
            ->createQuery(
                'SELECT t, m FROM ' .
                    TinRow::class .
                    ' t LEFT JOIN t.movements m WHERE t.goneAt IS NULL OR t.goneAt > :since
                    ORDER BY t.received, t.id, m.number',
            )
            ->setParameter('since', $this->clock->now()->modify(self::SHOWN_EMPTY), 'instant')
            ->getResult();

        return $rows;
    }

    public function state(TinRow $row): TinState
    {
        $kind = self::MEASURES[$row->measure];
        $tin = new Tin(
            id: (string) $row->id,
            material: $row->material,
            batch: $row->batch,
            size: $kind::ofRecord($row->size),
            received: $row->received,
            label: $row->label,
            cabinet: $row->cabinet,
            price: null === $row->price ? null : Money::minor($row->price),
            colour: $row->colour,
        );
        $movements = array_map(
            static fn(MovementRow $m): Movement => new Movement(
                $m->kind,
                null === $m->amount ? null : $kind::ofRecord($m->amount),
                $m->at,
                $m->entryId,
                $m->note,
            ),
            $row->movements->toArray(),
        );

        return TinState::of(
            $tin,
            array_values($movements),
            $this->catalogues->for($row->workshop)->shelf($row->material),
        );
    }

    /** @return list<TinState> */
    public function states(): array
    {
        return array_map($this->state(...), $this->rows());
    }

    /** @return array<int|string, list<Lot>> by key of the shade */
    public function lots(): array
    {
        $lots = [];
        foreach ($this->states() as $state) {
            $lots[$state->tin->shade()->key()][] = $state->asLot();
        }

        return $lots;
    }

    /** @return list<Supplier> in order of preference */
    public static function suppliers(Workshop $workshop): array
    {
        return array_map(
            static fn(array $s): Supplier => new Supplier($s['name'], $s['leadDays'], $s['sells']),
            $workshop->suppliers,
        );
    }

    /** A line of the record used paint: what expires first goes first. What the store lacks came from elsewhere. */
    public function draw(LogRow $line, Shade $paint, Quantity $used): void
    {
        $rows = [];
        $sought = ['material' => $paint->product, 'goneAt' => null];
        foreach ($this->em->getRepository(TinRow::class)->findBy($sought) as $row) {
            if ((new Shade($row->material, $row->colour))->key() === $paint->key()) {
                $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
                $rows[(string) $row->id] = $row;
            }
        }
        $stock = new Stock(array_values(array_map(fn(TinRow $r): Lot => $this->state($r)->asLot(), $rows)));
        foreach ($stock->draw($used, $line->at) as [$lot, $taken]) {
            $this->append($rows[$lot->id], new Movement(MovementKind::Used, $taken, $line->at, (string) $line->id));
        }
    }

    /**
     * Batches that lines of the record used, without what went back.
     *
     * @param list<LogRow> $lines
     *
     * @return array<int|string, list<string>> by row id of the line
     */
    public function batches(array $lines): array
    {
        $ids = array_map(static fn(LogRow $l): string => (string) $l->id, $lines);
        $left = [];
        foreach ([] === $ids ? [] : $this->em->getRepository(MovementRow::class)->findBy(['entryId' => $ids]) as $m) {
            $amount = (MovementKind::Back === $m->kind ? -1.0 : 1.0) * ($m->amount ?? 0.0);
            $left[(string) $m->entryId][$m->tin->batch] ??= 0.0;
            $left[(string) $m->entryId][$m->tin->batch] += $amount;
        }

        return array_map(
            static fn(array $of): array => array_map(
                strval(...),
                array_keys(array_filter($of, static fn(float $amount): bool => $amount > self::NOTHING)),
            ),
            $left,
        );
    }

    /** The line was withdrawn or said anew: what it had drawn goes back into the same tins. */
    public function giveBack(LogRow $line, \DateTimeImmutable $at): void
    {
        $drawn = [];
        $rows = [];
        foreach ($this->em->getRepository(MovementRow::class)->findBy(['entryId' => (string) $line->id]) as $m) {
            $id = (string) $m->tin->id;
            $rows[$id] = $m->tin;
            $drawn[$id] = ($drawn[$id] ?? 0.0) + (MovementKind::Back === $m->kind ? -1.0 : 1.0) * ($m->amount ?? 0.0);
        }
        foreach ($drawn as $id => $amount) {
            if ($amount > self::NOTHING) {
                $this->append(
                    $rows[$id],
                    new Movement(
                        MovementKind::Back,
                        self::MEASURES[$rows[$id]->measure]::ofRecord($amount),
                        $at,
                        (string) $line->id,
                    ),
                );
            }
        }
    }

    private function append(TinRow $row, Movement $m): void
    {
        $line = new MovementRow(
            tin: $row,
            number: 1 + $row->movements->count(),
            kind: $m->kind,
            amount: $m->amount?->value(),
            at: $m->at,
            entryId: $m->entryId,
            note: $m->note,
        );
        $row->movements->add($line);
        $this->em->persist($line);
        $row->goneAt = $this->state($row)->isEmpty() ? $m->at : null;
    }
}
