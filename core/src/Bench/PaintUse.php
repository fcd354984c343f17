<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Compute\Result;
use Hull\Compute\Source;
use Hull\Job\EntryKind;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;
use Hull\Surface\Product;

/** What the coats that are on a part took, for what the next of the same film will take. */
final class PaintUse
{
    /** The share lost of a film on a part, measured; null while no coat of it says what it used. */
    public static function loss(Workpiece $piece, Product $product): ?Result
    {
        $used = [];
        foreach (Record::effective($piece->part->log) as $entry) {
            if (EntryKind::Finish === $entry->kind && null !== $entry->stepKey && null !== $entry->used) {
                $used[$entry->stepKey] = $entry->used->litresValue();
            }
        }
        $onPart = $took = 0.0;
        foreach ([] === $used ? [] : CoatSheets::under($piece, $piece->route()) as [$step, $film, $under]) {
            if ($film->id === $product->id && isset($used[$step->key])) {
                $took += $used[$step->key];
                $onPart += self::film($piece, $product, null === $under->top() ? $under->fact('profile') : 0.0);
            }
        }

        return $took <= 0.0
            ? null
            : $piece->context
                ->catalogue()
                ->formulas()
                ->run(
                    'film.loss-measured',
                    ['onPart' => Volume::litres($onPart), 'used' => Volume::litres($took)],
                    Source::Measured,
                );
    }

    /** Litres that a coat leaves on the part and in its profile. */
    private static function film(Workpiece $piece, Product $product, float $profile): float
    {
        return $piece->context
            ->catalogue()
            ->formulas()
            ->run('film.quantity', [
                'area' => CoatSheets::coated($piece, $product),
                'dft' => $product->dft,
                'solids' => $product->solids,
                'loss' => Percentage::percent(0),
                'profile' => FilmThickness::micrometres($profile),
            ])
            ->quantity('needed', Volume::class)
            ->litresValue();
    }
}
