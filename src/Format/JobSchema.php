<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Catalog\Catalogue;
use Hull\Compute\Registry;
use Hull\Job\EntryKind;
use Hull\JobFile\JobReader;
use Hull\JobFile\PartForm;
use Hull\JobFile\TagForm;
use Hull\WorkCard\Kinds;

/** JSON Schema of the job file, from the catalogue and the registry of shapes. */
final readonly class JobSchema
{
    public function __construct(private Catalogue $shipped) {}

    /** @return array<int|string, mixed> */
    public function describe(): array
    {
        $quantity = [
            'type' => ['number', 'string'],
            'description' => 'A number in the unit of record (m, L, kg, C, ratio) or typed text with its unit.',
        ];
        $id = ['type' => 'string', 'pattern' => '^[a-z0-9][a-z0-9-]*$', 'maxLength' => 60];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Unbowed Hull job file',
            ...self::object(
                [
                    'format' => ['const' => JobReader::FORMAT],
                    'version' => ['const' => JobReader::VERSION],
                    'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 120],
                    'note' => ['type' => 'string', 'maxLength' => 2000],
                    'due' => [
                        'type' => 'string',
                        'format' => 'date',
                        'description' => 'Day by whose evening it is to be done.',
                    ],
                    'bought' => self::amount('What was paid for it.'),
                    'sale' => self::amount('What it is to be sold for.'),
                    '$schema' => ['type' => 'string'],
                    'places' => [
                        'type' => 'array',
                        'maxItems' => 50,
                        'items' => self::object(
                            [
                                'id' => $id,
                                'name' => ['type' => 'string', 'maxLength' => 80],
                                'kind' => ['enum' => array_keys($this->shipped->places)],
                                'temperature' => $quantity,
                                'humidity' => $quantity,
                                'hazards' => [
                                    'type' => 'array',
                                    'items' => ['enum' => array_keys($this->shipped->hazards)],
                                ],
                            ],
                            ['id', 'kind', 'temperature', 'humidity'],
                        ),
                    ],
                    'cards' => [
                        'type' => 'array',
                        'maxItems' => 100,
                        'items' => self::object(
                            [
                                'id' => $id,
                                'kind' => ['enum' => array_keys(Kinds::by($this->shipped->figures))],
                                'name' => ['type' => 'string', 'maxLength' => 120],
                                'part' => $id,
                                'inputs' => ['type' => 'object'],
                            ],
                            ['id', 'kind', 'name'],
                        ),
                    ],
                    'register' => [
                        'type' => 'array',
                        'maxItems' => TagForm::MOST,
                        'items' => self::object(...TagForm::schema()),
                    ],
                    'without' => [
                        'type' => 'array',
                        'maxItems' => 100,
                        'items' => ['enum' => array_keys($this->shipped->limits)],
                    ],
                    'parts' => ['type' => 'array', 'maxItems' => 200, 'items' => ['$ref' => '#/$defs/part']],
                ],
                ['format', 'version', 'name', 'places', 'parts'],
            ),
            '$defs' => ['id' => $id, 'part' => $this->part($quantity, $id), 'shape' => $this->shape()],
        ];
    }

    /**
     * @param array<int|string, mixed> $quantity
     * @param array<int|string, mixed> $id
     *
     * @return array<int|string, mixed>
     */
    private function part(array $quantity, array $id): array
    {
        $steps = array_keys($this->shipped->steps);
        $conditions = [];
        foreach ($this->shipped->conditions as $condition) {
            $conditions[] = self::object(
                [
                    'id' => ['const' => $condition->id],
                    'grade' => ['enum' => array_keys($condition->grades)],
                    'extent' => $quantity,
                ],
                ['id', 'grade'],
            );
        }

        return self::object(
            [
                'id' => $id,
                'name' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 120],
                'substrate' => ['enum' => array_keys($this->shipped->substrates)],
                'conditions' => ['type' => 'array', 'items' => ['anyOf' => $conditions]],
                'shapes' => ['type' => 'array', 'maxItems' => 200, 'items' => ['$ref' => '#/$defs/shape']],
                'place' => $id,
                ...(new PartForm($this->shipped))->schema(),
                'schools' => self::object(
                    array_map(
                        static fn(\Hull\Catalog\School $s): array => ['enum' => array_keys($s->answers)],
                        $this->shipped->schools,
                    ),
                    [],
                ),
                'route' => [
                    'type' => 'array',
                    'maxItems' => 500,
                    'items' => [
                        'anyOf' => [
                            ['enum' => $steps],
                            self::object(
                                [
                                    'key' => ['type' => 'string'],
                                    'step' => ['enum' => $steps],
                                    'product' => ['enum' => array_keys($this->shipped->products)],
                                    'because' => ['type' => 'string', 'maxLength' => 500],
                                ],
                                ['step'],
                            ),
                        ],
                    ],
                ],
                'log' => [
                    'type' => 'array',
                    'maxItems' => 10000,
                    'items' => self::object(
                        [
                            'id' => ['type' => 'string', 'maxLength' => 60],
                            'kind' => [
                                'enum' => array_map(static fn(EntryKind $k): string => $k->value, EntryKind::cases()),
                            ],
                            'step' => ['type' => 'string'],
                            'at' => ['type' => 'string', 'format' => 'date-time'],
                            'temperature' => $quantity,
                            'humidity' => $quantity,
                            'note' => ['type' => 'string', 'maxLength' => 2000],
                            'corrects' => ['type' => 'string'],
                            'withdrawn' => ['type' => 'boolean'],
                            'rule' => ['type' => 'string'],
                            'by' => ['type' => 'string', 'maxLength' => 120],
                            'used' => $quantity,
                            'film' => $quantity,
                        ],
                        ['kind', 'at'],
                    ),
                ],
            ],
            ['id', 'name', 'substrate', 'service', 'finish', 'place'],
        );
    }

    /** @return array<string, string> */
    private static function amount(string $says): array
    {
        return [
            'type' => 'string',
            'pattern' => '^[0-9][0-9 ]{0,9}([.,][0-9]{1,2})?$',
            'description' => $says . ' An amount such as "450" or "450.50".',
        ];
    }

    /** @return array<int|string, mixed> */
    private function shape(): array
    {
        $kinds = [];
        foreach (Registry::standard()->all() as $computation) {
            if (str_starts_with($computation->name, 'area.')) {
                $schema = $computation->inputSchema();
                $properties = is_array($schema['properties']) ? $schema['properties'] : [];
                $required = is_array($schema['required']) ? array_values($schema['required']) : [];
                $kinds[] = [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => ['kind', ...$required],
                    'properties' => [
                        'kind' => ['const' => substr($computation->name, strlen('area.'))],
                        'name' => ['type' => 'string', 'maxLength' => 80],
                        ...$properties,
                    ],
                ];
            }
        }

        return ['anyOf' => $kinds];
    }

    /**
     * @param array<int|string, mixed> $properties
     * @param list<string> $required
     *
     * @return array<int|string, mixed>
     */
    private static function object(array $properties, array $required): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => $required,
            'properties' => $properties,
        ];
    }
}
