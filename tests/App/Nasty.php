<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Input\Keys;
use Hull\Tests\Yard;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bodies made from the API description: mostly what the field means, now and then what nobody should send. */
final class Nasty
{
    public const IDS = [
        '7',
        '0',
        '00',
        '1-2',
        'engine-frame',
        'a',
        'nil',
        'null',
        'zzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzzz',
    ];
    public const NAMES = [
        '7',
        '0',
        'Bay',
        'Heated bay',
        'Übergrößenträger',
        '部品',
        '☂',
        "a\u{200B}b",
        ' x ',
        'constructor',
        '__proto__',
        '=1+1',
        '<b>x</b>',
    ];
    private const VALUES = [
        '',
        ' ',
        '0',
        '-1',
        '7',
        '٣',
        'NaN',
        '1e309',
        '1e308',
        '-0',
        '../../etc/passwd',
        '=1+1',
        '<script>',
        "a\0b",
        '½ gal',
        '0 %',
        '100 %',
        '101 %',
        '-243.12 C',
        '-273.15 C',
        '1000 C',
        '0 L',
        '1e9 m',
        '0000-01-01',
        '9999-12-31',
        '2099-12-31T00:00:00Z',
        '0000-01-01T00:00:00Z',
        '2026-02-30T10:00:00Z',
        'P1D',
    ];

    public readonly Randomizer $random;

    /** @var array<array-key, mixed> */
    private array $schemas;

    /** @var array<array-key, list<mixed>> what a field of that name may sensibly hold */
    private array $sense;

    /** @param array<array-key, mixed> $description OpenAPI */
    public function __construct(int $seed, array $description)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $components = $description['components'] ?? [];
        $schemas = is_array($components) ? $components['schemas'] ?? [] : [];
        $this->schemas = is_array($schemas) ? $schemas : [];
        $c = Yard::catalogue();
        $csv = "material,batch,size,count\nacetone,7,1 L,2\n";
        $file = static fn(string $name): string => (string) file_get_contents(
            dirname(__DIR__, 2) . '/docs/formats/' . $name,
        );
        $this->sense = [
            'id' => self::IDS,
            'name' => self::NAMES,
            'substrate' => Keys::of($c->substrates),
            'service' => Keys::of($c->services),
            'finish' => Keys::of($c->finishes),
            'kind' => [
                'start',
                'finish',
                'note',
                'mixed',
                'correction',
                'taken',
                'box-section',
                'strip',
                'heated-bay',
                'outdoors',
                'oven',
                'used',
                'counted',
                'binned',
                'activated',
                'cans',
                'core-pour',
            ],
            'grade' => ['light', 'heavy', 'scale', 'present', 'yes'],
            'extent' => ['40 %', 0.5, '100 %'],
            'temperature' => ['18 C', '70 F', 20],
            'humidity' => ['50 %', 0.5],
            'place' => ['bay', '7', '0', 'Heated bay'],
            'method' => $c->methods->offered(),
            'product' => Keys::of($c->products),
            'material' => [...Keys::of($c->products), ...Keys::of($c->supplies)],
            'at' => ['2026-05-13T03:00:00Z', '2026-05-12T10:00:00+02:00'],
            'start' => ['2026-05-14T09:00:00Z', '2026-06-01T09:00:00Z'],
            'received' => ['2026-05-01'],
            'label' => ['2027-05-01'],
            'due' => ['2026-07-01', null],
            'step' => [...Keys::of($c->steps), 's1', 's2', 's9', 'apply-coat'],
            'key' => ['s1', '7', '0', 's77'],
            'rule' => Keys::of(
                array_column(array_map(static fn(\Hull\Catalog\Rule $r): array => [$r->need->id, 1], $c->rules), 1, 0),
            ),
            'zone_of' => self::IDS,
            'mounted_on' => self::IDS,
            'water_lies' => ['open', 'seams', 'cavities'],
            'in_sun' => ['light', 'middling', 'dark'],
            'size' => ['1 L', '400 mL', '5 kg', '50 pcs'],
            'count' => [1, 2],
            'price' => ['12.50'],
            'cabinet' => ['7', '0', 'acid shelf'],
            'batch' => ['7', 'GH-1'],
            'amount' => ['0.1 L', '1 pc'],
            'note' => ['seen', '7'],
            'by' => ['Rowan'],
            'used' => ['0.3 L'],
            'film' => ['60 um'],
            'currency' => ['GBP', 'EUR'],
            'hourRate' => ['45'],
            'vocLimit' => [500],
            'leadDays' => [3],
            'moment' => ['before', 'after'],
            'image' => [WorkshopTest::PICTURE],
            'caption' => ['x'],
            'text' => [
                $csv,
                "at,temperature,humidity\n2026-05-13T03:00:00Z,18 C,50 %\n",
                "kind,name,length,width\nstrip,7,1 m,1 m\n",
                $file('climate.example.csv'),
                $file('own-catalogue.example.yaml'),
                $file('product-sheet.example.yaml'),
                "steps:\n- id: '7'\n",
                str_replace('own-magnet-sweep', '"7"', $file('own-catalogue.example.yaml')),
            ],
            'units' => ['metric', 'us'],
            'number' => [0, 1, 2],
            'version' => [1, 2, 3],
            'because' => ['so'],
            'email' => ['rowan@yard.example'],
            'password' => ['a-long-password'],
            'hours' => [['mon' => ['8:00-17:00']], ['sat' => ['9:00-10:00']], (object) []],
            'floors' => [['Heated bay' => '20 m2', '7' => '3 m2', '0' => '3 m2']],
            'gear' => [['hvlp' => 2]],
            'quiet' => [['mon' => ['0:00-7:00']]],
            'off' => [['2026-05-20'], ['0000-01-01'], ['9999-12-31']],
            'sells' => [['paint', 'chemicals'], ['consumables']],
            'hazards' => [[], ['confined']],
            'without' => [[], ['strong-acid', 'blasting-gear'], ['isocyanate']],
            'schools' => [(object) [], ['removing' => 'blast'], ['rust' => 'convert']],
            'local' => [(object) []],
            'shapes' => [
                [['kind' => 'strip', 'length' => '1 m', 'width' => '1 m']],
                [['kind' => 'box-section', 'width' => '40 mm', 'height' => '40 mm', 'length' => '7 m']],
                [],
            ],
            'conditions' => [
                [],
                [['id' => 'rust', 'grade' => 'scale']],
                [['id' => 'oil', 'grade' => 'heavy', 'extent' => '3 %']],
            ],
            'steps' => [
                [],
                [
                    ['step' => 'photograph', 'key' => '7'],
                    ['step' => 'apply-coat', 'product' => 'epoxy-primer-2k', 'key' => '0'],
                ],
                ['photograph', 'rinse'],
            ],
        ];
    }

    /** What a field must hold for a request to count. */
    public function expect(string $field, mixed $value): void
    {
        $this->sense[$field] = [$value];
    }

    /** A good document with one to three of its values replaced, by sense or by nonsense. */
    public function spoilt(mixed $document): mixed
    {
        for ($times = $this->random->getInt(1, 3); $times > 0; --$times) {
            $document = $this->withOne($document, '');
        }

        return $document;
    }

    private function withOne(mixed $value, string $field): mixed
    {
        if (!is_array($value) || [] === $value || 1 === $this->random->getInt(1, 12)) {
            $sense = $this->sense[$field] ?? [];

            return [] === $sense || 1 === $this->random->getInt(1, 4)
                ? $this->nonsense()
                : $sense[$this->random->getInt(0, count($sense) - 1)];
        }
        $keys = array_keys($value);
        $key = $keys[$this->random->getInt(0, count($keys) - 1)];
        if (1 === $this->random->getInt(1, 15)) {
            unset($value[$key]);

            return $value;
        }
        $value[$key] = $this->withOne($value[$key], is_string($key) ? $key : $field);

        return $value;
    }

    /** @param mixed $schema of the API description */
    public function body(mixed $schema, string $field = ''): mixed
    {
        if (1 === $this->random->getInt(1, 25)) {
            return $this->nonsense();
        }
        if (isset($this->sense[$field]) && 1 !== $this->random->getInt(1, 12)) {
            $of = $this->sense[$field];

            return $of[$this->random->getInt(0, count($of) - 1)];
        }
        $schema = is_array($schema) ? $schema : [];
        if (is_string($schema['$ref'] ?? null)) {
            return $this->body($this->schemas[basename($schema['$ref'])] ?? [], $field);
        }
        if (is_array($schema['anyOf'] ?? null)) {
            $any = array_values($schema['anyOf']);

            return $this->body($any[$this->random->getInt(0, count($any) - 1)], $field);
        }
        $type = $schema['type'] ?? 'string';
        $type = is_array($type) ? $type[$this->random->getInt(0, count($type) - 1)] : $type;

        return match ($type) {
            'object' => $this->object($schema),
            'array' => array_map(
                fn(): mixed => $this->body($schema['items'] ?? []),
                array_fill(0, $this->random->getInt(0, 3), 0),
            ),
            'integer' => $this->random->getInt(0, 5),
            'number' => $this->random->getInt(0, 100) / 10,
            'boolean' => 1 === $this->random->getInt(0, 1),
            'null' => null,
            default => self::VALUES[$this->random->getInt(0, count(self::VALUES) - 1)],
        };
    }

    public function nonsense(): mixed
    {
        $all = [
            ...self::VALUES,
            ...self::NAMES,
            null,
            true,
            0,
            -1,
            7,
            1.5e308,
            \PHP_INT_MAX,
            [],
            ['x'],
            (object) [],
            ['a' => ['b' => []]],
            str_repeat('long ', 3000),
        ];

        return $all[$this->random->getInt(0, count($all) - 1)];
    }

    /** @param array<array-key, mixed> $schema */
    private function object(array $schema): mixed
    {
        $object = [];
        $properties = is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
        $required = is_array($schema['required'] ?? null) ? $schema['required'] : [];
        foreach ($properties as $name => $inner) {
            $name = (string) $name;
            if (
                in_array($name, $required, true)
                    ? 1 !== $this->random->getInt(1, 40)
                    : 1 === $this->random->getInt(1, 2)
            ) {
                $object[$name] = $this->body($inner, $name);
            }
        }
        if ([] === $properties && is_array($schema['additionalProperties'] ?? null)) {
            $object[self::NAMES[$this->random->getInt(0, count(self::NAMES) - 1)]] = $this->body(
                $schema['additionalProperties'],
            );
        }

        return [] === $object ? (object) [] : $object;
    }
}
