<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Service;
use Hull\Tests\Draw;

/** Made-up job files by number: one to three parts of any material, as somebody would have surveyed them. */
final readonly class GoldenJob
{
    private const SHAPES = [
        ['kind' => 'strip', 'width' => '0.6 m', 'length' => '2 m'],
        ['kind' => 'plate', 'width' => '0.5 m', 'length' => '0.8 m'],
        ['kind' => 'tube', 'diameter' => '48 mm', 'length' => '3 m'],
        ['kind' => 'box-section', 'width' => '40 mm', 'height' => '40 mm', 'length' => '7 m'],
    ];

    public function __construct(private Catalogue $catalogue) {}

    /** @return array<string, mixed> a job file */
    public function file(int $number): array
    {
        $draw = new Draw('golden ' . $number);
        $ids = array_slice(['a', 'b', 'c'], 0, 1 + ($number % 3));

        return [
            'format' => 'unbowed-hull-job',
            'version' => 1,
            'name' => 'Golden ' . $number,
            'places' => [
                ['id' => 'bay', 'name' => 'Bay', 'kind' => 'heated-bay', 'temperature' => '18 C', 'humidity' => '55 %'],
                ['id' => 'slip', 'name' => 'Slip', 'kind' => 'outdoors', 'temperature' => '14 C', 'humidity' => '70 %'],
            ],
            'parts' => array_map(
                fn(string $id): array => $this->part($id, new Draw("golden $number $id"), $draw),
                $ids,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function part(string $id, Draw $draw, Draw $job): array
    {
        $substrate = $this->catalogue->substrate($draw->pick('substrate', $this->catalogue->substrates));
        $conditions = $schools = [];
        foreach ($this->catalogue->conditions as $condition) {
            if ($substrate->isOf($condition->families) && $draw->chance($condition->id, 5)) {
                $grade = $draw->pick('grade of ' . $condition->id, $condition->grades);
                $conditions[] = ['id' => $condition->id, 'grade' => $grade, 'extent' => '40 %'];
            }
        }
        foreach ($this->catalogue->schools as $school) {
            if ($substrate->isOf($school->families) && $draw->chance($school->id, 4)) {
                $schools[$school->id] = $draw->pick('answer to ' . $school->id, $school->answers);
            }
        }
        $suits = static fn(Service $s): bool => $s->suits($substrate);

        return [
            'id' => $id,
            'name' => strtoupper($id),
            'substrate' => $substrate->id,
            'conditions' => $conditions,
            'shapes' => [self::SHAPES[(int) $draw->pick('shape', self::SHAPES)]],
            'service' => $draw->pick('service', array_filter($this->catalogue->services, $suits)),
            'finish' => $draw->pick('finish', $this->catalogue->finishes),
            'place' => $job->chance('slip', 4) ? 'slip' : 'bay',
            ...[] === $schools ? [] : ['schools' => $schools],
        ];
    }
}
