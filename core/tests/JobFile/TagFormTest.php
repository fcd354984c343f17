<?php

declare(strict_types=1);

namespace Hull\Tests\JobFile;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\TagForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A line of the strip-down register is read as it was written, and refused one step past each of its limits. */
final class TagFormTest extends TestCase
{
    private const TAG = [
        'number' => 7,
        'kind' => 'off',
        'what' => 'Brake drum',
        'part' => 'winch',
        'held' => 'bag',
        'lies' => 'shelf 2',
        'turn' => 3,
        'items' => [['what' => 'bolt', 'size' => 'M10 x 35', 'count' => 6, 'state' => 'clean', 'done' => 2]],
        'note' => 'left-hand thread',
        'code' => 'A1B2C3',
    ];

    public function testItIsReadAsItWasWritten(): void
    {
        self::assertEquals(self::TAG, TagForm::written(self::read([])));
        $little = TagForm::written(self::read(['items' => [['what' => 'plug']], 'turn' => null, 'note' => null]));
        self::assertSame(
            [7, [['what' => 'plug', 'count' => 1, 'state' => 'reuse']]],
            [$little['turn'] ?? null, $little['items'] ?? null],
        );
        self::assertArrayNotHasKey('note', $little);
    }

    /** @return iterable<string, array{string, mixed, mixed, string}> field, what is taken, what is not, where */
    public static function limits(): iterable
    {
        $item = static fn(array $change): array => ['items' => [[...self::TAG['items'][0], ...$change]]];
        yield 'least number' => ['number', 1, 0, '/number'];
        yield 'highest number' => ['number', 99_999, 100_000, '/number'];
        yield 'what it is' => ['what', str_repeat('x', 120), str_repeat('x', 121), '/what'];
        yield 'where it lies' => ['lies', str_repeat('x', 120), str_repeat('x', 121), '/lies'];
        yield 'note' => ['note', str_repeat('x', 500), str_repeat('x', 501), '/note'];
        yield 'least turn' => ['turn', 1, 0, '/turn'];
        yield 'highest turn' => ['turn', 99_999, 100_000, '/turn'];
        yield 'code' => ['code', 'ZZZZZ9', 'ZZZZZI', '/code'];
        yield 'things' => [
            'items',
            array_fill(0, 40, self::TAG['items'][0]),
            array_fill(0, 41, self::TAG['items'][0]),
            '/items',
        ];
        yield 'a thing at all' => ['items', self::TAG['items'], [], '/items'];
        foreach (
            [
                'name of a thing' => ['what', str_repeat('x', 80), str_repeat('x', 81)],
                'size' => ['size', str_repeat('x', 40), str_repeat('x', 41)],
                'fewest' => ['count', 2, 0],
                'most' => ['count', 10_000, 10_001],
                'put back' => ['done', 6, 7],
                'none put back' => ['done', 0, -1],
            ]
            as $name => [$field, $good, $bad]
        ) {
            yield $name => [
                'items',
                $item([$field => $good])['items'],
                $item([$field => $bad])['items'],
                "/items/0/$field",
            ];
        }
    }

    #[DataProvider('limits')]
    public function testEachLimitIsTakenAndOneStepPastItIsRefused(
        string $field,
        mixed $good,
        mixed $bad,
        string $where,
    ): void {
        self::read([$field => $good]);
        try {
            self::read([$field => $bad]);
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($where, $e->pointer);
        }
    }

    public function testTwoOfOneNumberOrOneCodeAreRefusedAndNoneComesOffItself(): void
    {
        $second = [...self::TAG, 'number' => 8, 'code' => 'A1B2C4'];
        $tags = TagForm::register(Node::root([self::TAG, $second]), ['winch']);
        self::assertSame([7, 8], [$tags[0]->number, $tags[1]->number]);
        foreach (['number' => 7, 'code' => 'A1B2C3'] as $field => $same) {
            try {
                TagForm::register(Node::root([self::TAG, [...$second, $field => $same]]), ['winch']);
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertSame("/1/$field", $e->pointer);
            }
        }
        $this->expectExceptionMessage('Nothing comes off itself.');
        self::read(['itself' => 'winch']);
    }

    /** @param array<string, mixed> $change */
    private static function read(array $change): \Hull\Job\Tag
    {
        $tag = array_filter([...self::TAG, ...$change], static fn(mixed $v): bool => null !== $v);

        return TagForm::read(Node::root($tag), ['winch', 'drum']);
    }
}
