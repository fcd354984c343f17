<?php

declare(strict_types=1);

namespace Hull\Tests\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\UnitSystem;
use Hull\Tests\Yard;
use Hull\WorkCard\Card;
use Hull\WorkCard\Figure;
use Hull\WorkCard\Kind;
use Hull\WorkCard\Mark;
use Hull\WorkCard\SavedCards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every card says enough to work from, in both systems of units, with numbers checked by hand. */
final class CardsTest extends TestCase
{
    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (self::saved()->kinds as $id => $kind) {
            $id = (string) $id;
            if ('can-job' !== $id) {
                yield $id => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function testTheSampleGivesAWholeCard(Kind $kind): void
    {
        $card = $kind->work(Inputs::read(Node::root($kind->sample()), $kind->fields()), null);
        self::assertNotSame([], $card->figures);
        self::assertGreaterThanOrEqual(3, count($card->steps));
        self::assertNotSame([], $card->drawing->marks);
        self::assertSame(
            [],
            array_diff($card->cautions, array_keys(Yard::catalogue()->cautions)),
            'cautions are of the catalogue',
        );
        foreach (UnitSystem::cases() as $units) {
            foreach ($card->steps as $line) {
                self::assertStringNotContainsString('{', $line->said($units), 'every blank is filled');
            }
        }
    }

    public function testTheEngineBearerByHand(): void
    {
        $card = self::card('core-pour', [
            'sections' => [
                ['at' => '0 m', 'width' => '85 mm', 'depth' => '120 mm'],
                ['at' => '0.45 m', 'width' => '90 mm', 'depth' => '135 mm'],
                ['at' => '0.9 m', 'width' => '95 mm', 'depth' => '140 mm'],
                ['at' => '1.4 m', 'width' => '90 mm', 'depth' => '115 mm'],
            ],
            'inserts' => '0.6 L',
            'allowance' => '15 %',
            'lift' => '50 mm',
            'pail' => '5 L',
            'temperature' => '18 C',
        ]);
        // 0.45 x (0.0102 + 0.01215) / 2 + 0.45 x (0.01215 + 0.0133) / 2 + 0.5 x (0.0133 + 0.01035) / 2 = 16.6675 L,
        // less 0.6
        self::assertEqualsWithDelta(16.0675, self::value($card, 'Hollow'), 1e-6);
        self::assertEqualsWithDelta(18.4776, self::value($card, 'To have ready'), 1e-3);
        self::assertSame(4.0, self::value($card, 'Pails'));
        self::assertSame(3.0, self::value($card, 'Lifts'));
        // half a centimetre: 0.005 x (0.45 x 0.0875 + 0.45 x 0.0925 + 0.5 x 0.0925) x 1000
        self::assertEqualsWithDelta(0.63625, self::value($card, 'Half a centimetre of depth is worth'), 1e-6);
        self::assertSame(2.0, self::value($card, 'Batches in a lift'), '6.16 L in pails of 5 L filled to two thirds');
        // 18 C lies between 15 (2.25 %) and 20 (1.75 %): 1.95 % of 3.0796 L x 0.9 kg/L
        self::assertEqualsWithDelta(0.05405, self::value($card, 'Catalyst for a batch'), 1e-4);
    }

    public function testTheShaftTankByHand(): void
    {
        $inputs = [
            'length' => '1.4 m',
            'width' => '0.45 m',
            'fill' => '0.32 m',
            'partLength' => '1.1 m',
            'partWidth' => '120 mm',
            'displacement' => '5 L',
            'area' => '0.176 m2',
            'grade' => 'scale',
            'density' => '0.3 A/dm2',
        ];
        $card = self::card('current-bath', $inputs);
        self::assertEqualsWithDelta(196.6, self::value($card, 'Water'), 1e-6);
        self::assertEqualsWithDelta(5.28, self::value($card, 'Current'), 1e-6);
        self::assertEqualsWithDelta(63.36, self::value($card, 'Power'), 1e-6);
        self::assertEqualsWithDelta(2.4575, self::value($card, 'Washing soda'), 1e-6);
        self::assertEqualsWithDelta(0.418 * 5.28, self::value($card, 'Hydrogen'), 1e-6);
        self::assertEqualsWithDelta(100 * 0.418 * 5.28, self::value($card, 'Fresh air'), 1e-4);
        self::assertEqualsWithDelta(20.0, self::value($card, 'Time'), 1e-9, '6 A x h on each of 17.6 dm2, with 5.28 A');
        foreach (['partWidth' => '300 mm', 'gap' => '250 mm'] as $field => $too) {
            try {
                self::card('current-bath', [...$inputs, $field => $too]);
                self::fail('it does not fit');
            } catch (InvalidInput $e) {
                self::assertStringContainsString('do not fit', $e->getMessage());
            }
        }
        $this->expectException(InvalidInput::class);
        self::card('current-bath', array_diff_key($inputs, ['area' => '']));
    }

    public function testAluminiumIsNotPutInACurrentBath(): void
    {
        $kept = self::saved()->read(
            Node::root([
                'id' => 'c',
                'kind' => 'current-bath',
                'name' => 'Duct',
                'part' => 'p',
                'inputs' => self::saved()->kinds['current-bath']->sample(),
            ]),
            ['p'],
        );
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('steel and iron only');
        self::saved()->work($kept, Yard::workpiece(['substrate' => 'aluminium-wrought', 'conditions' => []]));
    }

    public function testTheThreePlyLaminateByHand(): void
    {
        $card = self::card('laminate', [
            'lost' => '3 mm',
            'length' => '220 mm',
            'width' => '140 mm',
            'glass' => '450 g/m2',
            'kind' => 'mat',
            'resin' => 'polyester',
            'temperature' => '18 C',
        ]);
        self::assertSame(3.0, self::value($card, 'Plies'));
        self::assertEqualsWithDelta(0.036, self::value($card, 'Taper on each side'), 1e-9);
        // plies 244 x 164, 268 x 188, 292 x 212 mm: 0.152304 m2 together
        self::assertEqualsWithDelta(0.152304 * 0.45, self::value($card, 'Glass'), 1e-6);
        self::assertEqualsWithDelta(0.152304 * 1.05, self::value($card, 'Resin in the laminate'), 1e-6);
        self::assertEqualsWithDelta(0.152304 * 1.05 * 1.15 * 0.0195, self::value($card, 'Catalyst, for a go'), 1e-6);
        $words = implode(' ', array_map(strval(...), $card->steps));
        self::assertStringContainsString('Cut ply 1: 292 mm x 212 mm', $words, 'largest first');
        $other = self::card('laminate', [
            ...['lost' => '3 mm', 'length' => '220 mm', 'width' => '140 mm', 'glass' => '450 g/m2'],
            'order' => 'smallest first',
            'resin' => 'epoxy',
        ]);
        self::assertStringContainsString(
            'Cut ply 1: 244 mm x 164 mm',
            implode(' ', array_map(strval(...), $other->steps)),
        );
        self::assertEqualsWithDelta(
            self::value($card, 'Resin in the laminate') * 1.15,
            self::value($other, 'Resin A, for a go') + self::value($other, 'Hardener B, for a go'),
            1e-9,
        );
    }

    public function testALaminateOfTwoGoesIsMixedTwice(): void
    {
        $typed = ['lost' => '3 mm', 'length' => '220 mm', 'width' => '140 mm', 'glass' => '450 g/m2'];
        [$one, $two] = array_map(
            static fn(int $plies): Card => self::card('laminate', [...$typed, 'perSession' => $plies]),
            [3, 2],
        );
        self::assertSame([1.0, 2.0], [self::value($one, 'Goes'), self::value($two, 'Goes')]);
        self::assertEqualsWithDelta(
            self::value($one, 'Resin A, for a go') / 2,
            self::value($two, 'Resin A, for a go'),
            1e-9,
        );
    }

    public function testACanJobFollowsTheRoute(): void
    {
        $piece = Yard::workpiece(
            [
                'substrate' => 'aluminium-wrought',
                'conditions' => [],
                'service' => 'exterior-sheltered',
                'schools' => ['first-film' => 'etch'],
                'small_or_lattice' => true,
            ],
            ['compressor', 'spray-gun', 'isocyanate'],
        );
        $card = self::saved()->kinds['can-job']->work(Inputs::read(Node::root([]), []), $piece);
        $area = $piece->context->area()->m2();
        // 400 mL, 16 %, 40 + 15 points lost, 18 um, three coats
        self::assertEqualsWithDelta(
            ($area * 3) / ((0.4 * 0.16 * 0.45 * 1000) / 18),
            self::value($card, 'Cans of enamel, aerosol'),
            1e-6,
        );
        self::assertContains('aerosol', $card->cautions);
        foreach ([['A part is wanted', null], ['sprays nothing from a can', Yard::workpiece()]] as [$says, $none]) {
            try {
                self::saved()->kinds['can-job']->work(Inputs::read(Node::root([]), []), $none);
                self::fail('There is nothing to spray.');
            } catch (InvalidInput $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    /** The stock lies under the water it is diluted with, each as high as there is of it. */
    public function testADilutionIsDrawnAsFullOfEachAsThereIsOfIt(): void
    {
        $kind = self::saved()->kinds['dilution'];
        $typed = ['stock' => '40 %', 'wanted' => '10 %', 'total' => '8 L'];
        $marks = $kind->work(Inputs::read(Node::root($typed), $kind->fields()), null)->drawing->marks;
        $drawn = array_column(array_map(static fn(Mark $m): array => [$m->role, $m->y, $m->height], $marks), null, 0);
        self::assertEqualsWithDelta([0.25, 0.75], array_slice($drawn['liquid'], 1), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.25], array_slice($drawn['stock'], 1), 1e-9);
    }

    /** What lies on the part is drawn on it: no two layers one over the other, and no gap between them. */
    public function testTheLayersOfAWhiteningAreDrawnOneUponTheOther(): void
    {
        $kind = self::saved()->kinds['whitening'];
        $drawing = $kind->work(Inputs::read(Node::root($kind->sample()), $kind->fields()), null)->drawing;
        $marks = $drawing->marks;
        usort($marks, static fn(Mark $a, Mark $b): int => $a->y <=> $b->y);
        $depth = 0.0;
        foreach ($marks as $mark) {
            self::assertEqualsWithDelta($depth, $mark->y, 1e-9, $mark->role);
            self::assertSame([0.0, $drawing->width], [$mark->x, $mark->width]);
            $depth += $mark->height;
        }
        self::assertEqualsWithDelta($drawing->height, $depth, 1e-9);
    }

    public function testAFitTakesWhatIsLaidAsMeasuredAndWhatIsPlannedByItsSheet(): void
    {
        $piece = Yard::workpiece();
        $route = $piece->plan();
        $coats = array_values(array_filter($route->steps, static fn(RouteStep $s): bool => null !== $s->product));
        $planned = array_sum(
            array_map(
                static fn(RouteStep $s): float => Yard::catalogue()->product((string) $s->product)->dft->um(),
                $coats,
            ),
        );
        $gap = Inputs::read(
            Node::root(['gap' => '200 um', 'play' => '0 um']),
            self::saved()->kinds['fit-check']->fields(),
        );
        $asPlanned = self::saved()->kinds['fit-check']->work(
            $gap,
            Workpiece::of(Yard::catalogue(), $piece->part->with($route, []), $piece->place),
        );
        self::assertEqualsWithDelta($planned, self::value($asPlanned, 'On one face'), 1e-9);
        self::assertEqualsWithDelta(2 * $planned - 200, self::value($asPlanned, 'To take off'), 1e-9);
        $log = [
            new LogEntry(
                id: 'e1',
                kind: EntryKind::Finish,
                stepKey: $coats[0]->key,
                at: new \DateTimeImmutable('2026-03-01'),
                air: null,
                note: '',
                corrects: null,
                film: FilmThickness::micrometres(71.0),
            ),
        ];
        $measured = self::saved()->kinds['fit-check']->work(
            $gap,
            Workpiece::of(Yard::catalogue(), $piece->part->with($route, $log), $piece->place),
        );
        self::assertEqualsWithDelta(
            $planned - 50.0 + 71.0,
            self::value($measured, 'On one face'),
            1e-9,
            'the gauge has the word',
        );
    }

    public function testAKeptCardIsTheSameAfterReading(): void
    {
        foreach (self::saved()->kinds as $id => $kind) {
            $written = [
                'id' => 'c1',
                'kind' => $id,
                'name' => 'A card',
                ...[] === $kind->sample() ? [] : ['inputs' => $kind->sample()],
            ];
            self::assertEquals(
                $written,
                self::saved()->read(Node::root(json_decode((string) json_encode($written), true)), [])->written(),
            );
        }
        $this->expectException(InvalidInput::class);
        self::saved()->read(
            Node::root(['id' => 'c', 'kind' => 'dilution', 'name' => 'x', 'inputs' => ['stock' => 'strong']]),
            [],
        );
    }

    /** @param array<int|string, mixed> $inputs */
    private static function card(string $kind, array $inputs): Card
    {
        $saved = Node::root(['id' => 'c', 'kind' => $kind, 'name' => 'Card', 'inputs' => $inputs]);

        return self::saved()->work(self::saved()->read($saved, []), null);
    }

    private static function value(Card $card, string $label): float
    {
        $found = array_values(array_filter($card->figures, static fn(Figure $f): bool => $f->label === $label));
        self::assertCount(
            1,
            $found,
            $label . ' of ' . implode(', ', array_map(static fn(Figure $f): string => $f->label, $card->figures)),
        );

        return $found[0]->value->value();
    }

    private static function saved(): SavedCards
    {
        return new SavedCards(Yard::catalogue()->figures);
    }
}
