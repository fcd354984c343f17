<?php

declare(strict_types=1);

namespace Hull\Tests;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Cure\CureKind;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\JobFile\JobReader;
use Hull\Quantity\Table;
use Symfony\Component\Yaml\Yaml;

/** The catalogue and a part of the made-up yard, for tests. */
final class Yard
{
    private static ?Catalogue $catalogue = null;

    /** @var array<int|string, list<mixed>>|null */
    private static ?array $data = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= CatalogueReader::read(self::data());
    }

    public static function table(string $id): Table
    {
        return self::catalogue()->figures->table($id);
    }

    public static function cure(string $id): CureKind
    {
        return self::catalogue()->figures->cures[$id];
    }

    /** @return array<int|string, list<mixed>> */
    public static function data(): array
    {
        return self::$data ??= self::parsed();
    }

    /** @return array<int|string, list<mixed>> */
    private static function parsed(): array
    {
        $data = [];
        $files = glob(__DIR__ . '/../../catalog/*/*.yaml');
        foreach (false === $files ? [] : $files as $file) {
            $parsed = Yaml::parseFile($file);
            foreach (is_array($parsed) ? $parsed : [] as $kind => $entries) {
                $data[(string) $kind] = [
                    ...$data[(string) $kind] ?? [],
                    ...array_values(is_array($entries) ? $entries : []),
                ];
            }
        }

        return $data;
    }

    /**
     * @param array<int|string, mixed> $change
     *
     * @return array{
     *     format: string,
     *     version: int,
     *     name: string,
     *     places: list<array<int|string, mixed>>,
     *     parts: list<array<int|string, mixed>>,
     * }
     */
    public static function frame(array $change = [], string $temperature = '18 C', string $humidity = '55 %'): array
    {
        return [
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => 'Hovercraft',
            'places' => [
                [
                    'id' => 'bay',
                    'name' => 'Heated bay',
                    'kind' => 'heated-bay',
                    'temperature' => $temperature,
                    'humidity' => $humidity,
                ],
                [
                    'id' => 'shed',
                    'name' => 'Shed',
                    'kind' => 'unheated-shed',
                    'temperature' => '4 C',
                    'humidity' => '90 %',
                ],
            ],
            'parts' => [
                [
                    'id' => 'engine-frame',
                    'name' => 'Engine frame',
                    'substrate' => 'carbon-steel',
                    'conditions' => [
                        ['id' => 'rust', 'grade' => 'scale', 'extent' => '70 %'],
                        ['id' => 'oil', 'grade' => 'heavy', 'extent' => '40 %'],
                        ['id' => 'soil', 'grade' => 'light'],
                        ['id' => 'old-coating', 'grade' => 'flaking', 'extent' => '60 %'],
                    ],
                    'shapes' => [
                        [
                            'kind' => 'box-section',
                            'name' => 'Rails',
                            'width' => '40 mm',
                            'height' => '40 mm',
                            'length' => '7 m',
                        ],
                    ],
                    'service' => 'exterior-splash',
                    'finish' => 'tidy',
                    'place' => 'bay',
                    ...$change,
                ],
            ],
        ];
    }

    /** @param array<int|string, mixed> $change */
    public static function job(array $change = []): Job
    {
        return (new JobReader(self::catalogue()))->job(Node::root(self::frame($change)));
    }

    /**
     * @param array<int|string, mixed> $change
     * @param list<string> $without
     * @param list<string> $hazards of the place
     */
    public static function workpiece(array $change = [], array $without = [], array $hazards = []): Workpiece
    {
        $frame = self::frame($change);
        $frame['without'] = $without;
        $frame['places'] = array_map(static fn(array $p): array => [...$p, 'hazards' => $hazards], $frame['places']);
        $job = (new JobReader(self::catalogue()))->job(Node::root($frame));

        return Workpiece::of(
            self::catalogue(),
            $job->parts[0],
            $job->place($job->parts[0]->place),
            \Hull\Route\Surroundings::of(self::catalogue(), $job, $job->parts[0]),
        );
    }
}
