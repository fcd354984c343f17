<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Job\TaggedItem;
use Hull\Piece\HeldBy;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What holds a part, as people write it, is counted. */
final class HeldByTest extends TestCase
{
    public function testNumbersInWords(): void
    {
        $words = 'one two three four five six seven eight nine ten eleven twelve';
        foreach (explode(' ', $words) as $i => $word) {
            self::assertSame([$i + 1, 'clips'], self::of($word . ' clips'));
        }
        foreach (['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'a' => 1, 'an' => 1] as $word => $n) {
            self::assertSame([$n, 'clips'], self::of(ucfirst($word) . ' clips'));
        }
    }

    #[TestWith(['999 rivets', 999, 'rivets'])]
    #[TestWith(['1000 rivets', 1, '1000 rivets'])]
    #[TestWith(['0 rivets', 1, '0 rivets'])]
    #[TestWith(['some rivets', 1, 'some rivets'])]
    public function testNumbersThatCanBe(string $by, int $count, string $name): void
    {
        self::assertSame([$count, $name], self::of($by));
    }

    public function testSizesAndSeveralThings(): void
    {
        $things = array_map(
            static fn(TaggedItem $t): array => [$t->count, $t->what, $t->size],
            HeldBy::read('four M8 x 30 bolts, 2 pins 6 mm and a strap; '),
        );
        self::assertSame([[4, 'bolts', 'M8 x 30'], [2, 'pins', '6 mm'], [1, 'strap', '']], $things);
    }

    /** @return array{int, string} */
    private static function of(string $by): array
    {
        $things = HeldBy::read($by);
        self::assertCount(1, $things);

        return [$things[0]->count, $things[0]->what];
    }
}
