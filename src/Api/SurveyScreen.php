<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\ObservedView;
use App\Api\View\Option;
use App\Api\View\PlaceView;
use App\Api\View\ShapesView;
use App\Api\View\ShapeView;
use App\Api\View\SurveyView;
use App\Api\View\TieView;
use App\Entity\PartRow;
use App\Work\RowMapper;
use Hull\Compute\Registry;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\Shape;
use Hull\JobFile\PartForm;
use Hull\JobFile\ShapeReader;
use Hull\Quantity\Area;
use Hull\Quantity\Quantity;
use Hull\Quantity\Temperature;

/** Builds the survey screen and measures shapes while they are typed. */
final readonly class SurveyScreen
{
    /** What has no turn of its own comes off after what has one. */
    private const ANY_TURN = 100;

    public function __construct(private RowMapper $stored) {}

    public function view(PartRow $row, UnitPresenter $shown): SurveyView
    {
        $part = $this->stored->part($row);
        $users = $this->stored->users($row->job);

        return new SurveyView(
            id: (string) $row->id,
            version: $row->version,
            jobId: (string) $row->job->id,
            jobName: $row->job->name,
            jobClosed: $row->job->closedAt?->format('Y-m-d\TH:i:s\Z'),
            slug: $part->id,
            name: $part->name,
            substrate: $part->substrate,
            conditions: array_map(
                static fn(Observed $o): ObservedView => new ObservedView(
                    $o->condition,
                    $o->grade,
                    $shown->value($o->extent)->text,
                    $o->extent->value(),
                ),
                $part->conditions,
            ),
            shapes: $this->shapes(
                array_map(static fn(Shape $s): ShapeView => self::shape($s, $shown), $part->shapes),
                $shown,
            ),
            place: $part->place,
            fields: PartForm::written($part),
            schools: $part->schools,
            places: array_map(
                fn(Place $p): PlaceView => $this->place(
                    $p,
                    $shown,
                    array_values(array_diff($users[$p->id] ?? [], $p->id === $part->place ? [$part->name] : [])),
                ),
                array_values($this->stored->places($row->job)),
            ),
            siblings: array_values(
                array_map(
                    static fn(PartRow $o): Option => new Option(
                        self::text($o->survey, 'id'),
                        self::text($o->survey, 'name'),
                        '',
                    ),
                    array_filter($row->job->parts->toArray(), static fn(PartRow $o): bool => $o !== $row),
                ),
            ),
            tied: $this->tied($row, $part->id),
            sizes: self::sizes($part, $shown),
        );
    }

    /** @return array<int|string, string> */
    private static function sizes(Part $part, UnitPresenter $shown): array
    {
        $sizes = [];
        $said = [$part->room?->long, $part->room?->wide];
        foreach ($part->covered as $covered) {
            $said = [...$said, $covered->across, $covered->along];
        }
        foreach ($said as $size) {
            if (null !== $size) {
                $sizes[(string) json_encode($size->value())] = $shown->value($size)->text;
            }
        }
        if (null !== $part->room?->weight) {
            $weight = $part->room->weight;
            $sizes['kg ' . json_encode($weight->value())] = $shown->value($weight)->text;
        }

        return $sizes;
    }

    /** @return list<TieView> what comes off first, first; zones last */
    private function tied(PartRow $row, string $id): array
    {
        $tied = [];
        $turns = [];
        foreach ($row->job->parts as $other) {
            $part = $other === $row ? null : $this->stored->part($other);
            if (null === $part) {
                continue;
            }
            if ($part->zoneOf === $id) {
                $tied[] = new TieView((string) $other->id, $part->name, 'is a zone of', '', true);
                $turns[] = \PHP_INT_MAX;
            }
            foreach ($part->links as $link) {
                if ($link->to === $id) {
                    $tied[] = new TieView(
                        (string) $other->id,
                        $part->name,
                        $link->as->words(),
                        $link->by,
                        $link->stays || !$link->as->comesOff(),
                    );
                    $turns[] = 0 === $link->order ? self::ANY_TURN : $link->order;
                }
            }
        }

        asort($turns);

        return array_map(static fn(int $n): TieView => $tied[$n], array_keys($turns));
    }

    /**
     * Measures what was typed; a shape that cannot be read carries its error and the others are measured all the same.
     */
    public function measure(Node $list, UnitPresenter $shown): ShapesView
    {
        $views = [];
        foreach ($list->items(200) as $index => $node) {
            try {
                $views[] = self::shape(ShapeReader::shape($node, $index + 1), $shown);
            } catch (InvalidInput $e) {
                $typed = array_map(
                    static fn(mixed $v): string => is_scalar($v) ? (string) $v : '',
                    is_array($node->value) ? $node->value : [],
                );
                $views[] = new ShapeView(
                    name: $typed['name'] ?? '',
                    kind: $typed['kind'] ?? '',
                    dimensions: self::named($typed),
                    values: [],
                    area: null,
                    error: $e->getMessage() . ('' === $e->accepted ? '' : ' Accepted: ' . $e->accepted . '.'),
                    pointer: substr($e->pointer, strlen($node->pointer)),
                );
            }
        }

        return $this->shapes($views, $shown);
    }

    /** @param list<string> $users names of other parts worked in it */
    public function place(Place $place, UnitPresenter $shown, array $users = []): PlaceView
    {
        $dew =
            $place->air->humidity->value() < 0.001
                ? null
                : Registry::standard()->run('climate.dew-point', [
                    'temperature' => $place->air->temperature,
                    'humidity' => $place->air->humidity,
                ]);

        return new PlaceView(
            id: $place->id,
            name: $place->name,
            kind: $place->kind,
            temperature: $shown->value($place->air->temperature)->text,
            humidity: $shown->value($place->air->humidity)->text,
            temperatureValue: $place->air->temperature->value(),
            humidityValue: $place->air->humidity->value(),
            dewPoint: null === $dew ? null : $shown->of($dew, 'dewPoint', Temperature::class),
            hazards: $place->hazards,
            users: $users,
        );
    }

    /** @param array<int|string, mixed> $survey */
    private static function text(array $survey, string $field): string
    {
        return is_string($survey[$field] ?? null) ? $survey[$field] : '';
    }

    /** @param list<ShapeView> $views */
    private function shapes(array $views, UnitPresenter $shown): ShapesView
    {
        $sum = array_sum(array_map(static fn(ShapeView $v): float => $v->area->value ?? 0.0, $views));

        return new ShapesView($views, [] === $views ? null : $shown->value(Area::squareMetres($sum)));
    }

    public static function shape(Shape $shape, UnitPresenter $shown): ShapeView
    {
        $texts = [];
        $values = [];
        foreach ($shape->inputs->values as $name => $value) {
            if ($value instanceof Quantity) {
                $texts[$name] = $shown->value($value)->text;
                $values[$name] = $value->value();
            } elseif (is_string($value)) {
                $texts[$name] = $value;
            }
        }

        return new ShapeView(
            name: $shape->name,
            kind: $shape->kind(),
            dimensions: $texts,
            values: $values,
            area: $shown->of($shape->result(), 'area', Area::class),
            error: '',
            pointer: '',
        );
    }

    /**
     * @param array<array-key, string> $typed
     *
     * @return array<int|string, string>
     */
    private static function named(array $typed): array
    {
        $named = [];
        foreach ($typed as $name => $text) {
            if ('kind' !== $name && 'name' !== $name) {
                $named[(string) $name] = $text;
            }
        }

        return $named;
    }
}
