<?php

declare(strict_types=1);

namespace Hull\Tests\Input;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NodeTest extends TestCase
{
    public function testKnowsWhereItStands(): void
    {
        $node = Node::root(['parts' => [['a/b' => ['~' => 7]]]]);
        $deep = $node->field('parts')->items()[0]->field('a/b')->field('~');
        self::assertSame('/parts/0/a~1b/~0', $deep->pointer);
        self::assertSame(7, $deep->integer(0, 10));
    }

    public function testReadsWhatItShould(): void
    {
        $node = Node::root([
            'text' => '  words ',
            'yes' => true,
            'number' => 3,
            'length' => '2 ft',
            'value' => 0.5,
            'ratio' => '4:1',
            'none' => null,
            'empty' => '',
        ]);
        self::assertSame('words', $node->field('text')->text());
        self::assertTrue($node->field('yes')->boolean());
        self::assertSame(3.0, $node->field('number')->number());
        self::assertEqualsWithDelta(0.6096, $node->field('length')->quantity(Length::class)->m(), 1e-9);
        self::assertSame(0.5, $node->field('value')->quantity(Length::class)->m());
        self::assertSame('4:1', $node->field('ratio')->ratio()->text());
        self::assertNull($node->optional('none'));
        self::assertNull($node->optional('missing'));
        self::assertSame('', Node::remark($node->optional('empty'), 10));
        self::assertSame('', Node::remark(null, 10));
        self::assertSame('words', Node::remark($node->optional('text'), 10));
    }

    /** @return iterable<string, array{\Closure(Node): mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'missing field' => [static fn(Node $n) => $n->field('nothing'), '/nothing'];
        yield 'field of a list' => [static fn(Node $n) => $n->field('list')->field('x'), '/list'];
        yield 'items of an object' => [static fn(Node $n) => $n->items(), ''];
        yield 'too many items' => [static fn(Node $n) => $n->field('list')->items(2), '/list'];
        yield 'number as text' => [static fn(Node $n) => $n->field('number')->text(), '/number'];
        yield 'blank text' => [static fn(Node $n) => $n->field('blank')->text(), '/blank'];
        yield 'long text' => [static fn(Node $n) => $n->field('text')->text(3), '/text'];
        yield 'control characters' => [static fn(Node $n) => $n->field('bell')->text(), '/bell'];
        yield 'text as yes' => [static fn(Node $n) => $n->field('text')->boolean(), '/text'];
        yield 'fraction as whole' => [static fn(Node $n) => $n->field('half')->integer(0, 9), '/half'];
        yield 'out of range' => [static fn(Node $n) => $n->field('number')->integer(9, 10), '/number'];
        yield 'text as number' => [static fn(Node $n) => $n->field('text')->number(), '/text'];
        yield 'unknown choice' => [static fn(Node $n) => $n->field('text')->choice(['a', 'b']), '/text'];
        yield 'list as choice' => [static fn(Node $n) => $n->field('list')->choice(['a', 'b']), '/list'];
        yield 'list as quantity' => [static fn(Node $n) => $n->field('list')->quantity(Length::class), '/list'];
        yield 'negative quantity' => [static fn(Node $n) => $n->field('minus')->quantity(Length::class), '/minus'];
        yield 'ratio of words' => [static fn(Node $n) => $n->field('text')->ratio(), '/text'];
        yield 'unknown field' => [static fn(Node $n) => $n->only(['list']), '/text'];
    }

    /** @param \Closure(Node): mixed $read */
    #[DataProvider('wrong')]
    public function testRefusesWithPointerAndWhatItTakes(\Closure $read, string $pointer): void
    {
        $node = Node::root([
            'text' => 'words',
            'list' => [1, 2, 3],
            'number' => 3,
            'blank' => ' ',
            'bell' => "a\x07b",
            'half' => 0.5,
            'minus' => -2,
        ]);
        try {
            $read($node);
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertNotSame('', $e->getMessage());
            self::assertNotSame('', $e->accepted);

            return;
        }
        self::fail('It was read.');
    }

    public function testWhatIsAtTheLimitIsTakenAndWhatIsBeyondIsNot(): void
    {
        self::assertSame([9, 10], array_map(static fn(int $n): int => Node::root($n)->integer(9, 10), [9, 10]));
        self::assertSame('äöü', Node::root('äöü')->text(3), 'letters are counted, not bytes');
        self::assertCount(2, Node::root([1, 2])->items(2));
        self::assertSame('abc', Node::remark(Node::root('abc'), 3));
        $beyond = [
            static fn(): mixed => Node::root(8)->integer(9, 10),
            static fn(): mixed => Node::root(11)->integer(9, 10),
            static fn(): mixed => Node::root('äöüß')->text(3),
            static fn(): mixed => Node::root([1, 2, 3])->items(2),
            static fn(): mixed => Node::remark(Node::root('abcd'), 3),
        ];
        $refused = 0;
        foreach ($beyond as $read) {
            try {
                $read();
            } catch (InvalidInput) {
                ++$refused;
            }
        }
        self::assertSame(count($beyond), $refused);
    }

    public function testAKeyOfATableIsTextThatStandsThere(): void
    {
        $table = ['steel' => 0, '7' => null];
        self::assertSame('steel', Node::root('steel')->keyOf($table));
        self::assertSame('7', Node::root('7')->keyOf($table), 'though PHP has made a number of it');
        foreach (['brass', 7, null, '07', ['steel'], 'Steel', ''] as $none) {
            try {
                Node::root(['of' => $none])
                    ->field('of')
                    ->keyOf($table);
                self::fail(json_encode($none) . ' was taken.');
            } catch (InvalidInput $e) {
                self::assertSame('/of', $e->pointer);
                self::assertStringContainsString(null === $none ? '' : 'one of: steel, 7', $e->accepted);
            }
        }
    }

    public function testADayIsOneOfTheCalendarAndNotTooFarOff(): void
    {
        foreach (['1990-01-01', '2026-02-28', '2100-12-31'] as $day) {
            self::assertSame($day, Node::root($day)->day());
        }
        foreach (['1989-12-31', '2101-01-01', '2026-02-30', '28.2.2026', '2026-2-8'] as $none) {
            try {
                Node::root($none)->day();
                self::fail($none . ' was taken for a day.');
            } catch (InvalidInput $e) {
                self::assertStringContainsString('2026-12-25', $e->accepted);
            }
        }
    }
}
