<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\ItemState;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\Job\TagKind;

/** A line of the strip-down register in a job file: read, written and described. */
final class TagForm
{
    public const MOST = 500;
    private const MOST_ITEMS = 40;
    private const MOST_COUNT = 10_000;
    private const CODE = '/^[0-9A-HJKMNP-TV-Z]{6}$/';

    /**
     * @param list<string> $parts ids of the parts of the job
     *
     * @return list<Tag>
     *
     * @throws InvalidInput when a field is missing, unknown or two lines have one number or one code
     */
    public static function register(?Node $list, array $parts): array
    {
        $tags = $codes = [];
        foreach ($list?->items(self::MOST) ?? [] as $n) {
            $tag = self::read($n, $parts);
            if (isset($tags[$tag->number])) {
                throw $n->field('number')->refuse('Two tags have this number.', 'a number of its own');
            }
            if ('' !== $tag->code && isset($codes[$tag->code])) {
                throw $n->field('code')->refuse('Two tags have this code.', 'a code of its own');
            }
            $tags[$tag->number] = $codes[$tag->code] = $tag;
        }

        return array_values($tags);
    }

    /** @param list<string> $parts ids of the parts of the job */
    public static function read(Node $n, array $parts): Tag
    {
        $n->only(['number', 'kind', 'what', 'part', 'itself', 'held', 'lies', 'turn', 'items', 'note', 'code']);
        $number = $n->field('number')->integer(1, 99_999);
        $kind = TagKind::from(
            $n->optional('kind')?->choice(array_column(TagKind::cases(), 'value')) ?? TagKind::Off->value,
        );
        $what = $n->field('what')->text(120);
        $part = $n->field('part')->choice($parts);
        $itself = $n->optional('itself')?->choice($parts);
        if ($itself === $part) {
            throw $n->field('itself')->refuse('Nothing comes off itself.', 'another part of the job, or none');
        }
        $items = array_map(self::item(...), $n->field('items')->items(self::MOST_ITEMS));
        if ([] === $items) {
            throw $n->field('items')->refuse('There is nothing on this tag.', 'at least one thing, counted');
        }

        return new Tag(
            number: $number,
            kind: $kind,
            what: $what,
            part: $part,
            itself: $itself,
            held: $n->optional('held')?->choice(Tag::HELD) ?? Tag::HELD[0],
            lies: Node::remark($n->optional('lies'), 120),
            turn: $n->optional('turn')?->integer(1, 99_999) ?? $number,
            items: $items,
            note: Node::remark($n->optional('note'), 500),
            code: self::code($n->optional('code')),
        );
    }

    private static function item(Node $n): TaggedItem
    {
        $n->only(['what', 'size', 'count', 'state', 'done', 'expected']);
        $state = ItemState::from(
            $n->optional('state')?->choice(array_column(ItemState::cases(), 'value')) ?? ItemState::Reuse->value,
        );
        $expected = '' === $n->optional('expected')?->value ? null : $n->optional('expected');
        if (null !== $expected && !$state->isMissing()) {
            throw $expected->refuse('It is here already.', 'a day for what is ordered or to be replaced');
        }
        $count = $n->optional('count')?->integer(1, self::MOST_COUNT) ?? 1;

        return new TaggedItem(
            what: $n->field('what')->text(80),
            size: Node::remark($n->optional('size'), 40),
            count: $count,
            state: $state,
            done: $n->optional('done')?->integer(0, $count) ?? 0,
            expected: $expected?->day(),
        );
    }

    private static function code(?Node $n): string
    {
        $code = Node::remark($n, 6);
        if (null !== $n && '' !== $code && 1 !== preg_match(self::CODE, $code)) {
            throw $n->refuse('This is no code of a label.', 'six digits and capital letters without I, L, O and U');
        }

        return $code;
    }

    /** @return array<int|string, mixed> */
    public static function written(Tag $tag): array
    {
        return array_filter(
            [
                'number' => $tag->number,
                'kind' => $tag->kind->value,
                'what' => $tag->what,
                'part' => $tag->part,
                'itself' => $tag->itself,
                'held' => $tag->held,
                'lies' => $tag->lies,
                'turn' => $tag->turn,
                'items' => array_map(
                    static fn(TaggedItem $i): array => array_filter(
                        [
                            'what' => $i->what,
                            'size' => $i->size,
                            'count' => $i->count,
                            'state' => $i->state->value,
                            'done' => $i->done,
                            'expected' => $i->expected,
                        ],
                        static fn(int|string|null $v): bool => null !== $v && '' !== $v && 0 !== $v,
                    ),
                    $tag->items,
                ),
                'note' => $tag->note,
                'code' => $tag->code,
            ],
            static fn(mixed $v): bool => null !== $v && '' !== $v,
        );
    }

    /** @return array{array<string, mixed>, list<string>} JSON Schema of its fields, and which have to be there */
    public static function schema(): array
    {
        $text = static fn(int $most): array => ['type' => 'string', 'maxLength' => $most];
        $id = ['$ref' => '#/$defs/id'];

        return [
            [
                'number' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 99_999],
                'kind' => ['enum' => array_column(TagKind::cases(), 'value')],
                'what' => $text(120),
                'part' => $id,
                'itself' => $id,
                'held' => ['enum' => Tag::HELD],
                'lies' => $text(120),
                'turn' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 99_999],
                'items' => [
                    'type' => 'array',
                    'minItems' => 1,
                    'maxItems' => self::MOST_ITEMS,
                    'items' => [
                        'type' => 'object',
                        'additionalProperties' => false,
                        'required' => ['what'],
                        'properties' => [
                            'what' => $text(80),
                            'size' => $text(40),
                            'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_COUNT],
                            'state' => ['enum' => array_column(ItemState::cases(), 'value')],
                            'done' => ['type' => 'integer', 'minimum' => 0],
                            'expected' => ['type' => 'string', 'format' => 'date'],
                        ],
                    ],
                ],
                'note' => $text(500),
                'code' => ['type' => 'string', 'pattern' => trim(self::CODE, '/')],
            ],
            ['number', 'what', 'part', 'items'],
        ];
    }
}
