<?php

declare(strict_types=1);

namespace App\Tests\App;

/**
 * Metric and US users see the same truth: looking, switching and sending back what is shown changes nothing that is
 * stored.
 */
final class UnitsTest extends ApiCase
{
    /** Values that neither system shows to the last digit. */
    private const SHAPES = [
        [
            'kind' => 'box-section',
            'name' => 'Members',
            'width' => '40 mm',
            'height' => '1 9/16 in',
            'length' => '7.3333 m',
            'wall' => '3 mm',
            'inside' => 'yes',
            'count' => 3,
            'complexity' => 'sections',
        ],
        [
            'kind' => 'plate',
            'name' => 'Plate',
            'length' => '520.7 mm',
            'width' => '12 ft 4 in',
            'thickness' => '6.35 mm',
            'holes' => 4,
            'holeDiameter' => '11.11 mm',
            'cutoutLength' => '3.3 in',
            'cutoutWidth' => '77 mm',
            'bare' => '0.0123 m2',
        ],
        [
            'kind' => 'roof',
            'name' => 'Roof',
            'length' => '4.321 m',
            'width' => '2.222 m',
            'curb' => '3.7 in',
            'fittings' => '1.234 ft2',
        ],
        ['kind' => 'wheel', 'name' => 'Wheel', 'diameter' => '401.7 mm', 'width' => '4.1 in', 'solid' => '61.7 %'],
    ];

    public function testLookingInEitherSystemAndSendingBackWhatIsShownChangesNothing(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Odd sizes']), 'id');
        $survey = self::survey([
            'shapes' => self::SHAPES,
            'conditions' => [
                ['id' => 'rust', 'grade' => 'scale', 'extent' => '33.333 %'],
                ['id' => 'oil', 'grade' => 'heavy', 'extent' => '12.5 %'],
            ],
        ]);
        $survey['place'] = ['id' => 'bay', 'kind' => 'heated-bay', 'temperature' => '63.7 F', 'humidity' => '55.55 %'];
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
        self::assertSame(201, $this->code());
        $key = self::text($this->call('GET', "/api/parts/$part/route"), 'steps', 0, 'key');
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'finish',
            'step' => $key,
            'at' => self::ago('1 hour'),
            'temperature' => '61.3 F',
            'humidity' => '47.77 %',
        ]);
        $this->call('POST', "/api/jobs/$job/cards", [
            'kind' => 'dilution',
            'name' => 'Odd',
            'inputs' => ['stock' => '35 %', 'wanted' => '9.1 %', 'total' => '17 fl oz'],
            'rows' => [],
        ]);
        $this->call('POST', '/api/store/tins', [
            'material' => 'epoxy-primer-2k',
            'batch' => 'A',
            'size' => '1 gal',
            'count' => 1,
        ]);
        $stored = $this->call('GET', "/api/jobs/$job/file");
        $tin = $this->tin();
        foreach (['us', 'metric', 'us', 'metric'] as $units) {
            $this->call('PATCH', '/api/account', ['units' => $units]);
            foreach (['survey', 'route', 'mix', 'windows', 'record'] as $view) {
                $this->call('GET', "/api/parts/$part/$view");
            }
            foreach (['board', 'quantities', 'cards'] as $view) {
                $this->call('GET', "/api/jobs/$job/$view");
            }
            self::assertSame($stored, $this->call('GET', "/api/jobs/$job/file"), 'looked at in ' . $units);
            self::assertSame($tin, $this->tin());
            $this->call('PUT', "/api/parts/$part/survey", $this->untouched($part));
            self::assertSame(200, $this->code());
            self::assertSame($stored, $this->call('GET', "/api/jobs/$job/file"), 'sent back in ' . $units);
        }
    }

    public function testAListOfDimensionsIsTakenAsTypedOrRefusedByLine(): void
    {
        $this->enter('rowan@yard.example');
        $csv = (string) file_get_contents(__DIR__ . '/../../docs/formats/dimensions.example.csv');
        $shapes = self::list($this->call('POST', '/api/shapes/list', ['text' => $csv]), 'shapes');
        self::assertCount(4, $shapes);
        self::assertSame(
            [
                'name' => 'Long members',
                'kind' => 'box-section',
                'length' => '2.4 m',
                'width' => '40 mm',
                'height' => '60 mm',
                'count' => '2',
            ],
            $shapes[0],
        );
        foreach (
            [
                'Line 3, diameter' => ['38 mm', '38 kg'],
                'Line 5, kind' => ['lattice', 'trellis'],
                'Line 1' => ['bare', 'nude'],
            ]
            as $said => [$good, $bad]
        ) {
            $refused = $this->call('POST', '/api/shapes/list', ['text' => str_replace($good, $bad, $csv)]);
            self::assertSame(422, $this->code());
            self::assertStringContainsString($said, self::text($refused, 'detail'));
        }
    }

    private function tin(): float
    {
        return self::number(
            array_values(
                array_filter(
                    self::list($this->call('GET', '/api/store'), 'materials'),
                    static fn(mixed $m): bool => [] !== self::list($m, 'tins'),
                ),
            )[0] ?? [],
            'tins',
            0,
            'left',
            'value',
        );
    }

    /**
     * The survey as the form sends it when nobody touched a field: every text that was shown stands for its stored
     * value.
     *
     * @return array<int|string, mixed>
     */
    private function untouched(string $part): array
    {
        $view = $this->call('GET', "/api/parts/$part/survey");
        $place = self::at($view, 'places', 0);
        $shapes = [];
        foreach (self::list($view, 'shapes', 'shapes') as $shape) {
            $shapes[] = [
                'kind' => self::text($shape, 'kind'),
                'name' => self::text($shape, 'name'),
                ...self::list($shape, 'dimensions'),
                ...self::list($shape, 'values'),
            ];
        }

        return [
            'version' => self::at($view, 'version'),
            'part' => [
                ...(array) self::survey()['part'],
                'shapes' => $shapes,
                'water_lies' => self::text($view, 'fields', 'water_lies'),
                'method' => self::text($view, 'fields', 'method'),
                'small_or_lattice' => self::at($view, 'fields', 'small_or_lattice'),
                'conditions' => array_map(
                    static fn(mixed $c): array => [
                        'id' => self::text($c, 'id'),
                        'grade' => self::text($c, 'grade'),
                        'extent' => self::number($c, 'extentValue'),
                    ],
                    self::list($view, 'conditions'),
                ),
            ],
            'place' => [
                'id' => 'bay',
                'kind' => 'heated-bay',
                'name' => self::text($place, 'name'),
                'temperature' => self::number($place, 'temperatureValue'),
                'humidity' => self::number($place, 'humidityValue'),
            ],
        ];
    }
}
