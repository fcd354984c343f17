<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Climate\Air;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\OutlastedWindow;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A coat that takes longer than its film waits, said before the tin is opened. */
final class OutlastedWindowTest extends TestCase
{
    /** At 20 C and 49.8 % the encapsulator takes the next coat from 3 to 6 h. */
    #[TestWith([5.9, 5.9, null, null])]
    #[TestWith([6.1, 6.1, 2, 1])]
    #[TestWith([12.2, 12.2, 3, 2])]
    #[TestWith([23.0, 23.0, 4, 3])]
    #[TestWith([25.0, 25.0, 6, null])]
    #[TestWith([80.0, 80.0, null, null])]
    public function testTheCoatIsLaidBeforeItsBeginningCloses(
        float $first,
        float $second,
        ?int $sections,
        ?int $helpers,
    ): void {
        $long = self::of('mcu-encapsulator', $first, $second);
        self::assertSame(6.0 < $first, null !== $long);
        self::assertSame([$sections, $helpers], [$long?->sections(), $long?->helpers()]);
    }

    public function testASlowNextCoatClosesTheFarEndToo(): void
    {
        self::assertNull(self::of('mcu-encapsulator', 2.0, 4.0));
        self::assertNotNull(self::of('mcu-encapsulator', 2.0, 7.0), 'its far end closes 2 h after the near one');
    }

    public function testWhatNeverClosesIsNeverTooLate(): void
    {
        self::assertNull(self::of('cavity-wax', 90.0, 90.0));
    }

    public function testItIsSaidInWords(): void
    {
        $words = self::of('mcu-encapsulator', 7.75, 5.0)?->words() ?? '';
        self::assertStringContainsString('It takes 7 h 45 min', (string) $words);
        self::assertStringContainsString('from 3 h to 6 h after each stroke', (string) $words);
        self::assertStringContainsString('in 2 sections', (string) $words);
        self::assertStringContainsString('With a helper', (string) $words);
        self::assertStringContainsString(
            'No section is small enough',
            (string) self::of('mcu-encapsulator', 80.0, 80.0)?->words(),
        );
    }

    private static function of(string $film, float $first, float $second): ?OutlastedWindow
    {
        return OutlastedWindow::of(
            Yard::catalogue()->product($film),
            $first,
            $second,
            Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(49.8)),
        );
    }
}
