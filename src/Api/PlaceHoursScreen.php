<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\PlaceHours;
use App\Api\View\TickView;
use App\Entity\ForecastRow;
use App\Work\YardAir;
use Hull\Catalog\Catalogue;
use Hull\Climate\Forecast;
use Hull\Climate\GateLine;
use Hull\Climate\GateReason;
use Hull\Climate\Limits;
use Hull\Climate\PartLag;
use Hull\Climate\PlaceAir;
use Hull\Job\Place;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\UnitSystem;
use Psr\Clock\ClockInterface;

/** The air of a place for a page: hour by hour, with its band, and what of it matters. */
final readonly class PlaceHoursScreen
{
    private const BEFORE_H = 12;
    private const AHEAD_H = 336;
    private const MATTERS_H = 48;

    public function __construct(private Catalogue $catalogue, private ClockInterface $clock)
    {
    }

    public function of(Place $place, PlaceAir $air, ?ForecastRow $forecast, Shown $shown, \DateTimeZone $zone): PlaceHours
    {
        $now = (int) floor($this->clock->now()->getTimestamp() / 3600);
        $from = max($air->from, $now - self::BEFORE_H);
        $cut = static fn (array $list): array => array_values(array_map(static fn (mixed $v): float => is_float($v) ? round($v, 2) : 0.0, array_slice($list, $from - $air->from, self::BEFORE_H + self::AHEAD_H)));
        $gate = GateLine::of($air, Limits::ofAnyFilm(), PartLag::TAU_HOURS['sheet'], true);
        $celsius = $cut($air->celsius);
        $spread = static fn (int $i): float => 'setting' === $place->kind ? 0.0 : Forecast::spreadOfTemperature((float) max(0, $from + $i - $now))->c() * ($from + $i < $now ? 0.0 : 1.0);
        $closed = [];
        foreach ($celsius as $i => $_) {
            $closed[] = $gate->reasonAt($from + $i + 0.5)->value ?? '';
        }
        $here = $air->airAt($now + 0.5);
        $dew = WindowScreen::gate($here);

        return new PlaceHours(
            YardAir::key($place), $this->catalogue->places[$place->kind]->name, Screens::instant((float) $from) ?? '', $celsius,
            array_map(static fn (int $i, float $c): float => round($c - $spread($i), 2), array_keys($celsius), $celsius),
            array_map(static fn (int $i, float $c): float => round($c + $spread($i), 2), array_keys($celsius), $celsius),
            $cut($gate->margins), $cut($air->wind), $cut($air->rain), $closed,
            Screens::instant((float) min($air->measured, $now)) ?? '', Screens::instant((float) (null === $forecast ? $now : $air->forecast)) ?? '',
            self::ticks($celsius, $shown->units), $shown->value($here->temperature)->text.' · '.$shown->value($here->humidity)->text, $shown->of($dew, 'margin', TemperatureDifference::class),
            null === $forecast ? 'as the place is set; there is no forecast' : sprintf('%s, of %s', $forecast->source, $forecast->at->setTimezone($zone)->format('j M H:i')),
            self::matters($closed, $from, $now, $zone),
            count(array_filter(array_slice($closed, max(0, $now - $from), self::MATTERS_H), static fn (string $c): bool => '' !== $c)),
        );
    }

    /**
     * @param list<float> $celsius
     *
     * @return list<TickView>
     */
    private static function ticks(array $celsius, UnitSystem $units): array
    {
        $ticks = [];
        for ($c = 10.0 * floor(min([0.0, ...$celsius]) / 10.0); $c <= max([20.0, ...$celsius]); $c += 10.0) {
            $ticks[] = new TickView($c, Temperature::celsius($c)->format($units));
        }

        return $ticks;
    }

    /**
     * @param list<string> $closed
     *
     * @return list<string>
     */
    private static function matters(array $closed, int $from, int $now, \DateTimeZone $zone): array
    {
        $said = [];
        $clock = static fn (int $hour): string => (new \DateTimeImmutable('@'.($hour * 3600)))->setTimezone($zone)->format('D H:i');
        for ($i = max(0, $now - $from), $end = min(count($closed), $i + self::MATTERS_H); $i < $end;) {
            $j = $i;
            while ($j < $end && $closed[$j] === $closed[$i]) {
                ++$j;
            }
            if ('' !== $closed[$i]) {
                $said[] = sprintf('%s to %s: %s', $clock($from + $i), $clock($from + $j), GateReason::from($closed[$i])->words());
            }
            $i = $j;
        }

        return $said;
    }
}
