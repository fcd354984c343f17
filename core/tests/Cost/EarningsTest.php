<?php

declare(strict_types=1);

namespace Hull\Tests\Cost;

use Hull\Cost\Earnings;
use Hull\Cost\Worth;
use Hull\Quantity\Money;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** Bought, restored, sold: what it leaves, and what an hour earned. */
final class EarningsTest extends TestCase
{
    public function testWhatIsLeftIsTheSaleLessAllThatIsPaid(): void
    {
        $worth = self::worth();
        $paid = $worth->material->minor + $worth->fees->minor;
        $earned = Earnings::of($worth, Money::minor(5_000), Money::minor($paid + 45_000), null);
        self::assertSame(40_000, $earned->left);
        self::assertSame((int) round(40_000 / $worth->mostHours->h()), $earned->leastHour);
        self::assertSame((int) round(40_000 / $worth->leastHours->h()), $earned->mostHour);
        self::assertSame('', $earned->verdict, 'nobody said what an hour is worth');
        self::assertSame(45_000, Earnings::of($worth, null, Money::minor($paid + 45_000), null)->left);
    }

    public function testItIsHeldAgainstWhatAnHourIsWorth(): void
    {
        $worth = self::worth();
        $paid = $worth->material->minor + $worth->fees->minor;
        $says = static fn(int $left, float $hour): string => Earnings::of(
            $worth,
            null,
            Money::minor($paid + $left),
            Money::minor((int) round($hour)),
        )->verdict;
        $slow = 100_000 / $worth->mostHours->h();
        $quick = 100_000 / $worth->leastHours->h();
        self::assertStringContainsString('even where it takes longest', $says(100_000, $slow - 2.0));
        self::assertStringContainsString('if it goes well', $says(100_000, ($slow + $quick) / 2.0));
        self::assertStringContainsString('even if all goes well', $says(100_000, $quick + 2.0));
    }

    public function testALossIsOneWhateverTheHour(): void
    {
        $lost = Earnings::of(self::worth(), Money::minor(1_000_000), Money::minor(0), Money::minor(1));
        self::assertLessThan(0, $lost->left);
        self::assertStringContainsString('loses money', $lost->verdict);
        self::assertLessThan(0, $lost->leastHour);
        self::assertLessThanOrEqual($lost->mostHour, $lost->leastHour);
    }

    private static function worth(): Worth
    {
        return Worth::of(Yard::workpiece(), null, null);
    }
}
