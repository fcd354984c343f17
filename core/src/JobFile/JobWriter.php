<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Compute\Inputs;
use Hull\Job\Job;
use Hull\Job\LogEntry;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\RouteStep;
use Hull\Job\SavedCard;
use Hull\Job\Shape;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;

/** Writes the open job file with SI numbers; what JobReader reads back is the same job. */
final class JobWriter
{
    /** @return array<int|string, mixed> */
    public static function job(Job $job): array
    {
        return [
            'format' => JobReader::FORMAT,
            'version' => JobReader::VERSION,
            'name' => $job->name,
            ...'' === $job->note ? [] : ['note' => $job->note],
            ...null === $job->due ? [] : ['due' => $job->due],
            ...null === $job->bought ? [] : ['bought' => $job->bought->text()],
            ...null === $job->sale ? [] : ['sale' => $job->sale->text()],
            'places' => array_map(self::place(...), array_values($job->places)),
            'parts' => array_map(self::part(...), $job->parts),
            ...[] === $job->without ? [] : ['without' => $job->without],
            ...[] === $job->cards
                ? []
                : ['cards' => array_map(static fn(SavedCard $c): array => $c->written(), $job->cards)],
            ...[] === $job->register ? [] : ['register' => array_map(TagForm::written(...), $job->register)],
        ];
    }

    /** @return array<int|string, mixed> */
    public static function place(Place $place): array
    {
        return [
            'id' => $place->id,
            'name' => $place->name,
            'kind' => $place->kind,
            'temperature' => $place->air->temperature->value(),
            'humidity' => $place->air->humidity->value(),
            ...[] === $place->hazards ? [] : ['hazards' => $place->hazards],
        ];
    }

    /** @return array<int|string, mixed> */
    public static function part(Part $part): array
    {
        $written = [
            'id' => $part->id,
            'name' => $part->name,
            'substrate' => $part->substrate,
            'conditions' => array_map(
                static fn(Observed $f): array => [
                    'id' => $f->condition,
                    'grade' => $f->grade,
                    'extent' => $f->extent->value(),
                ],
                $part->conditions,
            ),
            'shapes' => array_map(self::shape(...), $part->shapes),
            'place' => $part->place,
            ...PartForm::written($part),
        ];
        if ([] !== $part->schools) {
            $written['schools'] = $part->schools;
        }
        if (null !== $part->route) {
            $written['route'] = array_map(self::step(...), $part->route->steps);
        }
        if ([] !== $part->log) {
            $written['log'] = array_map(self::entry(...), $part->log);
        }

        return $written;
    }

    /** @return array<int|string, mixed> */
    public static function shape(Shape $shape): array
    {
        return ['kind' => $shape->kind(), 'name' => $shape->name, ...self::inputs($shape->inputs)];
    }

    /** @return array<int|string, string> */
    public static function step(RouteStep $step): array
    {
        return array_filter(
            ['key' => $step->key, 'step' => $step->step, 'product' => $step->product, 'because' => $step->because],
            static fn(?string $v): bool => null !== $v && '' !== $v,
        );
    }

    /** @return array<int|string, mixed> */
    public static function entry(LogEntry $entry): array
    {
        return array_filter(
            [
                'id' => $entry->id,
                'kind' => $entry->kind->value,
                'step' => $entry->stepKey,
                'at' => $entry->at->format('Y-m-d\TH:i:s.vP'),
                'temperature' => $entry->air?->temperature->value(),
                'humidity' => $entry->air?->humidity->value(),
                'note' => $entry->note,
                'corrects' => $entry->corrects,
                'withdrawn' => $entry->withdrawn,
                'rule' => $entry->rule,
                'by' => $entry->by,
                'used' => $entry->used?->value(),
                'film' => $entry->film?->value(),
            ],
            static fn(mixed $v): bool => null !== $v && '' !== $v && false !== $v,
        );
    }

    /** @return array<int|string, mixed> */
    private static function inputs(Inputs $inputs): array
    {
        $written = [];
        foreach ($inputs->values as $name => $value) {
            if (null === $value) {
                continue;
            }
            $written[$name] = match (true) {
                $value instanceof Quantity => $value->value(),
                $value instanceof MixRatio => $value->text(),
                is_array($value) => array_map(self::inputs(...), $value),
                default => $value,
            };
        }

        return $written;
    }
}
