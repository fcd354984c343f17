<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\AsIfView;
use App\Api\View\PlaceHours;
use App\Api\View\TickView;
use App\Catalog\Catalogues;
use App\Entity\Workshop;
use App\Work\YardAir;
use Hull\Climate\GateLine;
use Hull\Climate\GateReason;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Compute\Figures;
use Hull\Compute\Registry;
use Hull\Job\Place;
use Hull\Quantity\Instant;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;

/** The air of a place for a page: hour by hour, with its band, and what of it matters. */
final readonly class PlaceHoursScreen
{
    private const BEFORE_H = 12;
    private const AHEAD_H = 336;
    private const MATTERS_H = 48;

    private const EDGES = [0, -1, 1];

    public function __construct(
        private Catalogues $catalogues,
        private YardAir $air,
        private CacheItemPoolInterface $derived,
        private ClockInterface $clock,
    ) {}

    /** Kept for the hour, until something else is forecast or read. */
    public function of(Workshop $workshop, Place $place, UnitPresenter $shown): PlaceHours
    {
        $name = YardAir::key($place);
        $key = implode('/', [$this->air->madeFrom($workshop, $place), $shown->units->value, $workshop->timezone]);
        $item = $this->derived->getItem(hash('xxh128', "place-hours/$workshop->id/$name/{$shown->units->value}"));
        [$of, $kept] = is_array($item->get()) ? $item->get() : ['', null];
        if ($of === $key && $kept instanceof PlaceHours) {
            return $kept;
        }
        $airs = array_map(
            fn(int $edge): PlaceAir => $this->air->airsWith($workshop, [$place], $edge)->at($name),
            self::EDGES,
        );
        $view = $this->view($workshop, $place, $airs, $shown);
        $this->derived->save($item->set([$key, $view]));

        return $view;
    }

    /** As if it were heated or dried; with the volume of the room also how much water that takes out of it. */
    public function asIf(
        Workshop $workshop,
        Place $place,
        ?Temperature $heatTo,
        ?RelativeHumidity $dryTo,
        ?Volume $room,
        UnitPresenter $shown,
    ): AsIfView {
        $airs = array_map(
            fn(int $edge): PlaceAir => $this->air->air($workshop, $place, $heatTo, $dryTo, $edge),
            self::EDGES,
        );
        $wet = $this->air->air($workshop, $place, $heatTo)->airAt(Instant::hour($this->clock->now()));
        $water =
            null === $dryTo || null === $room
                ? null
                : Registry::standard()->run('climate.dehumidify', [
                    'temperature' => $wet->temperature,
                    'humidity' => $wet->humidity,
                    'wanted' => $dryTo,
                    'room' => $room,
                ]);

        return new AsIfView(
            $this->view($workshop, $place, $airs, $shown),
            null === $water ? null : $shown->of($water, 'water', Mass::class),
        );
    }

    /** @param non-empty-list<PlaceAir> $airs as forecast, colder, warmer */
    private function view(Workshop $workshop, Place $place, array $airs, UnitPresenter $shown): PlaceHours
    {
        $air = $airs[0];
        $figures = $this->catalogues->for($workshop)->figures;
        [$low, $high] = [[], []];
        foreach ($air->celsius as $i => $_) {
            $edges = array_map(static fn(PlaceAir $a): float => $a->celsius[$i], $airs);
            [$low[], $high[]] = [min($edges), max($edges)];
        }
        $forecast = $this->air->forecast();
        $zone = new \DateTimeZone($workshop->timezone);
        $now = (int) floor(Instant::hour($this->clock->now()));
        $from = max($air->from, $now - self::BEFORE_H);
        $cut = static fn(array $list): array => array_values(
            array_map(
                static fn(mixed $v): float => is_float($v) ? round($v, 2) : 0.0,
                array_slice($list, $from - $air->from, self::BEFORE_H + self::AHEAD_H),
            ),
        );
        $gate = GateLine::of($air, Limits::ofAnyFilm(), self::sheets($figures)[PartWarmth::USUAL], true);
        $celsius = $cut($air->celsius);
        $closed = [];
        foreach ($celsius as $i => $_) {
            $closed[] = $gate->reasonAt($from + $i + 0.5)->value ?? '';
        }
        $here = $air->airAt($now + 0.5);
        $dew = WindowScreen::gate($here);

        return new PlaceHours(
            name: YardAir::key($place),
            kind: $this->catalogues->for($workshop)->places[$place->kind]->name,
            from: Screens::instant((float) $from) ?? '',
            celsius: $celsius,
            low: $cut($low),
            high: $cut($high),
            margin: $cut($gate->margins),
            wind: $cut($air->wind),
            rain: $cut($air->rain),
            closed: $closed,
            measuredUntil: Screens::instant((float) min($air->measured, $now)) ?? '',
            guessFrom: Screens::instant((float) (null === $forecast ? $now : $air->forecast)) ?? '',
            ticks: self::ticks($celsius, $shown->units),
            air: $shown->value($here->temperature)->text . ' · ' . $shown->value($here->humidity)->text,
            dewMargin: $shown->of($dew, 'margin', TemperatureDifference::class),
            source: null === $forecast
                ? 'as the place is set; there is no forecast'
                : Message::of(
                    '{source}, of {at}',
                    source: $forecast->source,
                    at: $forecast->at->setTimezone($zone)->format('j M H:i'),
                ),
            sun: self::sun($figures, $air, $now, $zone, $shown),
            sunHow: Message::of(
                'Estimate: {formula}; absorbed {absorbed}. Measure the part.',
                formula: PartWarmth::FORMULA,
                absorbed: $figures->table('in-sun')->words(),
            ),
            matters: self::matters($closed, $from, $now, $zone),
            shutHours: count(
                array_filter(
                    array_slice($closed, max(0, $now - $from), self::MATTERS_H),
                    static fn(string $c): bool => '' !== $c,
                ),
            ),
        );
    }

    /** @return non-empty-array<int|string, PartWarmth> how thin parts warm up, the darkest last */
    private static function sheets(Figures $figures): array
    {
        $lag = $figures->hours('part-lag', 'sheet');
        $absorbed = $figures->table('in-sun')->figures();
        asort($absorbed);

        return array_map(static fn(float $share): PartWarmth => new PartWarmth($lag, $share), $absorbed);
    }

    /** How warm thin parts get in the sun, by how dark they are, and when; empty where none shines on them. */
    private static function sun(
        Figures $figures,
        PlaceAir $air,
        int $now,
        \DateTimeZone $zone,
        UnitPresenter $shown,
    ): string|Message {
        $sheets = self::sheets($figures);
        $soon = static fn(array $by): array => array_slice($by, max(0, $now - $air->from), self::MATTERS_H, true);
        $warm = $soon($air->part($sheets[array_key_last($sheets)]));
        if ([] === $warm || max(0.0, ...$soon($air->sun)) <= 0.0) {
            return '';
        }
        $at = (int) array_search(max($warm), $warm, true);
        $said = [];
        foreach ($sheets as $tone => $warmth) {
            $c = Temperature::celsius($air->part($warmth)[$at] ?? 0.0);
            $said[] = Message::of('{tone} parts {temperature}', tone: $tone, temperature: $c);
        }

        return Message::of(
            '{at} in the sun: air {air}, {parts}.',
            at: Instant::at($air->from + $at, $zone)->format('D H:i'),
            air: Temperature::celsius($air->celsius[$at] ?? 0.0),
            parts: $said,
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
     * @return list<Message>
     */
    private static function matters(array $closed, int $from, int $now, \DateTimeZone $zone): array
    {
        $said = [];
        $clock = static fn(int $hour): string => Instant::at($hour)->setTimezone($zone)->format('D H:i');
        for ($i = max(0, $now - $from), $end = min(count($closed), $i + self::MATTERS_H); $i < $end; ) {
            $j = $i;
            while ($j < $end && $closed[$j] === $closed[$i]) {
                ++$j;
            }
            if ('' !== $closed[$i]) {
                $said[] = Message::of(
                    '{from} to {to}: {reason}',
                    from: $clock($from + $i),
                    to: $clock($from + $j),
                    reason: Message::of(GateReason::from($closed[$i])->words()),
                );
            }
            $i = $j;
        }

        return $said;
    }
}
