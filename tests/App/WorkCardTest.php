<?php

declare(strict_types=1);

namespace App\Tests\App;

/** Work cards: tried while typing, kept, given back with the job file, thrown out. */
final class WorkCardTest extends ApiCase
{
    private const TANK = [
        'kind' => 'current-bath',
        'name' => 'Tank',
        'inputs' => [
            'length' => '1.4 m',
            'width' => '18 in',
            'fill' => '0.32 m',
            'partLength' => '1.1 m',
            'partWidth' => '120 mm',
            'area' => '',
            'grade' => 'scale',
        ],
        'rows' => [],
        'part' => 'engine-frame',
    ];

    public function testACardIsWorkedOutFromThePartAndKeptAsTyped(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $tried = $this->call('POST', "/api/jobs/$job/cards/try", self::TANK);
        self::assertSame(200, $this->code());
        self::assertSame('', self::text($tried, 'error'));
        self::assertEqualsWithDelta(
            1.12 * 100 * 0.5,
            min(56.0, self::number($tried, 'figures', 0, 'value', 'value') * 5.6),
            1e-6,
            'the supply gives 10 A of the 56 the part could take',
        );
        self::assertSame([], self::list($this->call('GET', "/api/jobs/$job/cards"), 'cards'), 'trying keeps nothing');
        $kept = self::at($this->call('POST', "/api/jobs/$job/cards", self::TANK), 'cards', 0);
        self::assertSame(201, $this->code());
        self::assertSame('18 in', self::text($kept, 'inputs', 'width'));
        $this->call('PATCH', '/api/account', ['units' => 'us']);
        self::assertSame(
            '18 in',
            self::text($this->call('GET', "/api/jobs/$job/cards"), 'cards', 0, 'inputs', 'width'),
        );
        self::assertStringContainsString(
            'gal',
            implode(
                ' ',
                array_map(
                    static fn(mixed $s): string => is_string($s) ? $s : '',
                    self::list($this->call('GET', "/api/jobs/$job/cards"), 'cards', 0, 'steps'),
                ),
            ),
        );
        $again = $this->call('POST', "/api/jobs/$job/cards", [
            ...self::TANK,
            'name' => 'Larger tank',
            'id' => self::text($kept, 'id'),
        ]);
        self::assertSame(
            ['Larger tank'],
            array_map(static fn(mixed $c): string => self::text($c, 'name'), self::list($again, 'cards')),
        );
        $file = $this->call('GET', "/api/jobs/$job/file");
        $copy = self::text($this->call('POST', '/api/jobs/import', $file), 'id');
        self::assertSame(self::at($file, 'cards'), self::at($this->call('GET', "/api/jobs/$copy/file"), 'cards'));
        $this->call('DELETE', "/api/jobs/$job/cards/" . self::text($kept, 'id'));
        self::assertSame(204, $this->code());
        $this->call('DELETE', "/api/jobs/$job/cards/" . self::text($kept, 'id'));
        self::assertSame(404, $this->code());
    }

    public function testWhatCannotBeReadIsRefusedWithItsPlaceAndNothingIsKept(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        foreach (
            [
                '/inputs/width' => ['inputs' => [...self::TANK['inputs'], 'width' => '3 kg']],
                '/inputs/colour' => ['inputs' => [...self::TANK['inputs'], 'colour' => 'red']],
                '/part' => ['part' => 'mast'],
                '/kind' => ['kind' => 'magic'],
                '/name' => ['name' => ''],
            ]
            as $pointer => $change
        ) {
            $refused = $this->call('POST', "/api/jobs/$job/cards", [...self::TANK, ...$change]);
            self::assertSame(422, $this->code(), $pointer);
            self::assertSame($pointer, self::text($refused, 'errors', 0, 'pointer'));
        }
        self::assertSame([], self::list($this->call('GET', "/api/jobs/$job/cards"), 'cards'));
        $small = $this->call('POST', "/api/jobs/$job/cards/try", [
            ...self::TANK,
            'inputs' => [...self::TANK['inputs'], 'width' => '200 mm'],
        ]);
        self::assertStringContainsString('do not fit', self::text($small, 'error'));
        self::assertSame('width', self::text($small, 'errorField'));
    }

    public function testAListOfSectionsTravelsBesideTheFields(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $rows = [
            ['at' => '0 m', 'width' => '0.4 m', 'depth' => '40 mm'],
            ['at' => '1 m', 'width' => '0.5 m', 'depth' => '50 mm'],
        ];
        $kept = self::at(
            $this->call('POST', "/api/jobs/$job/cards", [
                'kind' => 'core-pour',
                'name' => 'Bearer',
                'inputs' => (object) [],
                'rows' => $rows,
            ]),
            'cards',
            0,
        );
        self::assertSame($rows, self::at($kept, 'rows'));
        self::assertSame('core', self::text($kept, 'drawing', 'marks', 0, 'role'));
        $refused = $this->call('POST', "/api/jobs/$job/cards", [
            'kind' => 'core-pour',
            'name' => 'Bearer',
            'inputs' => (object) [],
            'rows' => [['at' => '0 m', 'width' => 'wide', 'depth' => '1 m']],
        ]);
        self::assertSame('/inputs/sections/0/width', self::text($refused, 'errors', 0, 'pointer'));
    }
}
