<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\AreaLine;
use App\Api\View\AreaShapeView;
use App\Api\View\FilmNeedView;
use App\Api\View\FilmPartView;
use App\Api\View\NeedView;
use App\Api\View\Option;
use App\Api\View\OrderView;
use App\Api\View\QuantitiesView;
use App\Api\View\TinView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Work\JobPieces;
use App\Work\JobStock;
use App\Work\RowMapper;
use App\Work\TinLedger;
use Hull\Bench\WhatIf;
use Hull\Bench\Workpiece;
use Hull\Board\Shopping;
use Hull\Board\ShoppingLine;
use Hull\Board\Wanted;
use Hull\Catalog\Catalogue;
use Hull\Compute\Registry;
use Hull\Compute\Source;
use Hull\Input\Keys;
use Hull\Job\Shape;
use Hull\Pack\Pack;
use Hull\Quantity\Area;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Message;
use Hull\Quantity\Money;
use Hull\Quantity\Percentage;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Store\CoatAhead;
use Hull\Store\Inventory;
use Hull\Store\Supplier;
use Psr\Clock\ClockInterface;

/** Builds the quantities of a job: from areas to films to packs to money. */
final readonly class QuantitiesScreen
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private JobStock $yard,
        private TinLedger $room,
        private ClockInterface $clock,
        private WorthScreen $worth,
    ) {}

    /** @param list<JobRow> $others the other jobs of the yard */
    public function shopping(JobRow $row, array $others, WhatIf $if): Shopping
    {
        $stores = $this->yard->for($row, $others);

        return $this->bought(JobPieces::of($this->stored, $row, $this->clock->now()), $row, $stores, $if);
    }

    private function bought(JobPieces $read, JobRow $row, Inventory $stores, WhatIf $if): Shopping
    {
        return Shopping::buying(
            $this->catalogues->for($row->workshop),
            $if->isAsPlanned()
                ? $this->yard->byJob([$row])[(string) $row->id]
                : Wanted::of($read->pieces, $read->done, $if),
            $stores,
        );
    }

    /** @param list<JobRow> $others */
    public function view(JobRow $row, array $others, WhatIf $if, UnitPresenter $shown): QuantitiesView
    {
        $read = JobPieces::of($this->stored, $row, $this->clock->now());
        $stores = $this->yard->for($row, $others);
        $shopping = $this->bought($read, $row, $stores, $if);
        $planned = $if->isAsPlanned() ? $shopping : $this->bought($read, $row, $stores, WhatIf::asPlanned());
        $currency = $row->workshop->currency;
        $batches = [];
        foreach ($this->room->rows() as $tin) {
            $batches[(string) $tin->id] = $tin->batch;
        }
        $need = fn(ShoppingLine $n): NeedView => $this->need($n, $batches, $currency, $shown);
        $difference = $shopping->price()->minor - $planned->price()->minor;
        $more = Money::minor(abs($difference))->rounded() . ' ' . $currency;

        return new QuantitiesView(
            jobId: (string) $row->id,
            name: $row->name,
            moreCoats: $if->coats,
            moreLoss: $shown->value($if->loss)->text,
            breeze: $if->breeze,
            method: $if->method ?? '',
            methods: Option::ofMethods($this->catalogues->for($row->workshop)->methods),
            areas: self::areas($read->pieces, $shown),
            area: $shown->value(
                self::sum(array_map(static fn(Workpiece $p): Area => $p->context->area(), array_values($read->pieces))),
            ),
            notCoated: $shown->value(
                self::sum(array_map(static fn(Workpiece $p): Area => self::bare($p), array_values($read->pieces))),
            ),
            films: self::films($this->catalogues->for($row->workshop), $shopping, $need, $shown),
            goods: array_values(
                array_map(
                    $need,
                    array_filter($shopping->needs, static fn(ShoppingLine $n): bool => Supplier::PAINT !== $n->kind),
                ),
            ),
            price: $shopping->price()->rounded() . ' ' . $currency,
            planned: $planned->price()->rounded() . ' ' . $currency,
            difference: match (true) {
                $difference > 0 => Message::of('{money} more than planned', money: $more),
                $difference < 0 => Message::of('{money} less than planned', money: $more),
                default => '',
            },
            orders: $this->orders($shopping, $currency, $shown),
            unmeasured: array_values($shopping->unmeasured),
            unrouted: array_map(static fn(string $id): string => self::name($row, $id), Keys::of($read->unrouted)),
            worth: $this->worth->job($row, $shown),
        );
    }

    private static function name(JobRow $row, string $id): string
    {
        foreach ($row->parts as $part) {
            if ((string) $part->id === $id && is_string($part->survey['name'] ?? null)) {
                return $part->survey['name'];
            }
        }

        return '';
    }

    /** @param list<Area> $areas */
    private static function sum(array $areas): Area
    {
        return Area::squareMetres(array_sum(array_map(static fn(Area $a): float => $a->m2(), $areas)));
    }

    private static function bare(Workpiece $piece): Area
    {
        return self::sum(array_map(static fn(Shape $s): Area => $s->notCoated(), $piece->part->shapes));
    }

    /**
     * @param array<int|string, Workpiece> $pieces
     *
     * @return list<AreaLine> largest first
     */
    private static function areas(array $pieces, UnitPresenter $shown): array
    {
        $whole = max([
            1e-9,
            ...array_map(
                static fn(Workpiece $p): float => $p->context->area()->m2() + self::bare($p)->m2(),
                array_values($pieces),
            ),
        ]);
        uasort(
            $pieces,
            static fn(Workpiece $a, Workpiece $b): int => $b->context->area()->m2() <=> $a->context->area()->m2(),
        );
        $lines = [];
        foreach ($pieces as $id => $piece) {
            $id = (string) $id;
            $shapes = array_map(static function (Shape $s) use ($shown, $whole): AreaShapeView {
                $result = $s->result();

                return new AreaShapeView(
                    name: $s->name,
                    kind: $result->computation->summary,
                    area: $shown->of($result, 'area', Area::class),
                    notCoated: $shown->value($s->notCoated()),
                    share: $s->area()->m2() / $whole,
                    notShare: $s->notCoated()->m2() / $whole,
                    estimate: Source::Estimate === $result->source,
                );
            }, $piece->part->shapes);
            $lines[] = new AreaLine(
                $id,
                $piece->part->name,
                $piece->context->substrate()->hatch,
                $shown->value($piece->context->area()),
                $shown->value(self::bare($piece)),
                $shapes,
            );
        }

        return $lines;
    }

    /**
     * @param callable(ShoppingLine): NeedView $view
     *
     * @return list<FilmNeedView>
     */
    private static function films(Catalogue $catalogue, Shopping $shopping, callable $view, UnitPresenter $shown): array
    {
        $most = max([
            1e-9,
            ...array_map(static fn(ShoppingLine $n): float => $n->amount->value(), array_values($shopping->paint())),
        ]);
        $films = [];
        foreach ($shopping->paint() as $id => $need) {
            $id = (string) $id;
            $product = $catalogue->product($need->coats[0]->shade->product);
            $wet = Registry::standard()->run(
                'film.wet',
                [
                    'dft' => $product->dft,
                    'solids' => $product->solids,
                    'thinner' => Percentage::ratio($product->ratio->thinnerShare),
                ],
                $product->sourceOf('dft', 'solids', 'ratio'),
            );
            $onPart = array_sum(array_map(static fn(CoatAhead $c): float => $c->onPart->litresValue(), $need->coats));
            $swallowed = array_sum(
                array_map(static fn(CoatAhead $c): float => $c->swallowed->litresValue(), $need->coats),
            );
            $lost = max(0.0, $need->amount->value() - $onPart - $swallowed);
            $films[] = new FilmNeedView(
                product: $id,
                name: $need->name,
                hatch: $product->hatch,
                coats: count($need->coats),
                dft: $shown->value($product->dft),
                wft: $shown->of($wet, 'wft', FilmThickness::class),
                solids: $shown->value($product->solids),
                onPart: $shown->value(Volume::litres($onPart)),
                swallowed: $shown->value(Volume::litres($swallowed)),
                lost: $shown->value(Volume::litres($lost)),
                onPartShare: $onPart / $most,
                swallowedShare: $swallowed / $most,
                lostShare: $lost / $most,
                parts: self::byPart($need, $shown),
                need: $view($need),
            );
        }

        return $films;
    }

    /** @return list<FilmPartView> */
    private static function byPart(ShoppingLine $need, UnitPresenter $shown): array
    {
        $parts = [];
        foreach ($need->coats as $coat) {
            $parts[$coat->partId] ??= [$coat->part, 0, 0.0];
            ++$parts[$coat->partId][1];
            $parts[$coat->partId][2] += $coat->paint->litresValue();
        }

        return array_values(
            array_map(
                static fn(array $p): FilmPartView => new FilmPartView(
                    $p[0],
                    $p[1],
                    $shown->value(Volume::litres($p[2])),
                ),
                $parts,
            ),
        );
    }

    /** @param array<int|string, string> $batches by tin */
    private function need(ShoppingLine $need, array $batches, string $currency, UnitPresenter $shown): NeedView
    {
        $largest = max([
            1e-9,
            ...array_map(static fn(array $p): float => $p[0]->size->value(), $need->purchase->packs),
        ]);
        $from = array_map(
            static fn(array $f): Message => self::tin($f[1], $batches[$f[0]->id] ?? '', $f[0]->expires),
            $need->from,
        );

        return new NeedView(
            id: $need->id,
            name: $need->name,
            kind: $need->kind,
            amount: $shown->value($need->amount),
            inStore: $shown->value($need->inStore()),
            from: $from,
            missing: $shown->value($need->missing()),
            tins: array_map(
                static fn(array $p): TinView => new TinView(
                    self::size($p[0], $shown),
                    $p[0]->size->value() / $largest,
                    $p[1],
                ),
                $need->purchase->packs,
            ),
            leftover: $shown->value($need->purchase->leftover),
            price: $need->purchase->tins > 0 ? $need->purchase->price->rounded() . ' ' . $currency : '',
            seller: $need->seller->name ?? '',
            note: $need->note,
        );
    }

    /** What is poured from a tin, and how long that keeps. */
    public static function tin(Quantity $amount, string $batch, ?\DateTimeImmutable $expires): Message
    {
        return null === $expires
            ? Message::of('{amount} of batch {batch}', amount: $amount, batch: $batch)
            : Message::of(
                '{amount} of batch {batch}, good until {day}',
                amount: $amount,
                batch: $batch,
                day: $expires->format('j M Y'),
            );
    }

    private static function size(Pack $pack, UnitPresenter $shown): string
    {
        return $pack->size instanceof \Hull\Quantity\Count
            ? sprintf('%g pcs', $pack->size->value())
            : $shown->value($pack->size)->text;
    }

    /** @return list<OrderView> */
    private function orders(Shopping $shopping, string $currency, UnitPresenter $shown): array
    {
        $orders = [];
        foreach ($shopping->bySeller() as $seller => $needs) {
            $seller = (string) $seller;
            $lead = $needs[0]->seller->leadDays ?? null;
            $lines = array_map(
                static fn(ShoppingLine $n): string => sprintf(
                    '%s: %s',
                    $n->name,
                    implode(
                        ' + ',
                        array_map(
                            static fn(array $p): string => sprintf('%d × %s', $p[1], self::size($p[0], $shown)),
                            $n->purchase->packs,
                        ),
                    ),
                ),
                $needs,
            );
            $price = Money::minor(
                array_sum(array_map(static fn(ShoppingLine $n): int => $n->purchase->price->minor, $needs)),
            );
            $orders[] = new OrderView(
                $seller,
                null === $lead ? '' : $this->clock->now()->modify(sprintf('+%d days', $lead))->format('Y-m-d'),
                $lines,
                $price->rounded() . ' ' . $currency,
            );
        }

        return $orders;
    }
}
