<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Quantity\Volume;

/** The store: tins in, coats out, warnings before, imports, sheets. */
final class StoreTest extends ApiCase
{
    private const EPOXY = 'epoxy-primer-2k';

    public function testThirtyPartsShoppingListMixCardsAndRecordAgreeToTheMillilitre(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Thirty parts']), 'id');
        for ($i = 0; $i < 30; ++$i) {
            $this->call(
                'POST',
                "/api/jobs/$job/parts",
                self::survey([
                    'id' => 'part-' . $i,
                    'name' => 'Part ' . $i,
                    'shapes' => [['kind' => 'strip', 'width' => '1 m', 'length' => 0.2 + $i / 20 . ' m']],
                ]),
            );
            self::assertSame(201, $this->code());
        }
        $job = $this->readyForTheirFirstCoat($job);
        $this->receive([
            'material' => self::EPOXY,
            'batch' => 'LATE',
            'size' => '20 L',
            'count' => 1,
            'label' => '2099-01-01',
        ]);
        $this->receive([
            'material' => self::EPOXY,
            'batch' => 'SOON',
            'size' => '1 L',
            'count' => 2,
            'label' => '2098-01-01',
        ]);
        $before = $this->needed($job);
        $onCards = 0.0;
        $parts = array_map(
            static fn(mixed $p): string => self::text($p, 'id'),
            self::list($this->call('GET', "/api/jobs/$job"), 'parts'),
        );
        self::assertCount(30, $parts);
        foreach ($parts as $part) {
            $card = self::at($this->call('GET', "/api/parts/$part/mix"), 'coats', 0);
            self::assertSame(self::EPOXY, self::text($card, 'product'));
            $onCards += self::number($card, 'needed', 'value');
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => self::text($card, 'stepKey'),
                'at' => self::ago('1 minute'),
            ]);
            self::assertSame(201, $this->code());
        }
        $logged = 0.0;
        foreach ($parts as $part) {
            foreach (self::list($this->call('GET', "/api/parts/$part/record"), 'entries') as $entry) {
                $used = self::text($entry, 'used');
                $logged += '' === $used ? 0.0 : 1.0;
            }
        }
        self::assertSame(30.0, $logged, 'every coat says what it took');
        $tins = $this->tins(self::EPOXY);
        $drawn = array_sum(
            array_map(
                static fn(mixed $t): float => self::number($t, 'size', 'value') - self::number($t, 'left', 'value'),
                $tins,
            ),
        );
        self::assertEqualsWithDelta($onCards, $drawn, 0.0005, 'mix cards against the store');
        self::assertEqualsWithDelta(
            $onCards,
            $before - $this->needed($job),
            0.0005,
            'mix cards against the shopping list',
        );
        foreach ($tins as $tin) {
            if ('SOON' === self::text($tin, 'batch')) {
                self::assertEqualsWithDelta(
                    0.0,
                    self::number($tin, 'left', 'value'),
                    1e-6,
                    'what expires first went first',
                );
            }
        }
    }

    public function testTheStoreWarnsBeforeACoatAndACorrectionPutsThePaintBack(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $card = self::at($this->call('GET', "/api/parts/$part/mix"), 'coats', 0);
        $key = self::text($card, 'stepKey');
        $needed = self::number($card, 'needed', 'value');
        $cover = $this->call('GET', "/api/parts/$part/cover/$key");
        self::assertFalse(self::at($cover, 'enough'));
        self::assertEqualsWithDelta($needed, self::number($cover, 'short', 'value'), 1e-9);

        $this->receive([
            'material' => self::EPOXY,
            'batch' => 'B1',
            'size' => Volume::litres($needed * 1.2)->litresValue() . ' L',
            'count' => 1,
        ]);
        $cover = $this->call('GET', "/api/parts/$part/cover/$key");
        self::assertTrue(self::at($cover, 'enough'));
        self::assertStringContainsString('batch B1', self::text($cover, 'from', 0));
        self::assertStringContainsString('short', self::text($cover, 'nextShort'), 'the second coat is not covered');

        $entry = self::text(
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => $key,
                'at' => self::ago('1 day'),
                'used' => sprintf('%F L', $needed / 2),
                'film' => '62 um',
            ]),
            'entryId',
        );
        self::assertEqualsWithDelta($needed * 0.7, $this->left(), 1e-6, 'what was really used counts');
        self::assertSame(
            '62 µm',
            self::text($this->call('GET', "/api/parts/$part/record"), 'layers', 0, 'thickness', 'text'),
            'the gauge has the word',
        );
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $entry,
            'at' => self::ago('1 day'),
            'used' => sprintf('%F L', $needed),
        ]);
        self::assertSame(201, $this->code());
        self::assertEqualsWithDelta($needed * 0.2, $this->left(), 1e-6);
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $entry,
            'at' => self::ago('30 minutes'),
            'withdrawn' => true,
        ]);
        self::assertEqualsWithDelta($needed * 1.2, $this->left(), 1e-6, 'all of it is back');
    }

    public function testBatchesOfAColourAreSaidBeforeTheyMeetOnOnePiece(): void
    {
        $this->enter('rowan@yard.example');
        $colour = ['layer' => 'urethane-colour-2k', 'colour' => 'signal red'];
        $show = [
            'finish' => 'show',
            'film' => 'epoxy+show-build',
            'layers' => [$colour],
            'conditions' => [['id' => 'rust', 'grade' => 'light']],
        ];
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Red']), 'id');
        foreach (
            [['id' => 'shell', 'name' => 'Shell'], ['id' => 'lid', 'name' => 'Lid', 'zone_of' => 'shell']]
            as $of
        ) {
            $this->call('POST', "/api/jobs/$job/parts", self::survey([...$show, ...$of]));
            self::assertSame(201, $this->code());
        }
        $job = $this->readyForTheirFirstCoat($job, $colour['layer']);
        [$shell, $lid] = array_map(
            static fn(mixed $p): string => self::text($p, 'id'),
            self::list($this->call('GET', "/api/jobs/$job"), 'parts'),
        );
        $cards = array_values(
            array_filter(
                self::list($this->call('GET', "/api/parts/$shell/mix"), 'coats'),
                static fn(mixed $c): bool => $colour['layer'] === self::text($c, 'product'),
            ),
        );
        $key = self::text($cards, 0, 'stepKey');
        $litres = self::number($cards, 0, 'needed', 'value');
        $tin = static fn(string $batch, float $size): array => [
            'material' => $colour['layer'],
            'colour' => $colour['colour'],
            'batch' => $batch,
            'size' => sprintf('%F L', $size),
            'count' => 1,
        ];
        $this->receive($tin('R1', $litres / 2));
        $this->receive($tin('R2', $litres * 20));
        $both = $this->call('GET', "/api/parts/$shell/cover/$key");
        self::assertStringContainsString('batches R1 and R2. Pour them together', self::text($both, 'batchSays'));
        $this->call('POST', "/api/parts/$shell/log", [
            'kind' => 'finish',
            'step' => $key,
            'at' => self::ago('1 minute'),
            'used' => sprintf('%F L', $litres / 2),
        ]);
        self::assertSame(201, $this->code());
        $record = $this->call('GET', "/api/parts/$shell/record");
        self::assertSame(['R1'], self::at($record, 'entries', 0, 'batches'));
        $other = $this->call('GET', "/api/parts/$lid/cover/$key");
        self::assertStringContainsString('lies batch R1, on the shelf is R2', self::text($other, 'batchSays'));
        self::assertSame(
            ['Shell', true],
            [self::text($other, 'rides', 0, 'part'), self::at($other, 'rides', 0, 'inTime')],
        );
    }

    public function testALedgerByHandAndItsRefusals(): void
    {
        $this->enter('rowan@yard.example');
        $this->receive(['material' => 'clear-2k-aerosol', 'batch' => 'C', 'size' => '400 mL', 'count' => 1]);
        $tin = self::text($this->tins('clear-2k-aerosol')[0], 'id');
        $this->call('POST', "/api/store/tins/$tin/movements", ['kind' => 'activated']);
        self::assertSame(201, $this->code());
        $line = $this->tins('clear-2k-aerosol')[0];
        self::assertSame('24 h after activation', self::text($line, 'because'));
        $this->call('POST', "/api/store/tins/$tin/movements", ['kind' => 'used', 'amount' => '1 L']);
        self::assertSame(422, $this->code());
        $this->call('POST', "/api/store/tins/$tin/movements", ['kind' => 'counted']);
        self::assertSame(422, $this->code(), 'a count without a number');
        $this->call('POST', "/api/store/tins/$tin/movements", ['kind' => 'binned', 'note' => 'gelled']);
        self::assertSame(0.0, self::number($this->tins('clear-2k-aerosol')[0], 'left', 'value'));
    }

    public function testATableOfTinsIsTakenWholeOrNotAtAll(): void
    {
        $this->enter('rowan@yard.example');
        $csv = (string) file_get_contents(__DIR__ . '/../../docs/formats/stock.example.csv');
        $refused = $this->call('POST', '/api/store/tins/import', ['text' => str_replace('1 L', '1 furlong', $csv)]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('Line 3, size', self::text($refused, 'detail'));
        self::assertSame([], self::list($this->call('GET', '/api/store'), 'materials'));
        $this->call('POST', '/api/store/tins/import', ['text' => str_replace(',', ';', $csv)]);
        self::assertSame(201, $this->code(), 'semicolons do as well');
        self::assertCount(2, $this->tins(self::EPOXY));
    }

    public function testASheetTakesThePlaceOfTheTypicalFiguresFieldByField(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $typical = self::at($this->call('GET', "/api/parts/$part/mix"), 'coats', 0);
        self::assertSame(
            ['1:1 by volume', '100:67.6 by mass', 'volume'],
            [self::text($typical, 'byVolume'), self::text($typical, 'byMass'), self::text($typical, 'stated')],
        );
        $sheet = (string) file_get_contents(__DIR__ . '/../../docs/formats/product-sheet.example.yaml');
        $refused = $this->change('POST', '/api/store/sheets', ['text' => str_replace('54 %', '540 %', $sheet)]);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('Line 8', self::text($refused, 'detail'));
        $this->change('POST', '/api/store/sheets', ['text' => $sheet]);
        self::assertSame(204, $this->code());
        $own = self::at($this->call('GET', "/api/parts/$part/mix"), 'coats', 0);
        self::assertSame(
            ['4:1 by volume', '100:18 by mass', 'both'],
            [self::text($own, 'byVolume'), self::text($own, 'byMass'), self::text($own, 'stated')],
        );
        self::assertSame('sheet', self::text($own, 'wft', 'how', 'source'));
        self::assertSame('typical', self::text($typical, 'wft', 'how', 'source'));
        self::assertSame(
            self::text($typical, 'touch', 'text'),
            self::text($own, 'touch', 'text'),
            'what the sheet leaves out stays typical',
        );
        $this->call('DELETE', '/api/store/sheets/' . self::EPOXY);
        self::assertSame(204, $this->code());
        self::assertSame(
            self::text($typical, 'wft', 'text'),
            self::text($this->call('GET', "/api/parts/$part/mix"), 'coats', 0, 'wft', 'text'),
        );
    }

    public function testSuppliersShareTheShoppingListAndSayWhenItIsHere(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $this->change('PUT', '/api/store/suppliers', [
            'suppliers' => [
                ['name' => 'Low Water Paints', 'leadDays' => 3, 'sells' => ['paint', 'chemicals']],
                ['name' => 'Corner stores', 'leadDays' => 0, 'sells' => ['paint', 'consumables']],
            ],
        ]);
        self::assertSame(200, $this->code());
        $orders = self::list($this->call('GET', "/api/jobs/$job/quantities"), 'orders');
        self::assertEqualsCanonicalizing(
            ['Low Water Paints', 'Corner stores'],
            array_map(static fn(mixed $o): string => self::text($o, 'seller'), $orders),
        );
        self::assertSame(self::now()->modify('+3 days')->format('Y-m-d'), self::text($orders[0], 'here'));
        $this->client->request('GET', "/api/jobs/$job/shopping");
        $csv = (string) $this->client->getResponse()->getContent();
        self::assertStringContainsString('"Low Water Paints","3 days",paint,"Two-pack epoxy primer"', $csv);
        self::assertStringContainsString('Masking tape', $csv);
    }

    public function testOtherwiseThanPlanned(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $films = fn(string $query): array => array_map(
            static fn(mixed $f): float => self::number($f, 'need', 'amount', 'value'),
            self::list($this->call('GET', "/api/jobs/$job/quantities$query"), 'films'),
        );
        $paint = static fn(string $query): float => array_sum($films($query));
        $planned = $paint('');
        self::assertGreaterThan($planned, $paint('?coats=1'));
        self::assertGreaterThan($planned, $paint('?breeze=1'));
        self::assertGreaterThan($paint('?method=roller'), $paint('?method=hvlp'));
        $lost = array_map(
            static fn(float $more, float $need): float => round($more / $need, 6),
            $films('?loss=10%25'),
            $films(''),
        );
        $brushed = round(0.93 / 0.83, 6);
        $sprayed = round(0.65 / 0.55, 6);
        self::assertEqualsCanonicalizing([$brushed, $sprayed], array_values(array_unique($lost)), 'primer and colour');
        foreach (['?coats=9', '?loss=90%25', '?method=bucket', '?breeze=perhaps', '?colour=red'] as $bad) {
            $this->call('GET', "/api/jobs/$job/quantities$bad");
            self::assertSame(422, $this->code(), $bad);
        }
    }

    private function left(): float
    {
        return self::number($this->tins(self::EPOXY)[0], 'left', 'value');
    }

    /** @return list<mixed> */
    private function tins(string $material): array
    {
        foreach (self::list($this->call('GET', '/api/store'), 'materials') as $line) {
            if ($material === self::text($line, 'id')) {
                return array_values(self::list($line, 'tins'));
            }
        }

        return [];
    }

    /** @param array<int|string, mixed> $tin */
    private function receive(array $tin): void
    {
        $this->call('POST', '/api/store/tins', $tin);
        self::assertSame(201, $this->code());
    }

    private function needed(string $job): float
    {
        foreach (self::list($this->call('GET', "/api/jobs/$job/quantities"), 'films') as $film) {
            if (self::EPOXY === self::text($film, 'product')) {
                return self::number($film, 'need', 'amount', 'value');
            }
        }
        self::fail('no epoxy');
    }

    /** The same job with all that comes before the first coats in its record. */
    /** @param string|null $product ready for the first coat of that one; null for any */
    private function readyForTheirFirstCoat(string $job, ?string $product = null): string
    {
        $file = $this->call('GET', "/api/jobs/$job/file");
        $parts = [];
        foreach (self::list($file, 'parts') as $part) {
            $log = [];
            foreach (self::list($part, 'route') as $number => $step) {
                $laid = is_array($step) ? $step['product'] ?? null : null;
                if (null === $product ? null !== $laid : $product === $laid) {
                    break;
                }
                $log[] = [
                    'id' => 'e' . $number,
                    'kind' => 'finish',
                    'step' => self::text($step, 'key'),
                    'at' => self::ago(sprintf('%d hours', 2 + 4 * (40 - $number))),
                ];
            }
            $parts[] = [...(array) $part, 'log' => $log];
        }

        return self::text($this->call('POST', '/api/jobs/import', [...$file, 'parts' => $parts]), 'id');
    }
}
