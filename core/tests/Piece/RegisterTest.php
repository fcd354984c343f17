<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\ItemState;
use Hull\Job\Job;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Piece\HeldBy;
use Hull\Piece\Register;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The strip-down register: the way back, what is left in, and what is left over. */
final class RegisterTest extends TestCase
{
    public function testItIsReadBackwardsWithWhatWasPutInFirst(): void
    {
        $register = self::register([
            self::tag(1, 'hatch', turn: 2),
            self::tag(2, 'screws', turn: 1),
            self::tag(3, 'plugs', kind: 'in'),
            self::tag(4, 'tank'),
        ]);
        self::assertSame([2, 1, 3, 4], self::numbers($register->forwards()));
        self::assertSame([3, 4, 1, 2], self::numbers($register->backwards()));
    }

    public function testWhatCameOffLaterOrLiesInsideGoesFirst(): void
    {
        $tags = [
            self::tag(1, 'tank', itself: 'tank'),
            self::tag(2, 'hatch', itself: 'hatch'),
            self::tag(3, 'rags', 'tank', kind: 'in'),
            self::tag(4, 'clips', 'elsewhere'),
        ];
        $register = self::register($tags);
        $forwards = $register->forwards();
        self::assertSame([2, 3], self::numbers($register->before($forwards[0])));
        self::assertSame([3], self::numbers($register->before($forwards[1])), 'a tank that rides inside is reached');
        self::assertSame([], $register->before($forwards[2]));
        $tags[2]['items'][0]['done'] = 1;
        self::assertSame([2], self::numbers(self::register($tags)->before($forwards[0])));
    }

    /** @param list<string> $against */
    #[DataProvider('closings')]
    public function testBeforeAStepClosesItIsSaidWhatIsLeft(string $step, string $part, int $done, array $against): void
    {
        $tags = [
            self::tag(1, 'hatch', itself: 'hatch', items: [['what' => 'screw', 'size' => 'M4', 'count' => 6]]),
            self::tag(2, 'plugs', kind: 'in', items: [['what' => 'plug', 'count' => 2, 'done' => $done]]),
        ];
        $kind = Yard::catalogue()->step($step);
        self::assertSame($against, array_map(strval(...), self::register($tags)->against($kind, $part)));
    }

    /** @return iterable<string, array{string, string, int, list<string>}> */
    public static function closings(): iterable
    {
        $plugs = static fn(string $left): string => "Tag 2, plugs: $left plug is still in Frame.";
        $hatch = 'Tag 1, hatch: 6 × screw M4 is not back on Frame.';
        yield 'looking inside' => ['look-inside', 'hatch', 0, [$plugs('2 ×')]];
        yield 'one is out' => ['look-inside', 'hatch', 1, [$plugs('1 of 2 ×')]];
        yield 'all are out' => ['look-inside', 'hatch', 2, []];
        yield 'putting together' => ['reassemble', 'hatch', 0, [$plugs('2 ×')]];
        yield 'of another part' => ['reassemble', 'elsewhere', 0, []];
        yield 'handing over' => ['hand-over', 'frame', 2, [$hatch]];
        yield 'a step that closes nothing' => ['detergent-wash', 'frame', 0, []];
    }

    public function testWhatIsOrderedIsWaitedForByWhatItGoesBackOnWithAndByTheHandOver(): void
    {
        $ordered = static fn(string $day): array => ['what' => 'seal', 'state' => 'ordered', 'expected' => $day];
        $register = self::register([
            self::tag(1, 'hatch', itself: 'hatch', items: [$ordered('2026-06-12'), $ordered('2026-06-10')]),
            self::tag(2, 'badge', items: [$ordered('2026-07-01')]),
            self::tag(3, 'clips', items: [['what' => 'clip', 'count' => 2, 'done' => 2, 'state' => 'replace']]),
        ]);
        $waits = static fn(string $step, string $part): ?string => $register->awaited(
            Yard::catalogue()->step($step),
            $part,
        )?->expected;
        self::assertSame('2026-06-12', $waits('reassemble', 'hatch'), 'the last of them');
        self::assertSame('2026-07-01', $waits('hand-over', 'frame'));
        self::assertNull($waits('detergent-wash', 'hatch'));
        self::assertNull($waits('reassemble', 'tank'));
        self::assertNull($waits('reassemble', 'nowhere'));
    }

    public function testWhatIsToBeHadAndWhatHasNoTagIsSaid(): void
    {
        $tags = [self::tag(1, 'hatch', itself: 'hatch', items: [['what' => 'seal', 'state' => 'ordered']])];
        $register = self::register($tags);
        self::assertSame(['1 × seal (tag 1): ordered'], array_map(strval(...), $register->missing()));
        self::assertSame(['tank'], array_map(static fn(array $m): string => $m[0]->id, $register->untagged()));
        $tags[0]['items'][0]['done'] = 1;
        self::assertSame([], self::register($tags)->missing());
    }

    public function testTheFileKeepsIt(): void
    {
        $job = self::job([self::tag(7, 'hatch', itself: 'hatch') + ['code' => 'A7K2M9', 'note' => 'long one left']]);
        $again = self::read(JobWriter::job($job));
        self::assertEquals($job->register, $again->register);
        self::assertSame('A7K2M9', $again->register[0]->code);
    }

    /** @param array<string, mixed> $tag */
    #[DataProvider('wrongTags')]
    public function testAWrongTagIsRefusedAtItsPlace(array $tag, string $pointer): void
    {
        try {
            self::job([self::tag(1, 'first'), $tag]);
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame('/register/1' . $pointer, $e->pointer);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongTags(): iterable
    {
        yield 'a number twice' => [self::tag(1, 'second'), '/number'];
        yield 'off nothing' => [self::tag(2, 'second', 'nowhere'), '/part'];
        yield 'off itself' => [self::tag(2, 'second', itself: 'frame'), '/itself'];
        yield 'nothing on it' => [self::tag(2, 'second', items: []), '/items'];
        yield 'more back than were' => [
            self::tag(2, 'second', items: [['what' => 'nut', 'count' => 2, 'done' => 3]]),
            '/items/0/done',
        ];
        yield 'expected and here' => [
            self::tag(2, 'second', items: [['what' => 'nut', 'expected' => '2026-06-01']]),
            '/items/0/expected',
        ];
        yield 'no day' => [
            self::tag(2, 'second', items: [['what' => 'nut', 'state' => 'ordered', 'expected' => 'soon']]),
            '/items/0/expected',
        ];
        yield 'no code of a label' => [self::tag(2, 'second') + ['code' => 'oil123'], '/code'];
    }

    public function testTicking(): void
    {
        $tag = self::register([self::tag(1, 'nuts', items: [['what' => 'nut', 'count' => 4]])])->forwards()[0];
        $some = $tag->ticked(0, 3);
        self::assertSame([true, 1], [$some->isOpen(), $some->items[0]->open()]);
        $late = new TaggedItem('nut', count: 2, state: ItemState::Ordered, expected: '2026-06-01');
        self::assertSame('2026-06-01', $late->ticked(1)->expected);
        self::assertFalse($some->all(true)->isOpen());
        self::assertSame($tag->items[0]->open(), $some->all(false)->items[0]->open());
    }

    public function testWhatHoldsItIsCountedFromItsWords(): void
    {
        $read = static fn(string $by): array => array_map(
            static fn(TaggedItem $i): array => [$i->count, $i->what, $i->size],
            HeldBy::read($by),
        );
        self::assertSame([[6, 'bolts', 'M10'], [1, 'rubber washers', '']], $read('six M10 bolts, rubber washers'));
        self::assertSame([[12, 'screws', 'M4 x 12'], [1, 'clamp', '']], $read('12 M4 x 12 screws and a clamp'));
        self::assertSame([[4, 'screws', 'M6 x 16'], [4, 'nuts', '']], $read('4x M6 x 16 screws, 4 × nuts'));
        self::assertSame([], $read('  '));
    }

    /**
     * @param list<array<mixed>>|null $items
     *
     * @return array{number: int, what: string, part: string, items: list<array<mixed>>, ...}
     */
    private static function tag(
        int $number,
        string $what,
        string $part = 'frame',
        string $kind = 'off',
        ?string $itself = null,
        ?int $turn = null,
        ?array $items = null,
    ): array {
        return [
            'number' => $number,
            'what' => $what,
            'part' => $part,
            'items' => $items ?? [['what' => $what]],
            'kind' => $kind,
            'itself' => $itself,
            'turn' => $turn ?? $number,
        ];
    }

    /** @param list<array<string, mixed>> $tags */
    private static function register(array $tags): Register
    {
        $job = self::job($tags);

        return new Register($job->register, $job->parts);
    }

    /** @param list<array<string, mixed>> $tags */
    private static function job(array $tags): Job
    {
        $part = static fn(string $id, array $links = []): array => [
            'id' => $id,
            'name' => ucfirst($id),
            'substrate' => 'carbon-steel',
            'service' => 'exterior-splash',
            'finish' => 'tidy',
            'conditions' => [],
            'shapes' => [],
            'place' => 'bay',
            'links' => $links,
        ];

        return self::read([
            'format' => JobReader::FORMAT,
            'version' => 1,
            'name' => 'Register',
            'places' => [['id' => 'bay', 'kind' => 'outdoors', 'temperature' => 20, 'humidity' => 0.5]],
            'parts' => [
                $part('frame'),
                $part('hatch', [['as' => 'covers', 'to' => 'frame', 'by' => 'six M4 screws']]),
                $part('tank', [['as' => 'inside', 'to' => 'frame']]),
                $part('elsewhere'),
            ],
            'register' => $tags,
        ]);
    }

    /** @param array<int|string, mixed> $file */
    private static function read(array $file): Job
    {
        return (new JobReader(Yard::catalogue()))->job(Node::root($file));
    }

    /**
     * @param list<Tag> $tags
     *
     * @return list<int>
     */
    private static function numbers(array $tags): array
    {
        return array_map(static fn(Tag $t): int => $t->number, $tags);
    }
}
