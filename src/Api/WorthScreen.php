<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\WorthView;
use App\Entity\PartRow;
use App\Work\RowMapper;
use Hull\Bench\RouteFigures;
use Hull\Cost\Worth;
use Hull\Quantity\Duration;
use Hull\Quantity\Money;
use Hull\Route\NoRoute;

/** Builds the estimate before the work begins: hours and money as a range, against buying another one. */
final readonly class WorthScreen
{
    public function __construct(private RowMapper $stored) {}

    public function view(PartRow $row, UnitPresenter $shown): WorthView
    {
        $nothing = $shown->value(Duration::hours(0.0));
        try {
            $piece = $this->stored->workpiece($row);
            if ($piece->context->area()->m2() <= 0.0) {
                return new WorthView(
                    leastHours: $nothing,
                    mostHours: $nothing,
                    material: '',
                    total: '',
                    perYear: '',
                    verdict: 'Measure the part first: time and material go by its area.',
                    rests: '',
                );
            }
            $figures = RouteFigures::of($piece, $piece->route());
        } catch (NoRoute $e) {
            return new WorthView(
                leastHours: $nothing,
                mostHours: $nothing,
                material: '',
                total: '',
                perYear: '',
                verdict: $e->getMessage(),
                rests: '',
            );
        }
        $workshop = $row->workshop;
        $rate = null === $workshop->hourRate ? null : Money::minor($workshop->hourRate);
        $worth = Worth::of($piece, $figures, $rate, $piece->part->replacement);
        $range = static fn(Money $least, Money $most): string => $least->rounded() === $most->rounded()
            ? sprintf('%s %s', $least->rounded(), $workshop->currency)
            : sprintf('%s to %s %s', $least->rounded(), $most->rounded(), $workshop->currency);
        $years = $piece->context->system->life;

        return new WorthView(
            leastHours: $shown->of($worth->hours, 'least', Duration::class),
            mostHours: $shown->of($worth->hours, 'most', Duration::class),
            material: $range($worth->leastMaterial, $worth->mostMaterial),
            total: $range($worth->least, $worth->most),
            perYear: $range(
                Money::minor((int) round($worth->least->minor / max(0.25, $years[1]))),
                Money::minor((int) round($worth->most->minor / max(0.25, $years[0]))),
            ),
            verdict: $worth->verdict,
            rests: null === $rate
                ? 'Materials only; say in the yard\'s settings what an hour is worth to count the work.'
                : sprintf('Materials, and %s %s an hour of work.', $rate->rounded(), $workshop->currency),
        );
    }
}
