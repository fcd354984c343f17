<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\CoatCard;
use App\Api\View\MixClock;
use App\Api\View\MixPart;
use Hull\Bench\CoatSheet;
use Hull\Bench\CoatSheets;
use Hull\Bench\Pot;
use Hull\Bench\Record;
use Hull\Bench\Replayed;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Compute\Result;
use Hull\Mix\RatioBy;
use Hull\Quantity\Area;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Mass;
use Hull\Quantity\Percentage;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\Volume;

/** Builds the card of each coat: quantity, mix, pot life, clocks. */
final readonly class CoatScreen
{
    /** @return list<CoatCard> */
    public function cards(Workpiece $piece, Replayed $replayed, Tools $tools, UnitPresenter $shown): array
    {
        return array_map(
            fn(CoatSheet $s): CoatCard => $this->card($s, $piece, $replayed, $tools->step, $shown),
            (new CoatSheets($piece, $replayed->air))->of($piece->route(), $tools),
        );
    }

    private function card(
        CoatSheet $s,
        Workpiece $piece,
        Replayed $replayed,
        Mass $step,
        UnitPresenter $shown,
    ): CoatCard {
        $product = $s->product;
        $time = static fn(?Result $r): ?View\Value => null === $r ? null : $shown->of($r, 'time', Duration::class);
        $potLife = $s->potLife;
        $warnings = array_values(
            array_unique([
                ...$s->gate->outcome->warnings,
                ...$s->batches->outcome->warnings,
                ...$s->mix->outcome->warnings ?? [],
                ...$s->dose->outcome->warnings ?? [],
                ...$s->coatTime->outcome->warnings,
                ...$s->quantity->outcome->warnings,
                ...array_merge(
                    ...array_map(
                        static fn(?Result $r): array => $r->outcome->warnings ?? [
                            'At this temperature the film is not curing, or the sheet does not reach that far.',
                        ],
                        array_values(
                            array_filter(
                                $s->cure,
                                static fn(?Result $r, int|string $event): bool => null !== $r || 'recoatMax' !== $event,
                                \ARRAY_FILTER_USE_BOTH,
                            ),
                        ),
                    ),
                ),
            ]),
        );

        return new CoatCard(
            stepKey: $s->stepKey,
            product: $product->id,
            name: $piece->context->system->shade($product->id)->named($product->name),
            example: $product->example,
            coat: $s->coat,
            status: RouteScreen::status($s->stepKey, $replayed, $piece, $piece->route()),
            byVolume: $s->proportions->text(RatioBy::Volume) ?? '',
            byMass: $s->proportions->text(RatioBy::Mass) ?? '',
            stated: $s->proportions->bothStated ? 'both' : $s->proportions->stated->value,
            missing: $s->proportions->missing,
            mixed: !$product->ratio->isOnePart(),
            dft: $shown->value($product->dft),
            wft: $shown->of($s->wet, 'wft', FilmThickness::class),
            area: $shown->value($piece->context->area()),
            loss: $shown->of($s->loss, 'loss', Percentage::class),
            theoretical: $shown->of($s->quantity, 'theoretical', Volume::class),
            needed: $shown->of($s->quantity, 'mixed', Volume::class),
            coverage: $shown->of($s->coverage, 'rate', SpreadingRate::class),
            batches: $shown->of($s->batches, 'count', Count::class),
            each: $shown->of($s->batches, 'each', Volume::class),
            potLife: null === $potLife ? null : $shown->of($potLife, 'potLife', Duration::class),
            usable: null === $potLife ? null : $shown->of($potLife, 'usable', Duration::class),
            induction: $shown->value($product->induction),
            thinAfterInduction: $product->thinAfterInduction,
            dose: null === $s->dose ? null : $shown->of($s->dose, 'error', Percentage::class),
            smallest: null === $s->smallest ? null : $shown->of($s->smallest, 'volume', Volume::class),
            coatTime: $shown->of($s->coatTime, 'time', Duration::class),
            gap: $shown->of($s->coatTime, 'gap', Duration::class),
            passes: null === $s->fan ? null : $shown->of($s->fan, 'passes', Count::class),
            pace: null === $s->fan ? null : $shown->of($s->fan, 'pace', AreaRate::class),
            can: null === $s->can ? null : $shown->of($s->can, 'area', Area::class),
            cans: null === $s->can ? null : $shown->of($s->can, 'cans', Count::class),
            waste: $shown->of($s->waste, 'mass', Mass::class),
            parts: self::parts($s, $step, $shown),
            clock: self::clock(Pot::of($s->stepKey, $product, $replayed, Record::effective($piece->part->log))),
            touch: $time($s->cure['touch'] ?? null),
            recoatMin: $time($s->cure['recoatMin'] ?? null),
            recoatMax: $time($s->cure['recoatMax'] ?? null),
            full: $time($s->cure['full'] ?? null),
            dewMargin: $shown->of($s->gate, 'margin', TemperatureDifference::class),
            mayCoat: $s->gate->flag('open'),
            warnings: $warnings,
            cautions: array_map(
                static fn(string $id): string => $piece->context->catalogue()->cautions[$id]->name,
                $product->cautions,
            ),
        );
    }

    private static function clock(?Pot $pot): ?MixClock
    {
        return null === $pot
            ? null
            : new MixClock(
                Screens::instant($pot->mixedAt) ?? '',
                Screens::instant($pot->readyAt) ?? '',
                Screens::instant($pot->usableUntil) ?? '',
                $pot->batch,
            );
    }

    /** @return list<MixPart> parts in pouring order; share and top are fractions of the batch for the drawing */
    private static function parts(CoatSheet $s, Mass $step, UnitPresenter $shown): array
    {
        $names = [
            'base' => $s->product->ratio->isOnePart() ? 'Paint' : 'Base A',
            'hardener' => 'Hardener B',
            'thinner' => 'Thinner',
        ];
        $total = $s->batches->quantity('each', Volume::class)->litresValue();
        $parts = [];
        $top = 0.0;
        $before = 0.0;
        $mix = $s->mix;
        if (null === $mix || $total <= 0.0) {
            return [];
        }
        foreach ($names as $part => $name) {
            $volume = $mix->quantity($part, Volume::class);
            if ($volume->litresValue() <= 0.0) {
                continue;
            }
            $top += $volume->litresValue() / $total;
            $reading = $s->readings[$part] ?? null;
            $mass = null === $reading ? null : Mass::kilograms($reading->kg() - $before);
            $before = $reading?->kg() ?? $before;
            $parts[] = new MixPart(
                $name,
                $shown->value($volume, $mix),
                null === $mass ? null : $shown->reading($mass, $step),
                null === $reading ? null : $shown->reading($reading, $step, $mix),
                $volume->litresValue() / $total,
                min(1.0, $top),
            );
        }

        return $parts;
    }
}
