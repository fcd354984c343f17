<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Enclosure;
use Hull\Climate\Season;
use Hull\Climate\Weather;
use Hull\Film\Method;
use Hull\Film\MethodPace;
use Hull\Input\Node;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;
use Hull\Quantity\Speed;

/** Reads what a yard works in and with: its places, gear, masks and weather, and how steps are worked. */
final readonly class YardReader
{
    public function __construct(private Names $names) {}

    public function limit(Node $n, string $id): Capability
    {
        return new Capability(
            id: $id,
            name: $n->field('name')->text(),
            kind: $n->field('kind')->choice(['gear', 'skill', 'taste']),
            hint: $n->optional('hint')?->text(300) ?? '',
            atStart: true === $n->optional('at_start')?->boolean(),
            sprays: true === $n->optional('sprays')?->boolean(),
            keptClear: true === $n->optional('kept_clear')?->boolean(),
        );
    }

    public function protection(Node $n, string $id): Protection
    {
        return new Protection(
            $id,
            $n->field('name')->text(),
            $n->field('guards')->text(),
            $n->field('rank')->integer(1, 9),
            $n->optional('change')?->text(200) ?? '',
        );
    }

    public function place(Node $n, string $id): Enclosure
    {
        return new Enclosure(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(400),
            sheltered: $n->field('sheltered')->boolean(),
            lagHours: $n->optional('lag_h')?->number() ?? 0.0,
            gainC: $n->optional('gain_c')?->number() ?? 0.0,
            holds: $n->optional('holds')?->choice(Enclosure::HOLDS) ?? 'nothing',
            lossWPerM2K: Checked::least($n->optional('loss'))?->number() ?? 0.0,
            putUp: $n->optional('put_up')?->boolean() ?? false,
            lit: $n->optional('lit')?->boolean() ?? $n->field('sheltered')->boolean(),
        );
    }

    public function local(Node $n, string $id): LocalTopic
    {
        return new LocalTopic(
            $id,
            $n->field('name')->text(),
            $n->field('hint')->text(300),
            $this->names->ids('cautions', $n->field('cautions')),
        );
    }

    public function method(Node $n, string $id): Method
    {
        $fan = $n->optional('fan')?->only(['width', 'overlap', 'speed']);
        $pace = $n->optional('pace')?->only(['least', 'most', 'setup']);

        return new Method(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(),
            lossPoints: Checked::least($n->optional('loss'))?->number(),
            fan: null === $fan
                ? null
                : [
                    $fan->field('width')->quantity(Length::class),
                    $fan->field('overlap')->quantity(Percentage::class),
                    $fan->field('speed')->quantity(Speed::class),
                ],
            pace: null === $pace
                ? null
                : new MethodPace(
                    Checked::minutes($pace->field('least')),
                    Checked::minutes($pace->field('most')),
                    Checked::minutes($pace->field('setup')),
                ),
            gear: $this->names->ids('limits', $n->optional('gear')),
            lays: $this->names->ids('product tags', $n->optional('lays')),
            offered: false !== $n->optional('offered')?->boolean(),
        );
    }

    public function covering(Node $n, string $id): Covering
    {
        return new Covering(
            id: $id,
            name: $n->field('name')->text(),
            by: $n->field('by')->choice([...Covering::BY, Covering::NOTHING]),
            sizes: array_map(static function (Node $start): string {
                $start->quantity(Length::class);

                return $start->text(20);
            }, $n->optional('sizes')?->only(Covering::SIZES)->fields() ?? []),
            hint: $n->field('hint')->text(200),
            brings: $n->optional('brings')?->choice($this->names->of('facts')),
            families: $this->names->ids('families', $n->optional('families')),
        );
    }

    public function hazard(Node $n, string $id): Hazard
    {
        return new Hazard(
            $id,
            $n->field('name')->text(),
            $n->optional('hint')?->text(400) ?? '',
            $n->field('fact')->choice($this->names->of('facts')),
        );
    }

    public function climate(Node $n, string $id): Season
    {
        $months = static function (string $f, float $least, float $most, string $of) use ($n): array {
            $items = $n->field($f)->items(12);
            if (12 !== count($items)) {
                throw $n->field($f)->refuse('A year has twelve months.', sprintf('twelve %s', $of));
            }
            $numbers = [];
            foreach ($items as $item) {
                $number = $item->number();
                $numbers[] =
                    $number >= $least && $number <= $most
                        ? $number
                        : throw $item->refuse(
                            sprintf('%g cannot be.', $number),
                            sprintf('%s from %g to %g', $of, $least, $most),
                        );
            }

            return $numbers;
        };
        $asked = static fn(string $f, float $most, string $of): array => null === $n->optional($f)
            ? []
            : $months($f, 0.0, $most, $of);

        return new Season(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(),
            low: $months('low', -60.0, 60.0, 'temperatures, °C,'),
            high: $months('high', -60.0, 60.0, 'temperatures, °C,'),
            dewBelow: $n->field('dew_below')->number(),
            rainDays: $asked('rain_days', 31.0, 'numbers of days'),
            noonSun: $asked('noon_sun', Weather::MOST_SUN, 'numbers, W/m2,'),
            daylight: $asked('daylight', 24.0, 'hours'),
        );
    }

    public function manner(Node $n): WorkingConditions
    {
        $n->field('id')->choice($this->names->of('step tags'));
        $is = static fn(string $f): bool => true === $n->optional($f)?->boolean();

        return new WorkingConditions(
            noisy: $is('noisy'),
            dusty: $is('dusty'),
            whole: $is('whole'),
            dryWeather: $is('dry_weather'),
            daylight: $is('daylight'),
            air: Checked::air($n->optional('air')),
            dirty: $is('dirty'),
            apart: $is('apart'),
            opens: $is('opens'),
            alone: $is('alone'),
            fills: $is('fills'),
            closes: $is('closes'),
            putsOn: $is('puts_on'),
            covers: $is('covers'),
            forCoat: $is('for_coat'),
            forNext: $is('for_next'),
            looks: $is('looks'),
            unmasks: $is('unmasks'),
            keepsWet: $is('keeps_wet'),
            loads: $is('loads'),
            attended: $is('attended'),
            lifts: $n->optional('lifts')?->integer(0, 4) ?? 0,
        );
    }
}
