<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Board\JobPlan;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Piece\MaskedFace;
use Hull\Piece\MaskedSpot;
use Hull\Piece\MaskingPlan;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** A shape laid out flat with what is covered on it. */
final class MaskedFaceTest extends TestCase
{
    private const BORES = ['kind' => 'bore', 'count' => 4, 'across' => '40 mm'];
    private const SEAT = ['kind' => 'seat', 'across' => '100 mm', 'along' => '300 mm'];
    private const LINE = ['kind' => 'edge', 'along' => '1.5 m'];

    public function testAllIsDrawnToOneScaleBesideEachOtherOnTheFace(): void
    {
        [$face] = self::faces([self::BORES, self::SEAT, self::LINE]);
        self::assertEqualsWithDelta([2.0, 0.4], [$face->long, $face->high], 1e-9);
        self::assertFalse($face->crowded);
        $sizes = array_map(static fn(MaskedSpot $s): array => [$s->number, $s->by, $s->wide, $s->high], $face->spots);
        self::assertSame(
            [
                [2, 'tape', 0.3, 0.1],
                [1, 'plug', 0.04, 0.04],
                [1, 'plug', 0.04, 0.04],
                [1, 'plug', 0.04, 0.04],
                [1, 'plug', 0.04, 0.04],
                [3, 'line', 1.5, 0.006],
            ],
            $sizes,
        );
        self::assertApart($face);
    }

    public function testMoreThanFitsIsSaidAndDrawnAllTheSame(): void
    {
        [$face] = self::faces([[...self::SEAT, 'count' => 20]]);
        self::assertTrue($face->crowded);
        self::assertGreaterThan(0.4, $face->high);
        self::assertCount(20, $face->spots);
        self::assertApart($face);
    }

    public function testWhatIsLongerThanTheFaceEndsWithIt(): void
    {
        [$face] = self::faces([[...self::LINE, 'along' => '9 m']]);
        self::assertLessThan(2.0, $face->spots[0]->wide);
        self::assertApart($face);
    }

    public function testOfVeryManyAsManyAreDrawnAsAreToldApart(): void
    {
        self::assertCount(24, self::faces([[...self::BORES, 'across' => '5 mm', 'count' => 200]])[0]->spots);
    }

    public function testEachLiesOnItsShapeAndTheRestOnTheFirst(): void
    {
        $faces = self::faces([[...self::SEAT, 'on' => 'Lid'], self::BORES, [...self::LINE, 'on' => 'gone']]);
        self::assertSame(['Side', 'Lid'], array_column($faces, 'name'));
        self::assertSame([2, 2, 2, 2, 3], array_column($faces[0]->spots, 'number'));
        self::assertSame([1], array_column($faces[1]->spots, 'number'));
        self::assertSame([], self::faces([]));
    }

    private static function assertApart(MaskedFace $face): void
    {
        foreach ($face->spots as $n => $a) {
            self::assertGreaterThanOrEqual(0.0, min($a->x, $a->y));
            self::assertLessThanOrEqual($face->long + 1e-9, $a->x + $a->wide);
            self::assertLessThanOrEqual($face->high + 1e-9, $a->y + $a->high);
            foreach (array_slice($face->spots, $n + 1) as $b) {
                self::assertTrue(
                    $a->x + $a->wide <= $b->x ||
                        $b->x + $b->wide <= $a->x ||
                        $a->y + $a->high <= $b->y ||
                        $b->y + $b->high <= $a->y,
                );
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $covered
     *
     * @return list<MaskedFace>
     */
    private static function faces(array $covered): array
    {
        $job = (new JobReader(Yard::catalogue()))->job(
            Node::root(
                Yard::frame([
                    'covered' => $covered,
                    'shapes' => [
                        ['kind' => 'strip', 'name' => 'Side', 'width' => '0.4 m', 'length' => '2 m'],
                        ['kind' => 'strip', 'name' => 'Lid', 'width' => '0.5 m', 'length' => '0.6 m'],
                    ],
                ]),
            ),
        );
        $piece = array_values(JobPlan::of(Yard::catalogue(), $job)->pieces)[0];

        return MaskedFace::all($job->parts[0]->shapes, MaskingPlan::of($piece, $job->parts));
    }
}
