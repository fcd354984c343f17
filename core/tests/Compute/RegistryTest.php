<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Source;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RegistryTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function wrong(): iterable
    {
        yield 'missing' => ['film.wet', ['dft' => '60 um'], '/solids', 'missing'];
        yield 'misspelt' => [
            'film.wet',
            ['dft' => '60 um', 'solids' => '50 %', 'tinner' => '10 %'],
            '/tinner',
            'no field',
        ];
        yield 'wrong unit' => ['film.wet', ['dft' => '60 C', 'solids' => '50 %'], '/dft', 'not a unit'];
        yield 'ratio' => ['mix.by-volume', ['ratio' => '0:1', 'total' => '1 L'], '/ratio', 'not above zero'];
        yield 'below absolute zero' => [
            'climate.dew-point',
            ['temperature' => -300, 'humidity' => '50 %'],
            '/temperature',
            'below the least',
        ];
        yield 'in a row' => [
            'cure.rows',
            ['rows' => [['temperature' => 10, 'hours' => 'soon']], 'temperature' => 10],
            '/rows/0/hours',
            'not a duration',
        ];
        yield 'empty rows' => ['cure.rows', ['rows' => [], 'temperature' => 10], '/rows', 'empty'];
        yield 'not curing' => [
            'cure.rows',
            ['rows' => [['temperature' => 10, 'hours' => 5]], 'temperature' => 4],
            '/temperature',
            'not curing',
        ];
        yield 'choice' => ['film.loss', ['method' => 'bucket'], '/method', 'not known'];
        yield 'whole loss' => [
            'film.quantity',
            ['area' => 1, 'dft' => 60, 'solids' => 0.5, 'loss' => '100 %'],
            '/loss',
            'too much',
        ];
        yield 'no solids' => ['film.wet', ['dft' => 60, 'solids' => 0], '/solids', 'too little'];
        yield 'stronger than stock' => [
            'mix.dilution',
            ['stock' => '9 %', 'wanted' => '35 %', 'total' => '1 L'],
            '/wanted',
            'stronger',
        ];
        yield 'thick wall' => [
            'area.tube',
            ['diameter' => '10 mm', 'wall' => '6 mm', 'length' => '1 m'],
            '/wall',
            'thicker',
        ];
        yield 'not an object' => ['film.wet', [1, 2], '', 'not an object'];
        yield 'dry as nothing' => [
            'climate.dew-point',
            ['temperature' => 20, 'humidity' => 0],
            '/humidity',
            'too little',
        ];
        yield 'never dries' => [
            'climate.drying',
            ['temperature' => 20, 'humidity' => '100 %'],
            '/humidity',
            'nothing dries',
        ];
        yield 'stalls' => [
            'cure.humidity-factor',
            ['kind' => 'moisture-cure', 'temperature' => 20, 'humidity' => '20 %'],
            '/humidity',
            'does not cure',
        ];
        yield 'never hot enough' => [
            'cure.oven',
            ['part' => 20, 'oven' => 150, 'wanted' => 150, 'soak' => 1],
            '/wanted',
            'never reaches',
        ];
    }

    #[DataProvider('wrong')]
    public function testSaysWhereAndWhat(string $name, mixed $input, string $pointer, string $message): void
    {
        try {
            Yard::catalogue()->formulas()->find($name)?->fromNode(Node::root($input));
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertStringContainsString($message, $e->getMessage());
            self::assertNotSame('', $e->accepted);

            return;
        }
        self::fail('It was computed.');
    }

    public function testMarksEstimatesAndWarns(): void
    {
        $life = Yard::catalogue()
            ->formulas()
            ->find('mix.pot-life')
            ?->fromNode(Node::root(['reference' => '8 h', 'temperature' => '15 C']));
        self::assertSame(Source::Estimate, $life?->source);
        $dose = Yard::catalogue()
            ->formulas()
            ->find('mix.dose-error')
            ?->fromNode(Node::root(['resolution' => '1 g', 'dose' => '8 g']));
        self::assertStringContainsString('finer scale', implode(' ', $dose->outcome->warnings ?? []));
        $outside = Yard::catalogue()->formulas()->find('cure.rows')?->fromNode(
            Node::root([
                'rows' => [['temperature' => 10, 'hours' => 5], ['temperature' => 20, 'hours' => 3]],
                'temperature' => 6,
            ]),
        );
        self::assertStringContainsString('Outside the rows', implode(' ', $outside->outcome->warnings ?? []));
    }

    public function testEveryComputationDescribesItself(): void
    {
        foreach (Yard::catalogue()->formulas()->all() as $computation) {
            self::assertNotSame('', $computation->summary . $computation->formula . $computation->origin);
            self::assertSame('object', $computation->inputSchema()['type']);
            self::assertArrayHasKey('values', (array) $computation->outputSchema()['properties']);
        }
    }

    public function testHotterNeverLengthensPotLifeAndMoreLossNeverBuysLess(): void
    {
        $life = \INF;
        $need = 0.0;
        for ($i = 0; $i < 60; ++$i) {
            $now = Yard::catalogue()
                ->formulas()
                ->find('mix.pot-life')
                ?->fromNode(Node::root(['reference' => '40 min', 'temperature' => $i - 10]))
                ->quantity('potLife', \Hull\Quantity\Duration::class)
                ->h();
            self::assertLessThan($life, $now);
            $life = (float) $now;
            $litres = Yard::catalogue()
                ->formulas()
                ->find('film.quantity')
                ?->fromNode(Node::root(['area' => 3, 'dft' => 60, 'solids' => 0.5, 'loss' => $i / 100]))
                ->quantity('needed', \Hull\Quantity\Volume::class)
                ->litresValue();
            self::assertGreaterThan($need, $litres);
            $need = (float) $litres;
        }
    }
}
