<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Catalog\OwnCatalogue;
use Hull\Climate\Air;
use Hull\Compute\Figures;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Quantity\Duration;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\StepRunner;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Figures of the trade stand in the catalogue; a workshop's own stand in their place, everywhere. */
final class FiguresTest extends TestCase
{
    private const SLOW = [
        'id' => 'drying',
        'name' => 'as measured in our bay',
        'source' => 'measured',
        'rows' => [
            ['id' => 'open', 'name' => 'open', 'figure' => '5 h'],
            ['id' => 'seams', 'name' => 'seams', 'figure' => '20 h'],
            ['id' => 'cavities', 'name' => 'cavities', 'figure' => '50 h'],
            ['id' => 'foam', 'name' => 'in foam', 'figure' => '200 h'],
        ],
    ];

    public function testEveryTableThatAFormulaAsksForIsShipped(): void
    {
        foreach (Figures::TABLES as $id) {
            self::assertSame($id, Yard::table($id)->id);
        }
    }

    public function testAWorkshopsOwnHoursAreReckonedAndWaitedWith(): void
    {
        $own = self::over(['figures' => [self::SLOW]]);
        $drying = $own->formulas()->run('climate.drying', [
            'temperature' => Temperature::celsius(20.0),
            'humidity' => RelativeHumidity::percent(60),
            'exposure' => 'open',
        ]);
        self::assertEqualsWithDelta(5.0, $drying->quantity('time', Duration::class)->h(), 1e-9);
        $ours = self::longestDrying($own, 'open');
        self::assertEqualsWithDelta(5.0 / 3.0, $ours / self::longestDrying(Yard::catalogue(), 'open'), 1e-9);
        self::assertEqualsWithDelta(20.0 / 5.0, self::longestDrying($own, 'seams') / $ours, 1e-9);
    }

    public function testAnOwnKindOfCureIsHeldByItsProduct(): void
    {
        $product = [...self::shipped('products', 'epoxy-primer-2k'), 'id' => 'lime', 'cure_kind' => 'lime'];
        $cures = [['id' => 'lime', 'name' => 'lime', 'stalls_under' => '50 %', 'damp_from' => '80 %']];
        $kind = self::over(['cures' => $cures, 'products' => [$product]])->product('lime')->cureKind;
        self::assertTrue($kind->mindsHumidity());
        self::assertNull($kind->humidity(self::air(20.0, 49)));
        self::assertSame(1.0, $kind->humidity(self::air(20.0, 50)));
        self::assertSame(1.0, $kind->humidity(self::air(20.0, 80)));
        self::assertEqualsWithDelta(2.0, $kind->humidity(self::air(20.0, 90)), 1e-9);
        self::assertFalse($kind->blushes(self::air(2.0, 99)));
        self::assertSame('50 % or more', $kind->cures());
        self::assertSame('20 / (100 - RH)', $kind->words());
    }

    public function testShippedKindsOfCureAreAsTheTradeHasThem(): void
    {
        $wet = Yard::cure('moisture-cure');
        self::assertNull($wet->humidity(self::air(20.0, 29.9)));
        // 17.3 g/m3 is full air of 20 C: 8.6 are half of it.
        self::assertEqualsWithDelta(1.0, $wet->humidity(self::air(20.0, 49.8)), 0.01);
        self::assertNull(Yard::cure('water-borne')->humidity(self::air(20.0, 85.1)));
        self::assertEqualsWithDelta(2.0, Yard::cure('water-borne')->humidity(self::air(20.0, 75)), 1e-9);
        self::assertTrue(Yard::cure('amine-epoxy')->blushes(self::air(9.9, 50)));
        self::assertFalse(Yard::cure('amine-epoxy')->blushes(self::air(10.0, 85)));
        self::assertFalse(Yard::cure('solvent')->mindsHumidity());
    }

    public function testWhatNobodyCanSeeIsAGroupOfFacts(): void
    {
        $hidden = array_filter(
            Yard::catalogue()->facts,
            static fn(\Hull\Surface\Fact $f): bool => in_array('hidden', $f->groups, true),
        );
        self::assertArrayHasKey('soft-core', $hidden);
        self::assertArrayHasKey('lead-unknown', $hidden);
        self::assertArrayNotHasKey('oil', $hidden);
    }

    /** @return iterable<string, array{string, array<int|string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        $rows = static fn(mixed ...$rows): array => [...self::SLOW, 'rows' => array_values($rows)];
        [$open, $seams, $cavities] = self::SLOW['rows'];
        $all = '/figures/0/rows';
        yield 'a row is missing' => ['figures', $rows($open, $seams), $all, 'cavities'];
        yield 'twice' => ['figures', $rows($open, $seams, $cavities, $open), $all . '/3', 'a row of its own'];
        yield 'no such table' => ['figures', [...self::SLOW, 'id' => 'luck'], '/figures/0/id', 'drying'];
        yield 'nothing' => [
            'figures',
            $rows([...$open, 'figure' => '0 h'], $seams, $cavities),
            $all . '/0/figure',
            'above nothing',
        ];
        yield 'something else' => [
            'figures',
            $rows([...$open, 'figure' => '3 kg'], $seams, $cavities),
            $all . '/0/figure',
            'h',
        ];
        $glass = ['id' => 'glass', 'name' => 'glass', 'source' => 'sheet'];
        $shares = [
            ['id' => 'mat', 'name' => 'mat', 'figure' => '100 %'],
            ['id' => 'biaxial', 'name' => 'biaxial', 'figure' => '45 %'],
            ['id' => 'combi', 'name' => 'combi', 'figure' => '38 %'],
        ];
        yield 'all glass' => ['figures', [...$glass, 'rows' => $shares], $all . '/0/figure', 'above nothing'];
        $dead = ['id' => 'dead-volume', 'name' => 'profile', 'source' => 'sheet'];
        $down = [['at' => '60 um', 'figure' => '0.04 L/m2'], ['at' => '30 um', 'figure' => '0.02 L/m2']];
        yield 'downwards' => ['figures', [...$dead, 'rows' => $down], $all . '/1/at', 'rows that go up'];
        $lime = ['id' => 'lime', 'name' => 'lime'];
        yield 'full air' => ['cures', [...$lime, 'damp_from' => '100 %'], '/cures/0/damp_from', 'below 100 %'];
        $speed = [['at' => 8, 'figure' => 1], ['at' => 8, 'figure' => 2]];
        yield 'speeds' => ['cures', [...$lime, 'speed' => $speed], '/cures/0/speed/1/at', 'rows that go up'];
        yield 'a shipped kind' => ['cures', [...$lime, 'id' => 'solvent'], '/cures/0', 'an id of its own'];
    }

    /** @param array<int|string, mixed> $entry */
    #[DataProvider('wrong')]
    public function testWhatNoFormulaCanStandOnIsRefused(
        string $kind,
        array $entry,
        string $pointer,
        string $accepted,
    ): void {
        try {
            self::over([$kind => [$entry]]);
            self::fail('refused');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertStringContainsString($accepted, $e->accepted);
        }
    }

    public function testACatalogueThatLacksATableIsNone(): void
    {
        $data = Yard::data();
        array_pop($data['figures']);
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('Formulas lack figures');
        CatalogueReader::read($data);
    }

    /** @param array<int|string, mixed> $own */
    private static function over(array $own): Catalogue
    {
        return OwnCatalogue::over(Yard::data(), $own)->read();
    }

    /** @return array<array-key, mixed> */
    private static function shipped(string $kind, string $id): array
    {
        foreach (Yard::data()[$kind] as $entry) {
            if (is_array($entry) && $id === $entry['id']) {
                return $entry;
            }
        }
        self::fail('No ' . $id);
    }

    private static function air(float $celsius, float $percent): Air
    {
        return Air::of(Temperature::celsius($celsius), RelativeHumidity::percent($percent));
    }

    /** Hours of the longest wait for a part to dry. */
    private static function longestDrying(Catalogue $catalogue, string $lies): float
    {
        $job = (new JobReader($catalogue))->job(Node::root(Yard::frame(['water_lies' => $lies])));
        $piece = Workpiece::of($catalogue, $job->parts[0], $job->places['bay'] ?? self::fail('no bay'));
        $runner = new StepRunner($piece->context);
        $state = $piece->surveyed;
        $longest = 0.0;
        foreach ($piece->plan()->steps as $step) {
            $applied = $runner->apply($step, $state);
            if ('drying' === $catalogue->step($step->step)->takes->waitFor) {
                $longest = max($longest, (float) $applied->waitHours);
            }
            $state = $applied->state;
        }

        return $longest;
    }
}
