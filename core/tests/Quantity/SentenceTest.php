<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Sentence;
use Hull\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sentences are in the units of whoever reads them, differences of temperature as differences. */
final class SentenceTest extends TestCase
{
    #[DataProvider('sentences')]
    public function testASentenceInUsUnits(string $metric, string $us): void
    {
        self::assertSame($us, Sentence::in($metric, UnitSystem::Us));
    }

    /** @return iterable<string, array{string, string}> */
    public static function sentences(): iterable
    {
        yield 'margin' => [
            'The part is 2.1 C above the dew point; a film needs 3 C.',
            'The part is 3.8 °F above the dew point; a film needs 5.4 °F.',
        ];
        yield 'less than' => [
            'Fri 11:00 to Fri 13:00: the part is less than 3 °C above the dew point',
            'Fri 11:00 to Fri 13:00: the part is less than 5.4 °F above the dew point',
        ];
        yield 'range' => [
            "The part at 4.0 C is outside the sheet's 10 to 35 C.",
            "The part at 39.2 °F is outside the sheet's 50 to 95 °F.",
        ];
        yield 'frost' => ['At -5 C and 80 % it never gets there.', 'At 23 °F and 80 % it never gets there.'];
        yield 'area' => ['Under 2 m² a brush wastes least.', 'Under 21.5 ft² a brush wastes least.'];
        yield 'film' => ['Build 60 to 80 um in 2 coats.', 'Build 2.36 mil to 3.15 mil in 2 coats.'];
        yield 'names stay' => [
            'Grit P120, class C5-M, at 12:30, 2 mm gaps',
            'Grit P120, class C5-M, at 12:30, 0.0787 in gaps',
        ];
        yield 'no number' => ['Let it dry.', 'Let it dry.'];
    }

    public function testMetricKeepsItsNumbersAndGetsItsDegrees(): void
    {
        self::assertSame(
            'The part is 2.1 °C above the dew point; a film needs 3 °C.',
            Sentence::in('The part is 2.1 C above the dew point; a film needs 3 C.', UnitSystem::Metric),
        );
        self::assertSame(
            "outside the sheet's 10 to 35 °C, 60 um",
            Sentence::in("outside the sheet's 10 to 35 C, 60 um", UnitSystem::Metric),
        );
    }
}
