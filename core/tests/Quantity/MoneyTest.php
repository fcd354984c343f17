<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Amounts as they are typed, kept and shown. */
final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, int|null}> typed, minor units */
    public static function typed(): iterable
    {
        yield 'whole' => ['450', 45_000];
        yield 'one decimal' => ['450.5', 45_050];
        yield 'a comma, and thousands apart' => ['1 250,05', 125_005];
        yield 'nothing' => ['0', 0];
        yield 'the most' => ['10000000', 1_000_000_000];
        yield 'more than the most' => ['10000001', null];
        yield 'less than nothing' => ['-1', null];
        yield 'three decimals' => ['1.005', null];
        yield 'words' => ['ten', null];
    }

    #[DataProvider('typed')]
    public function testIsReadAsItIsTyped(string $typed, ?int $minor): void
    {
        self::assertSame($minor, Money::parse($typed)?->minor);
    }

    public function testIsKeptToThePennyAndShownInWholeUnits(): void
    {
        self::assertSame('1250.05', Money::minor(125_005)->text());
        self::assertSame("1\u{a0}250", Money::minor(125_005)->rounded());
        self::assertSame('13', Money::minor(1_250)->rounded());
        self::assertSame('0.00', Money::minor(-5)->text());
    }
}
