<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Limits;
use Hull\Compute\Source;
use Hull\Input\Node;
use Hull\Pack\Pack;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;

/** Values of the catalogue that are refused where the trade knows no such thing, with what is accepted. */
final class Checked
{
    public static function solids(Node $n): Percentage
    {
        $solids = $n->quantity(Percentage::class);

        return $solids->ratioValue() > 0.0 && $solids->ratioValue() <= 1.0
            ? $solids
            : throw $n->refuse(
                'A paint has some solids, and not more than all of it.',
                'volume solids above 0 % up to 100 %',
            );
    }

    public static function film(Node $n): FilmThickness
    {
        $film = $n->quantity(FilmThickness::class);

        return $film->um() > 0.0 ? $film : throw $n->refuse('A film has a thickness.', 'a dry film above 0 um');
    }

    /** The air in which something is worked; what is not given has no limit. Dew and rain are not its matter. */
    public static function air(?Node $n): ?Limits
    {
        if (null === $n) {
            return null;
        }
        $n->only(['least', 'most', 'most_humidity', 'for_h']);
        $least = $n->optional('least')?->quantity(Temperature::class);
        $most = $n->optional('most')?->quantity(Temperature::class);
        if (null !== $least && null !== $most && $least->c() >= $most->c()) {
            throw $n
                ->field('most')
                ->refuse('Nothing lies between the coldest and the hottest.', 'a temperature above "least"');
        }

        return Limits::of(
            $least ?? Temperature::celsius(-60.0),
            $most ?? Temperature::celsius(400.0),
            RelativeHumidity::percent(0),
            $n->optional('most_humidity')?->quantity(RelativeHumidity::class) ?? RelativeHumidity::percent(100),
        )->withoutWeather();
    }

    /** @return list<string> sizes of any measure, above nothing */
    public static function packs(?Node $list): array
    {
        foreach ($list?->items() ?? [] as $n) {
            try {
                $size = Pack::size($n->text());
            } catch (InvalidQuantity $e) {
                throw $n->refuse($e->getMessage(), $e->accepted);
            }
            if ($size->value() <= 0.0) {
                throw $n->refuse('A pack holds something.', 'a size above nothing, such as 400 mL, 5 kg or 50 pcs');
            }
        }

        return Names::texts($list);
    }

    /** @return list<string> sizes of paint, above nothing */
    public static function tins(?Node $list): array
    {
        foreach ($list?->items() ?? [] as $n) {
            if ($n->quantity(Volume::class)->litresValue() <= 0.0) {
                throw $n->refuse('A tin holds something.', 'a volume above nothing, such as 400 mL or 2.5 L');
            }
        }

        return Names::texts($list);
    }

    public static function rate(?Node $n): string
    {
        if (null === $n || in_array($n->text(), Supply::RATES, true)) {
            return $n?->text() ?? '';
        }
        foreach ([VolumePerArea::class, MassPerArea::class, Density::class] as $kind) {
            try {
                $kind::parse($n->text());

                return $n->text();
            } catch (InvalidQuantity) {
                continue;
            }
        }
        throw $n->refuse(
            sprintf('"%s" is not a rate.', $n->text()),
            'a rate such as 0.1 L/m2, 20 mL/m2, 80 g/m2, 0.6 kg/m2, 0.02 kg/L, or: ' . implode(', ', Supply::RATES),
        );
    }

    /** Minutes from 0 up. */
    public static function minutes(Node $n): float
    {
        return self::least($n)?->number() ?? 0.0;
    }

    public static function source(?Node $n): string
    {
        return $n?->choice(array_map(static fn(Source $s): string => $s->value, Source::cases())) ??
            Source::Typical->value;
    }

    public static function time(?Node $n): ?Duration
    {
        $time = $n?->quantity(Duration::class);

        return null === $n || null === $time || $time->h() > 0.0
            ? $time
            : throw $n->refuse('That is no time.', 'a time above nothing, such as 90 min');
    }

    public static function least(?Node $n): ?Node
    {
        return null === $n || $n->number() >= 0.0
            ? $n
            : throw $n->refuse('This is below nothing.', 'a number from 0 up');
    }

    public static function above(?Node $n): ?Node
    {
        return null === $n || $n->number() > 0.0
            ? $n
            : throw $n->refuse('This is not above nothing.', 'a number above 0');
    }
}
