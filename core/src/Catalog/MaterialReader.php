<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Cure\CureKind;
use Hull\Cure\CureRows;
use Hull\Cure\Readiness;
use Hull\Input\Node;
use Hull\Mix\Dose;
use Hull\Mix\RatioBy;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Surface\CureSheet;
use Hull\Surface\Dew;
use Hull\Surface\Product;
use Hull\Surface\Shelf;
use Hull\Surface\Texture;

/** Reads products and supplies: what is bought, with the figures of its sheet. */
final readonly class MaterialReader
{
    /** @param array<int|string, CureKind> $cures */
    public function __construct(
        private Names $names,
        private FactTable $facts,
        private NeedReader $needs,
        private array $cures,
    ) {}

    public function supply(Node $n, string $id): Supply
    {
        return new Supply(
            id: $id,
            name: $n->field('name')->text(),
            example: $n->field('example')->text(),
            kind: $n->field('kind')->text(),
            use: $n->field('use')->text(400),
            limits: $n->optional('limits')?->text(400) ?? '',
            chemicals: Names::texts($n->optional('chemicals')),
            never: $this->names->ids('families', $n->optional('never')),
            density: Checked::above($n->optional('density'))?->number() ?? 1.0,
            shelf: self::shelf($n->optional('shelf')),
            packs: Checked::packs($n->field('packs')),
            price: $n->field('price')->integer(0, 10_000_000),
            rate: Checked::rate($n->optional('rate')),
            cautions: $this->names->ids('cautions', $n->optional('cautions')),
            source: Checked::source($n->optional('source')),
            free: true === $n->optional('free')?->boolean(),
            air: Checked::air($n->optional('air')),
            airHours: Checked::least($n->optional('air')?->optional('for_h'))?->number() ?? 0.0,
        );
    }

    public function product(Node $n, string $id): Product
    {
        $density = $n->optional('density');
        $climate = $n->field('climate');
        if (
            $climate->field('least')->quantity(Temperature::class)->c() >=
            $climate->field('most')->quantity(Temperature::class)->c()
        ) {
            throw $climate
                ->field('most')
                ->refuse('Nothing lies between the coldest and the hottest.', 'a temperature above "least"');
        }

        return new Product(
            id: $id,
            name: $n->field('name')->text(),
            example: $n->field('example')->text(),
            tags: Names::texts($n->field('tags')),
            ratio: 'one part' === $n->field('ratio')->text()
                ? MixRatio::onePart($n->optional('thinner')?->quantity(Percentage::class)->ratioValue() ?? 0.0)
                : $n->field('ratio')->ratio(),
            solids: Checked::solids($n->field('solids')),
            dft: Checked::film($n->field('dft')),
            ratioBy: RatioBy::from(
                $n
                    ->optional('ratio_by')
                    ?->choice(array_map(static fn(RatioBy $b): string => $b->value, RatioBy::cases())) ?? 'volume',
            ),
            otherRatio: $n->optional('other_ratio')?->ratio(),
            baseDensity: $density?->optional('base')?->quantity(Density::class),
            hardenerDensity: $density?->optional('hardener')?->quantity(Density::class),
            thinnerDensity: $density?->optional('thinner')?->quantity(Density::class),
            potLife: Checked::time($n->optional('pot_life')),
            induction: $n->optional('induction')?->quantity(Duration::class) ?? Duration::hours(0.0),
            cureKind: $this->cures[$n->field('cure_kind')->keyOf($this->cures)],
            cure: $this->cure($n->optional('cure')),
            least: $climate->field('least')->quantity(Temperature::class),
            most: $climate->field('most')->quantity(Temperature::class),
            leastHumidity: $climate->optional('least_humidity')?->quantity(RelativeHumidity::class) ??
                RelativeHumidity::percent(0),
            mostHumidity: $climate->field('most_humidity')->quantity(RelativeHumidity::class),
            dew: Dew::from($climate->optional('dew')?->choice(Dew::ids()) ?? Dew::UntilTouch->value),
            abradeWith: $n->field('abrade_with')->text(),
            hatch: $n->field('hatch')->text(),
            needs: $this->needs->needs($n->optional('needs'), $id),
            does: $this->facts->underProduct($n),
            cautions: $this->names->ids('cautions', $n->optional('cautions')),
            requires: $this->names->ids('limits', $n->optional('requires')),
            chemicals: Names::texts($n->optional('chemicals')),
            notes: $n->optional('notes')?->text(400) ?? '',
            cleaner: $n->optional('cleaner')?->choice($this->names->of('supplies')) ?? '',
            shelf: self::shelf($n->optional('shelf')),
            packs: Checked::tins($n->optional('packs')),
            price: $n->optional('price')?->integer(0, 10_000_000) ?? 0,
            voc: Checked::least($n->optional('voc'))?->number() ?? 0.0,
            role: $n->optional('role')?->choice(['film', 'filler']) ?? 'film',
            source: Checked::source($n->field('source')),
            tolerance: $n->optional('tolerance')?->quantity(Percentage::class) ??
                Percentage::ratio(Dose::DEFAULT_TOLERANCE),
            thinAfterInduction: true === $n->optional('thin_after_induction')?->boolean(),
            thinnerSupply: ($n->optional('thinner_supply') ?? $n->optional('cleaner'))?->choice(
                $this->names->of('supplies'),
            ) ?? '',
            sheet: Names::texts($n->optional('sheet')),
            textures: $this->textures($n, $id),
        );
    }

    /**
     * The textures of a product, each with the product as it lies in it: on the average so much thicker or thinner.
     *
     * @return array<int|string, Texture> by id
     */
    private function textures(Node $n, string $id): array
    {
        $textures = [];
        $film = Checked::film($n->field('dft'));
        foreach ($n->optional('textures')?->items(6) ?? [] as $t) {
            $as = $n->holding([
                ...array_map(static fn(Node $f): mixed => $f->value, $n->but('textures')->fields()),
                'dft' => sprintf('%.1f um', $film->um() * $t->field('film')->number()),
            ]);
            $textures[$t->field('id')->text(40)] = new Texture(
                $t->field('id')->text(40),
                $t->field('name')->text(60),
                $this->product($as, $id),
            );
        }

        return $textures;
    }

    public function consumable(Node $n, string $id): Consumable
    {
        $rates = array_map(static fn(string $per): float => $n->optional('per_' . $per)?->number() ?? 0.0, [
            'step',
            'm2',
            'hour',
            'batch',
        ]);

        return new Consumable(
            id: $id,
            name: $n->field('name')->text(),
            stepTags: Names::known($n->field('step_tags'), [
                ...$this->names->of('step tags'),
                ...$this->names->of('materials'),
            ]),
            methods: $this->names->ids('methods', $n->optional('methods')),
            perStep: $rates[0],
            perM2: $rates[1],
            perHour: $rates[2],
            perBatch: $rates[3],
            unit: $n->field('unit')->choice(['pc', 'm', 'L']),
            packs: Checked::packs($n->field('packs')),
            price: $n->field('price')->integer(0, 10_000_000),
            note: $n->optional('note')?->text(300) ?? '',
            cleaner: true === $n->optional('cleaner')?->boolean(),
            masks: array_map(
                static fn(Node $m): string => $m->choice(Covering::BY),
                $n->optional('masks')?->items(count(Covering::BY)) ?? [],
            ),
            width: $n->optional('width')?->quantity(Length::class),
            staysH: $n->optional('stays_h')?->number(),
        );
    }

    private function cure(?Node $n): ?CureSheet
    {
        if (null === $n) {
            return null;
        }
        $max = $n->optional('recoat_max');
        $again = $n->optional('recoat_again');
        $stated = [];
        foreach (Readiness::cases() as $ready) {
            $rows = $n->optional($ready->value);
            $stated += null === $rows ? [] : [$ready->value => self::rows($rows)];
        }

        return new CureSheet(
            self::rows($n->field('touch')),
            self::rows($n->field('recoat_min')),
            null === $max ? null : self::rows($max, true),
            null === $again ? null : self::rows($again),
            self::rows($n->field('full')),
            $stated,
        );
    }

    /** @param bool $carries a window that closes, see CureRows */
    private static function rows(Node $n, bool $carries = false): CureRows
    {
        try {
            return CureRows::of(array_map(static fn(Node $hours): float => $hours->number(), $n->fields()), $carries);
        } catch (InvalidQuantity $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        }
    }

    private static function shelf(?Node $n): Shelf
    {
        return new Shelf(
            $n?->optional('sealed')?->integer(1, 600),
            $n?->optional('opened')?->integer(0, 600),
            $n?->optional('activated')?->quantity(Duration::class),
            $n?->optional('note')?->text() ?? '',
        );
    }
}
