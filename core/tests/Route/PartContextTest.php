<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Climate\Air;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\PartContext;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An order of work does not hang on the cold of a place. */
final class PartContextTest extends TestCase
{
    /** @return iterable<string, array{float, float, bool}> degrees C, per cent, whether things cure in it */
    public static function airs(): iterable
    {
        yield 'as cold as can be' => [10.0, 60.0, true];
        yield 'a little colder' => [9.9, 60.0, false];
        yield 'as hot as can be' => [35.0, 60.0, true];
        yield 'a little hotter' => [35.1, 60.0, false];
        yield 'as damp as can be' => [20.0, 80.0, true];
        yield 'a little damper' => [20.0, 80.1, false];
    }

    #[DataProvider('airs')]
    public function testIsPlannedInAirThatThingsCureIn(float $celsius, float $percent, bool $cures): void
    {
        $part = Yard::workpiece()->context;
        $air = Air::of(Temperature::celsius($celsius), RelativeHumidity::percent($percent));
        $there = new PartContext($part->traits->inAir($air), $part->extents, $part->schools, $part->system, $part->aim);
        $planned = $there->workable();
        self::assertSame($cures, $planned === $there);
        self::assertEqualsWithDelta($cures ? $celsius : 20.0, $planned->air()->temperature->c(), 1e-9);
    }
}
