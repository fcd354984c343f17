<?php

declare(strict_types=1);

namespace Hull\Tests\Store;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Mass;
use Hull\Store\TinReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TinReaderTest extends TestCase
{
    public function testTinsOfABatch(): void
    {
        $tins = self::read([
            'material' => 'citric-bath',
            'batch' => 'CA-7',
            'size' => '5 kg',
            'count' => '2',
            'received' => '2026-02-11',
            'label' => '2029-01-31',
            'cabinet' => 'acid shelf',
            'price' => '24.00',
        ]);
        self::assertCount(2, $tins);
        self::assertInstanceOf(Mass::class, $tins[0]->size);
        self::assertSame(
            [5.0, 'CA-7', '2026-02-11', '2029-01-31', 'acid shelf', 2400],
            [
                $tins[0]->size->value(),
                $tins[0]->batch,
                $tins[0]->received->format('Y-m-d'),
                $tins[0]->label?->format('Y-m-d'),
                $tins[0]->cabinet,
                $tins[0]->price?->minor,
            ],
        );
        self::assertSame(
            '2026-11-23',
            self::read(['material' => 'acetone', 'size' => '1 qt'])[0]->received->format('Y-m-d'),
            'today, if nothing is said',
        );
    }

    /** @return iterable<string, array{array<int|string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $good = ['material' => 'acetone', 'size' => '1 L'];
        yield 'unknown material' => [[...$good, 'material' => 'unicorn-oil'], '/material'];
        yield 'no size' => [['material' => 'acetone'], '/size'];
        yield 'a length is no size' => [[...$good, 'size' => '3 ft'], '/size'];
        yield 'an empty tin' => [[...$good, 'size' => '0 L'], '/size'];
        yield 'half a tin' => [[...$good, 'count' => 0.5], '/count'];
        yield 'too many' => [[...$good, 'count' => 5000], '/count'];
        yield 'no such day' => [[...$good, 'label' => '2026-02-31'], '/label'];
        yield 'not here yet' => [[...$good, 'received' => '2027-01-01'], '/received'];
        yield 'a price in words' => [[...$good, 'price' => 'cheap'], '/price'];
        yield 'a field that is not there' => [[...$good, 'shade' => 'grey'], '/shade'];
    }

    /** @param array<int|string, mixed> $given */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsRefusedWithItsPlace(array $given, string $pointer): void
    {
        try {
            self::read($given);
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertNotSame('', $e->accepted);
        }
    }

    /**
     * @param array<int|string, mixed> $given
     *
     * @return list<\Hull\Store\Tin>
     */
    private static function read(array $given): array
    {
        return (new TinReader(Yard::catalogue()))->tins(Node::root($given), new \DateTimeImmutable('2026-11-23 10:00'));
    }
}
