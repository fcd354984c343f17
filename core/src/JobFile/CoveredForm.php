<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Covering;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Covered;

/** What of a part stays bare or clean, in a job file: read, written and described. */
final readonly class CoveredForm
{
    private const MOST = 60;
    private const MOST_COUNT = 1000;
    private const REMARK = 120;

    public function __construct(private Catalogue $catalogue) {}

    /** @return list<Covered> */
    public function read(?Node $list): array
    {
        return array_map($this->one(...), $list?->items(self::MOST) ?? []);
    }

    private function one(Node $n): Covered
    {
        $n->only(['kind', 'name', 'count', 'across', 'along', 'on']);
        $kind = $n->field('kind')->keyOf($this->catalogue->coverings);
        $sizes = [];
        foreach (Covering::SIZES as $size) {
            $asked = isset($this->catalogue->coverings[$kind]->sizes[$size]);
            $said = $n->optional($size);
            if (!$asked && null !== $said) {
                throw $said->refuse(
                    sprintf('%s is not measured by this.', $this->catalogue->coverings[$kind]->name),
                    implode(' and ', array_keys($this->catalogue->coverings[$kind]->sizes)),
                );
            }
            $sizes[$size] = $asked ? RoomForm::size($n->field($size)) : null;
        }

        return new Covered(
            kind: $kind,
            name: Node::remark($n->optional('name'), self::REMARK),
            count: $n->optional('count')?->integer(1, self::MOST_COUNT) ?? 1,
            across: $sizes['across'],
            along: $sizes['along'],
            on: Node::remark($n->optional('on'), 80),
        );
    }

    /** @return array<string, float|int|string> */
    public static function written(Covered $covered): array
    {
        return array_filter(
            [
                'kind' => $covered->kind,
                'name' => $covered->name,
                'count' => $covered->count,
                'across' => $covered->across?->value(),
                'along' => $covered->along?->value(),
                'on' => $covered->on,
            ],
            static fn(float|int|string|null $v): bool => null !== $v && '' !== $v,
        );
    }

    /** @return array<string, mixed> JSON Schema */
    public function schema(): array
    {
        return [
            'type' => 'array',
            'maxItems' => self::MOST,
            'items' => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => ['kind'],
                'properties' => [
                    'kind' => ['enum' => Keys::of($this->catalogue->coverings)],
                    'name' => ['type' => 'string', 'maxLength' => self::REMARK],
                    'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_COUNT],
                    'across' => ['type' => ['number', 'string']],
                    'along' => ['type' => ['number', 'string']],
                    'on' => ['type' => 'string', 'maxLength' => 80],
                ],
            ],
        ];
    }
}
