<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Catalog\CatalogueReader;
use Hull\Cure\CureRows;
use Hull\Input\InvalidInput;
use Hull\Quantity\Temperature;
use Hull\Route\NoRoute;
use Hull\Route\RouteStep;
use Hull\Tests\Route\RoutePlannerTest;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The catalogue agrees with itself. */
final class CatalogueTest extends TestCase
{
    public function testEveryStepIsReachedBySomeRoute(): void
    {
        $seen = ['sand-back', 'unmask-cut', 'scuff', 'sand-p80'];
        foreach (RoutePlannerTest::parts() as [$change]) {
            try {
                $seen = [...$seen, ...array_map(static fn (RouteStep $s): string => $s->step, Yard::workpiece($change)->plan()->steps)];
            } catch (NoRoute) {
                continue;
            }
        }
        // Steps that only a mend or a late coat calls for have tests of their own in ReplayTest; the wash needs heavy salt.
        $salty = Yard::workpiece(['conditions' => [['id' => 'salt', 'grade' => 'heavy'], ['id' => 'soil', 'grade' => 'heavy']], 'substrate' => 'cast-iron'])->plan();
        $seen = [...$seen, ...array_map(static fn (RouteStep $s): string => $s->step, $salty->steps)];
        self::assertSame([], array_values(array_diff(array_keys(Yard::catalogue()->steps), $seen)));
    }

    public function testEveryCautionIsUsed(): void
    {
        $used = [];
        foreach (Yard::catalogue()->steps as $step) {
            $used = [...$used, ...$step->cautions];
        }
        foreach (Yard::catalogue()->products as $product) {
            $used = [...$used, ...$product->cautions];
        }
        self::assertSame([], array_values(array_diff(array_keys(Yard::catalogue()->cautions), $used)));
    }

    public function testEveryFactOfAConditionCanBeTakenOffOrIsHarmless(): void
    {
        $lowered = [];
        foreach (Yard::catalogue()->steps as $step) {
            foreach ($step->does as $effect) {
                if ('set' === $effect->verb || 'lower' === $effect->verb) {
                    $lowered[] = $effect->fact;
                }
            }
        }
        foreach (Yard::catalogue()->conditions as $condition) {
            foreach ($condition->grades as $grade) {
                self::assertSame([], array_values(array_diff(array_keys($grade->facts), [...$lowered, 'pits'])), $condition->id.' '.$grade->id);
            }
        }
    }

    public function testProductsCureFasterWhenWarmAndInTheRightOrder(): void
    {
        foreach (Yard::catalogue()->products as $product) {
            $cure = $product->cure;
            self::assertNotNull($cure, $product->id);
            foreach ([12.0, 20.0, 28.0] as $celsius) {
                $at = Temperature::celsius($celsius);
                $hours = static fn (?CureRows $rows): float => $rows?->hoursAt($at)?->h() ?? \INF;
                self::assertLessThan($hours($cure->full), $hours($cure->recoatMin), $product->id);
                self::assertLessThan($hours($cure->recoatMax), $hours($cure->recoatMin), $product->id);
                self::assertLessThan($hours($cure->full), $hours($cure->touch), $product->id);
            }
            self::assertGreaterThanOrEqual($cure->touch->hoursAt(Temperature::celsius(30))?->h(), $cure->touch->hoursAt(Temperature::celsius(10))?->h());
            self::assertLessThan($product->most->c(), $product->least->c());
        }
    }

    public function testEverySystemEndsInItsServiceAndFinish(): void
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->systems as $system) {
            self::assertSame([], array_diff($system->services, array_keys($catalogue->services)), $system->id);
            self::assertSame([], array_diff($system->finishes, array_keys($catalogue->finishes)), $system->id);
            self::assertNotSame([], $system->coats());
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> kind, an entry to add, part of the pointer */
    public static function mistakes(): iterable
    {
        yield 'an id twice' => ['facts', ['id' => 'oil', 'name' => 'oil again', 'kind' => 'contaminant'], '/facts/'];
        yield 'a step with an unknown fact' => ['steps', ['id' => 'polish', 'name' => 'Polish', 'phase' => 'clean', 'does' => [['fact' => 'shine', 'set' => 1]], 'takes' => [], 'how' => 'x', 'why' => 'x', 'look' => 'x'], '/does/0/fact'];
        yield 'a step in an unknown phase' => ['steps', ['id' => 'polish', 'name' => 'Polish', 'phase' => 'later', 'takes' => [], 'how' => 'x', 'why' => 'x', 'look' => 'x'], '/phase'];
        yield 'an effect without a verb' => ['steps', ['id' => 'polish', 'name' => 'Polish', 'phase' => 'clean', 'does' => [['fact' => 'oil']], 'takes' => [], 'how' => 'x', 'why' => 'x', 'look' => 'x'], '/does/0'];
        yield 'an unknown caution' => ['steps', ['id' => 'polish', 'name' => 'Polish', 'phase' => 'clean', 'cautions' => ['dragons'], 'takes' => [], 'how' => 'x', 'why' => 'x', 'look' => 'x'], '/cautions/0'];
        yield 'a rule without words' => ['rules', ['id' => 'mute', 'step_tags' => ['coat'], 'need' => ['fact' => 'oil', 'max' => 0]], '/need/says'];
        yield 'a rule about an unknown phase of a film' => ['rules', ['id' => 'odd', 'step_tags' => ['coat'], 'need' => ['film' => ['sticky'], 'says' => 'x', 'else' => 'x']], '/need/film/0'];
        yield 'a system with an unknown product' => ['systems', ['id' => 'odd', 'name' => 'Odd', 'substrates' => ['steel'], 'services' => ['interior'], 'finishes' => ['tidy'], 'layers' => [['product' => 'tar', 'coats' => 1, 'role' => 'x']], 'why' => 'x', 'life' => 'x'], '/layers/0/product'];
        yield 'a grade with an unknown fact' => ['conditions', ['id' => 'odd', 'name' => 'Odd', 'hint' => 'x', 'grades' => [['id' => 'a', 'name' => 'a', 'look' => 'x', 'facts' => ['shine' => 1]]]], '/facts/shine'];
        yield 'a school without answers' => ['schools', ['id' => 'odd', 'question' => 'Why', 'answers' => []], '/schools/'];
    }

    /** @param array<string, mixed> $entry */
    #[DataProvider('mistakes')]
    public function testMistakesAreNamedWithTheirPlace(string $kind, array $entry, string $pointer): void
    {
        $data = Yard::data();
        $data[$kind][] = $entry;
        try {
            CatalogueReader::read($data);
        } catch (InvalidInput $e) {
            self::assertStringContainsString($pointer, $e->pointer);

            return;
        }
        self::fail('It was read.');
    }
}
