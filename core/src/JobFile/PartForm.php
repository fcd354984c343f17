<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Climate\PartWarmth;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Covered;
use Hull\Job\LayerWish;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\Job\Room;
use Hull\Job\Spot;
use Hull\Quantity\Money;

/**
 * The plain fields of a part in a job file, each with how it is read, written and described: a further field of a part
 * is one more entry in each of the three, a property of Part, and an input on the screen.
 */
final readonly class PartForm
{
    private const MOST_LAYERS = 20;
    private const COLOUR = 60;
    private const MOST_LINKS = 40;
    private const REMARK = 120;

    /** @var list<string> of its fields */
    public array $names;

    private CoveredForm $covered;

    public function __construct(private Catalogue $catalogue)
    {
        $this->covered = new CoveredForm($catalogue);
        $this->names = Keys::of($this->schema());
    }

    /**
     * @return array{
     *     service: string,
     *     finish: string,
     *     method: string,
     *     smallOrLattice: bool,
     *     overhead: bool,
     *     exposure: string,
     *     zoneOf: string|null,
     *     mountedOn: string|null,
     *     replacement: Money|null,
     *     aim: string|null,
     *     film: string|null,
     *     also: list<string>,
     *     layers: list<LayerWish>,
     *     links: list<Link>,
     *     spot: Spot|null,
     *     covered: list<Covered>,
     *     room: Room|null,
     *     begin: string|null,
     *     tone: string,
     * } by property of Part
     */
    public function read(Node $n): array
    {
        $methods = $this->catalogue->methods->offered();
        $links = array_map(self::link(...), $n->optional('links')?->items(self::MOST_LINKS) ?? []);
        $mounted = $this->mount($n->optional('mounted_on'), $links);

        return [
            'service' => $n->field('service')->keyOf($this->catalogue->services),
            'finish' => $n->field('finish')->keyOf($this->catalogue->finishes),
            'method' => $n->optional('method')?->choice($methods) ?? $methods[0],
            'smallOrLattice' => $n->optional('small_or_lattice')?->boolean() ?? false,
            'overhead' => $n->optional('overhead')?->boolean() ?? false,
            'exposure' => $n->optional('water_lies')?->choice($this->choices('drying')) ?? 'open',
            'zoneOf' => $n->optional('zone_of')?->text(60),
            'mountedOn' => $mounted?->to,
            'replacement' => $n->optional('replacement')?->money(),
            'aim' => $n->optional('aim')?->keyOf($this->catalogue->aims),
            'film' => $n->optional('film')?->keyOf($this->catalogue->systems),
            'also' => array_map(
                fn(Node $s): string => $s->keyOf($this->catalogue->services),
                $n->optional('also')?->items(count($this->catalogue->services)) ?? [],
            ),
            'layers' => array_map($this->layer(...), $n->optional('layers')?->items(self::MOST_LAYERS) ?? []),
            'links' => null === $mounted || in_array($mounted, $links, true) ? $links : [$mounted, ...$links],
            'spot' => self::spot($n->optional('spot')),
            'covered' => $this->covered->read($n->optional('covered')),
            'room' => RoomForm::read($n->optional('room')),
            'begin' => $n->optional('begin')?->day(),
            'tone' => $n->optional('in_sun')?->choice($this->choices('in-sun')) ?? PartWarmth::USUAL,
        ];
    }

    /** @return non-empty-list<string> names of the rows of a table */
    private function choices(string $table): array
    {
        return $this->catalogue->figures->table($table)->ids();
    }

    private static function link(Node $n): Link
    {
        $n->only(['as', 'to', 'by', 'order', 'stays', 'loaded']);

        return new Link(
            as: Relation::from($n->field('as')->choice(self::relations())),
            to: $n->field('to')->text(60),
            by: Node::remark($n->optional('by'), self::REMARK),
            order: $n->optional('order')?->integer(0, 99) ?? 0,
            stays: true === $n->optional('stays')?->boolean(),
            loaded: true === $n->optional('loaded')?->boolean(),
        );
    }

    /**
     * What it is mounted on, said in either way.
     *
     * @param list<Link> $links
     */
    private function mount(?Node $said, array $links): ?Link
    {
        $mounts = array_values(array_filter($links, static fn(Link $l): bool => Relation::MountedOn === $l->as));
        $to = $said?->text(60);
        if (count($mounts) > 1 || (null !== $said && [] !== $mounts && $mounts[0]->to !== $to)) {
            throw ($said ?? Node::root(null))->refuse(
                'A part is mounted on one other part at a time.',
                'one part; what it touches beside is said as "beside"',
            );
        }

        return $mounts[0] ?? (null === $to ? null : new Link(Relation::MountedOn, $to));
    }

    private static function spot(?Node $n): ?Spot
    {
        if (null === $n) {
            return null;
        }
        $n->only(['level', 'side', 'exit']);

        return new Spot(
            $n->optional('level')?->integer(0, 99) ?? 0,
            $n->optional('side')?->choice([Spot::OUTSIDE, Spot::INSIDE]) ?? Spot::OUTSIDE,
            $n->optional('exit')?->integer(0, 99) ?? 0,
        );
    }

    /** @return list<string> */
    private static function relations(): array
    {
        return array_map(static fn(Relation $r): string => $r->value, Relation::cases());
    }

    /** @return array<string, string|int|bool> */
    private static function writtenLink(Link $link): array
    {
        return [
            'as' => $link->as->value,
            'to' => $link->to,
            ...'' === $link->by ? [] : ['by' => $link->by],
            ...0 === $link->order ? [] : ['order' => $link->order],
            ...$link->stays ? ['stays' => true] : [],
            ...$link->loaded ? ['loaded' => true] : [],
        ];
    }

    private function layer(Node $n): LayerWish
    {
        $products = Keys::of($this->catalogue->products);
        $n->only(['layer', 'instead', 'colour', 'texture']);
        $layer = $n->field('layer')->choice($products);
        $instead = $n->optional('instead')?->choice($products);
        $textures = Keys::of($this->catalogue->product($instead ?? $layer)->textures);

        return new LayerWish(
            $layer,
            $instead,
            Node::remark($n->optional('colour'), self::COLOUR),
            $n->optional('texture')?->choice($textures) ?? '',
        );
    }

    /**
     * What is not said is left out.
     *
     * @return array<string, mixed> by field of the file
     */
    public static function written(Part $part): array
    {
        return array_filter(
            [
                'service' => $part->service,
                'finish' => $part->finish,
                'method' => $part->method,
                'small_or_lattice' => $part->smallOrLattice,
                'overhead' => $part->overhead ? true : null,
                'water_lies' => $part->exposure,
                'in_sun' => $part->tone,
                'zone_of' => $part->zoneOf,
                'mounted_on' => $part->mountedOn,
                'begin' => $part->begin,
                'replacement' => $part->replacement?->text(),
                'aim' => $part->aim,
                'film' => $part->film,
                'also' => $part->also,
                'layers' => array_map(
                    static fn(LayerWish $w): array => array_filter(
                        [
                            'layer' => $w->layer,
                            'instead' => $w->instead,
                            'colour' => $w->colour,
                            'texture' => $w->texture,
                        ],
                        static fn(?string $v): bool => null !== $v && '' !== $v,
                    ),
                    $part->layers,
                ),
                'links' => array_map(
                    self::writtenLink(...),
                    array_values(array_filter($part->links, static fn(Link $l): bool => !$l->isPlain())),
                ),
                'spot' => null === $part->spot ? null : get_object_vars($part->spot),
                'covered' => array_map(CoveredForm::written(...), $part->covered),
                'room' => null === $part->room ? null : RoomForm::written($part->room),
            ],
            static fn(mixed $v): bool => null !== $v && [] !== $v,
        );
    }

    /** @return array<string, array<string, mixed>> JSON Schema by field of the file */
    public function schema(): array
    {
        $turn = ['type' => 'integer', 'minimum' => 0, 'maximum' => 99];

        return [
            'service' => ['enum' => Keys::of($this->catalogue->services)],
            'finish' => ['enum' => Keys::of($this->catalogue->finishes)],
            'method' => ['enum' => $this->catalogue->methods->offered()],
            'small_or_lattice' => ['type' => 'boolean'],
            'overhead' => ['type' => 'boolean'],
            'water_lies' => ['enum' => $this->choices('drying')],
            'in_sun' => ['enum' => $this->choices('in-sun')],
            'zone_of' => ['$ref' => '#/$defs/id'],
            'mounted_on' => ['$ref' => '#/$defs/id'],
            'replacement' => ['type' => 'string', 'pattern' => '^[0-9][0-9 ]{0,9}([.,][0-9]{1,2})?$'],
            'aim' => ['enum' => Keys::of($this->catalogue->aims)],
            'film' => ['enum' => Keys::of($this->catalogue->systems)],
            'also' => ['type' => 'array', 'items' => ['enum' => Keys::of($this->catalogue->services)]],
            'begin' => ['type' => 'string', 'format' => 'date'],
            'room' => RoomForm::schema(),
            'covered' => $this->covered->schema(),
            'links' => [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => ['as', 'to'],
                    'properties' => [
                        'as' => ['enum' => self::relations()],
                        'to' => ['$ref' => '#/$defs/id'],
                        'by' => ['type' => 'string', 'maxLength' => self::REMARK],
                        'order' => $turn,
                        'stays' => ['type' => 'boolean'],
                        'loaded' => ['type' => 'boolean'],
                    ],
                ],
            ],
            'spot' => [
                'type' => 'object',
                'additionalProperties' => false,
                'properties' => [
                    'level' => $turn,
                    'side' => ['enum' => [Spot::OUTSIDE, Spot::INSIDE]],
                    'exit' => $turn,
                ],
            ],
            'layers' => [
                'type' => 'array',
                'items' => [
                    'type' => 'object',
                    'additionalProperties' => false,
                    'required' => ['layer'],
                    'properties' => [
                        'layer' => ['enum' => Keys::of($this->catalogue->products)],
                        'instead' => ['enum' => Keys::of($this->catalogue->products)],
                        'colour' => ['type' => 'string', 'maxLength' => self::COLOUR],
                        'texture' => ['type' => 'string', 'minLength' => 1],
                    ],
                ],
            ],
        ];
    }
}
