<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Catalog\Life;
use PHPUnit\Framework\TestCase;

final class LifeTest extends TestCase
{
    public function testItIsSaidAsASheetWould(): void
    {
        self::assertSame('4 to 6 years', (new Life(4.0, 6.0))->text());
        self::assertSame('0.5 to 2 years', (new Life(0.5, 2.0))->text());
        self::assertSame('0.25 to 1 year', (new Life(0.25, 1.0))->text());
        self::assertSame('1 year', (new Life(1.0, 1.0))->text());
        self::assertSame('2.5 years', (new Life(2.5, 2.5))->text());
        self::assertSame('2 to 3 years', (new Life(4.0, 6.0))->times(0.5)->text());
        self::assertSame(5.0, (new Life(4.0, 6.0))->middle());
    }
}
