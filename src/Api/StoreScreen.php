<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\ConflictView;
use App\Api\View\ExpiryView;
use App\Api\View\MaterialView;
use App\Api\View\MovementView;
use App\Api\View\Option;
use App\Api\View\SheetFieldView;
use App\Api\View\SheetView;
use App\Api\View\StoreView;
use App\Api\View\SupplierView;
use App\Api\View\TinLineView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\MovementRow;
use App\Entity\TinRow;
use App\Entity\Workshop;
use App\Work\JobStock;
use App\Work\TinLedger;
use Hull\Catalog\Catalogue;
use Hull\Catalog\ProductSheet;
use Hull\Input\Keys;
use Hull\Pack\Pack;
use Hull\Pack\Stock;
use Hull\Quantity\Quantity;
use Hull\Quantity\Volume;
use Hull\Store\Cabinets;
use Hull\Store\Supplier;
use Hull\Store\TinState;
use Hull\Surface\Shade;
use Psr\Clock\ClockInterface;
use Symfony\Component\Yaml\Yaml;

/** Builds the store: what there is, how long it keeps, what it is for, what must not stand together. */
final readonly class StoreScreen
{
    /** A tin that ends within these days is shown as ending soon. */
    private const SOON_DAYS = 60;

    public function __construct(
        private TinLedger $room,
        private JobStock $yard,
        private Catalogues $catalogues,
        private ClockInterface $clock,
        private string $sheetExample,
        private string $csvExample,
    ) {}

    /** @param list<JobRow> $jobs */
    public function view(Workshop $workshop, array $jobs, UnitPresenter $shown): StoreView
    {
        $now = $this->clock->now();
        $catalogue = $this->catalogues->for($workshop);
        $tins = [];
        $shades = [];
        foreach ($this->room->rows() as $row) {
            $state = $this->room->state($row);
            $tins[$state->tin->shade()->key()][] = [$row, $state];
            $shades[$state->tin->shade()->key()] = $state->tin->shade();
        }
        [$needed, $users, $wanted] = $this->wanted($catalogue, $jobs);
        $shades += $wanted;
        $materials = [];
        $expiring = [];
        foreach (array_unique([...Keys::of($tins), ...Keys::of($needed)]) as $material) {
            $shade = $shades[$material] ?? new Shade($material);
            $materials[] = self::material(
                catalogue: $catalogue,
                shade: $shade,
                tins: $tins[$material] ?? [],
                needed: $needed[$material] ?? null,
                users: Keys::of($users[$material] ?? []),
                now: $now,
                shown: $shown,
            );
            foreach ($tins[$material] ?? [] as [$row, $state]) {
                if (!$state->isEmpty() && null !== $state->expires && $state->expires < self::soon($now)) {
                    $expiring[] = new ExpiryView(
                        material: $shade->named($catalogue->material($shade->product)),
                        batch: $row->batch,
                        left: $shown->value($state->left),
                        expires: $state->expires->format('Y-m-d\TH:i:s\Z'),
                        because: $state->because,
                        expired: $state->isExpired($now),
                        usedBy: Keys::of($users[$material] ?? []),
                    );
                }
            }
        }
        usort(
            $materials,
            static fn(MaterialView $a, MaterialView $b): int => [$a->kind, $a->name] <=> [$b->kind, $b->name],
        );
        usort($expiring, static fn(ExpiryView $a, ExpiryView $b): int => $a->expires <=> $b->expires);
        $states = array_map(static fn(array $t): TinState => $t[1], array_merge(...array_values($tins)));

        return new StoreView(
            now: $now->format('Y-m-d\TH:i:s\Z'),
            materials: $materials,
            expiring: $expiring,
            conflicts: array_map(
                static fn(array $c): ConflictView => new ConflictView(
                    $c[0],
                    $catalogue->material($c[2]),
                    $catalogue->material($c[3]),
                    $c[1]->says,
                    $c[1]->consequence,
                ),
                Cabinets::conflicts($catalogue, $states),
            ),
            sheets: array_values(
                array_map(
                    static fn(array $s): SheetView => self::sheet($catalogue, $s),
                    array_filter(
                        $workshop->sheets,
                        static fn(array $s): bool => isset(
                            $catalogue->products[is_string($s['class'] ?? null) ? $s['class'] : ''],
                        ),
                    ),
                ),
            ),
            suppliers: array_map(
                static fn(Supplier $s): SupplierView => new SupplierView($s->name, $s->leadDays, $s->sells),
                TinLedger::suppliers($workshop),
            ),
            kinds: [
                ...array_values(
                    array_map(
                        static fn(\Hull\Surface\Product $p): Option => new Option($p->id, $p->name, $p->example),
                        $catalogue->products,
                    ),
                ),
                ...array_values(
                    array_map(
                        static fn(\Hull\Catalog\Supply $s): Option => new Option($s->id, $s->name, $s->example),
                        $catalogue->supplies,
                    ),
                ),
            ],
            sheetExample: (string) file_get_contents($this->sheetExample),
            csvExample: (string) file_get_contents($this->csvExample),
            sheetsVersion: $workshop->edition('sheets'),
            suppliersVersion: $workshop->edition('suppliers'),
        );
    }

    private static function soon(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return $now->modify(sprintf('+%d days', self::SOON_DAYS));
    }

    /**
     * @param list<JobRow> $jobs
     *
     * @return array{
     *     array<int|string, Quantity>,
     *     array<int|string, array<int|string, true>>,
     *     array<int|string, Shade>,
     * } amount, the parts that want it, and which paint it is; by material, paint by key of its shade
     */
    private function wanted(Catalogue $catalogue, array $jobs): array
    {
        $needed = [];
        $users = [];
        $shades = [];
        foreach ($this->yard->byJob($jobs) as $id => $wanted) {
            foreach ($wanted->coats as $coat) {
                $key = $coat->shade->key();
                $shades[$key] = $coat->shade;
                $needed[$key] = Volume::litres(($needed[$key] ?? Volume::litres(0.0))->value() + $coat->paint->value());
                $users[$key][$coat->part] = true;
            }
            foreach ($wanted->supplies as $supply => $amount) {
                $measure = Pack::size($catalogue->supplies[$supply]->packs[0]);
                $needed[$supply] = $measure::ofRecord(($needed[$supply] ?? $measure::ofRecord(0.0))->value() + $amount);
                foreach ($jobs as $job) {
                    if ((string) $job->id === $id) {
                        $users[$supply][$job->name] = true;
                    }
                }
            }
        }

        return [$needed, $users, $shades];
    }

    /**
     * @param list<array{TinRow, TinState}> $tins
     * @param list<string> $users
     */
    private static function material(
        Catalogue $catalogue,
        Shade $shade,
        array $tins,
        ?Quantity $needed,
        array $users,
        \DateTimeImmutable $now,
        UnitPresenter $shown,
    ): MaterialView {
        $id = $shade->product;
        $product = $catalogue->products[$id] ?? null;
        $supply = $catalogue->supplies[$id] ?? null;
        $measure = ($tins[0] ?? null)[1]->left ?? ($needed ?? Volume::litres(0.0));
        $stock = new Stock(array_map(static fn(array $t): \Hull\Pack\Lot => $t[1]->asLot(), $tins));
        $good = array_filter($tins, static fn(array $t): bool => !$t[1]->isExpired($now));
        $total = $measure::ofRecord(array_sum(array_map(static fn(array $t): float => $t[1]->left->value(), $good)));
        $needed ??= $measure::ofRecord(0.0);

        return new MaterialView(
            id: $shade->key(),
            name: $shade->named($catalogue->material($id)),
            example: $product->example ?? ($supply->example ?? ''),
            kind: null === $product ? Supplier::CHEMICALS : Supplier::PAINT,
            hatch: $product->hatch ?? '',
            shelf: $catalogue->shelf($id)->text(),
            total: $shown->value($total),
            needed: $shown->value($needed),
            missing: $shown->value($stock->missing($needed, $now)),
            tins: array_map(
                static fn(array $t): TinLineView => self::tin($catalogue, $t[0], $t[1], $now, $shown),
                $tins,
            ),
            usedBy: $users,
        );
    }

    private static function tin(
        Catalogue $catalogue,
        TinRow $row,
        TinState $s,
        \DateTimeImmutable $now,
        UnitPresenter $shown,
    ): TinLineView {
        $instant = static fn(?\DateTimeImmutable $at): ?string => $at?->format('Y-m-d\TH:i:s\Z');
        $measure = TinLedger::MEASURES[$row->measure];

        return new TinLineView(
            id: (string) $row->id,
            batch: $row->batch,
            size: $shown->value($s->tin->size),
            left: $shown->value($s->left),
            share: min(1.0, $s->left->value() / max(1e-9, $s->tin->size->value())),
            opened: null !== $s->opened,
            openedAt: $instant($s->opened),
            activatedAt: $instant($s->activated),
            canBeActivated: null !== $catalogue->shelf($row->material)->activated &&
                null === $s->activated &&
                !$s->isEmpty(),
            expires: $instant($s->expires),
            because: $s->because,
            expired: $s->isExpired($now),
            soon: null !== $s->expires && !$s->isEmpty() && $s->expires < self::soon($now),
            cabinet: $row->cabinet,
            price: $s->tin->price?->text() ?? '',
            movements: array_values(
                array_map(
                    static fn(MovementRow $m): MovementView => new MovementView(
                        $m->kind->value,
                        null === $m->amount ? '' : $shown->value($measure::ofRecord($m->amount))->text,
                        $m->at->format('Y-m-d\TH:i:s\Z'),
                        $m->note,
                    ),
                    $row->movements->toArray(),
                ),
            ),
        );
    }

    /** @param array<int|string, mixed> $written */
    private static function sheet(Catalogue $catalogue, array $written): SheetView
    {
        $sheet = ProductSheet::read($written, array_map(strval(...), array_keys($catalogue->products)));
        $fields = [];
        foreach ($sheet->fields as $field => $value) {
            $field = (string) $field;
            $fields[] = new SheetFieldView(str_replace('_', ' ', $field), self::words($value));
        }

        return new SheetView(
            $sheet->class,
            $catalogue->product($sheet->class)->name,
            $sheet->name,
            $sheet->source,
            $fields,
            Yaml::dump($written, 2),
        );
    }

    private static function words(mixed $value): string
    {
        return is_array($value)
            ? implode(
                ', ',
                array_map(
                    static fn(int|string $k, mixed $v): string => is_int($k)
                        ? self::words($v)
                        : $k . ' ' . self::words($v),
                    array_keys($value),
                    $value,
                ),
            )
            : (is_scalar($value)
                ? (string) $value
                : '');
    }
}
