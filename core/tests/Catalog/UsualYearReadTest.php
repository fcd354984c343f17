<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Catalog\CatalogueReader;
use Hull\Climate\Weather;
use Hull\Input\InvalidInput;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a climate may say of its year; what cannot be is refused where it stands, not on a screen a month later. */
final class UsualYearReadTest extends TestCase
{
    public function testRainAndSunMayBeLeftOut(): void
    {
        $hours = self::read(['rain_days' => null, 'noon_sun' => null])->forecast(0, 40)->hours;
        foreach ($hours as $hour) {
            self::assertSame([0.0, 0.0], [$hour->rainMm, $hour->sun->wPerM2()]);
        }
    }

    public function testTheyAreTakenToTheirEdges(): void
    {
        $year = self::read(['rain_days' => array_fill(0, 12, 31), 'noon_sun' => array_fill(0, 12, 1400)]);
        $rainy = array_filter($year->forecast(0, 10)->hours, static fn(Weather $w): bool => $w->rainMm > 0.0);
        self::assertCount(40, $rainy, 'every day');
        self::assertSame(350.0, round($year->forecast(0, 10)->hours[12]->sun->wPerM2(), 6));
    }

    /** @param list<float|int> $given */
    #[TestWith(['rain_days', [31.5], '31.5 cannot be.', 'numbers of days from 0 to 31'])]
    #[TestWith(['rain_days', [-1], '-1 cannot be.', 'numbers of days from 0 to 31'])]
    #[TestWith(['noon_sun', [1401], '1401 cannot be.', 'numbers, W/m2, from 0 to 1400'])]
    #[TestWith(['low', [-61], '-61 cannot be.', 'temperatures, °C, from -60 to 60'])]
    #[TestWith(['high', [61], '61 cannot be.', 'temperatures, °C, from -60 to 60'])]
    public function testWhatCannotBeIsRefused(string $field, array $given, string $says, string $accepted): void
    {
        try {
            self::read([$field => [...array_fill(0, 11, 5), ...$given]]);
            self::fail('accepted');
        } catch (InvalidInput $e) {
            self::assertSame([$says, $accepted], [$e->getMessage(), $e->accepted]);
            self::assertStringEndsWith("/$field/11", $e->pointer);
        }
    }

    public function testAYearHasTwelveMonths(): void
    {
        $this->expectExceptionObject(new InvalidInput('', 'A year has twelve months.'));
        self::read(['rain_days' => [1, 2, 3]]);
    }

    /** @param array<string, list<float|int>|null> $with */
    private static function read(array $with): \Hull\Climate\Season
    {
        $data = Yard::data();
        $climate = $data['climates'][0] ?? null;
        self::assertIsArray($climate);
        $data['climates'][0] = array_filter([...$climate, ...$with], static fn(mixed $v): bool => null !== $v);
        self::assertIsString($climate['id']);

        return CatalogueReader::read($data)->season($climate['id']);
    }
}
