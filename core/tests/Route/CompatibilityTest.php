<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Catalog\Step;
use Hull\Catalog\Substrate;
use Hull\Route\Compatibility;
use Hull\Route\Verdict;
use Hull\Surface\Precondition;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** May X go over Y on Z, as a practitioner would answer. */
final class CompatibilityTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string|null, string, string, string}> material, below, above, answer,
     *                                                                              rule named where the answer is no
     */
    public static function questions(): iterable
    {
        yield 'epoxy on bare steel' => ['carbon-steel', null, 'epoxy-primer-2k', Verdict::ABRADED, ''];
        yield 'epoxy over etch' => ['carbon-steel', 'self-etch', 'epoxy-primer-2k', Verdict::NO, 'no-epoxy-over-etch'];
        yield 'colour over epoxy' => ['carbon-steel', 'epoxy-primer-2k', 'urethane-colour-2k', Verdict::STRAIGHT, ''];
        yield 'colour over enamel' => ['carbon-steel', 'alkyd-enamel', 'urethane-colour-2k', Verdict::CURED, ''];
        yield 'epoxy over enamel' => ['carbon-steel', 'alkyd-enamel', 'epoxy-primer-2k', Verdict::CURED, ''];
        yield 'lacquer over enamel' => ['carbon-steel', 'alkyd-enamel', 'acrylic-lacquer', Verdict::CURED, ''];
        yield 'enamel over enamel' => ['carbon-steel', 'alkyd-enamel', 'alkyd-enamel', Verdict::STRAIGHT, ''];
        yield 'colour on bare steel' => ['carbon-steel', null, 'urethane-colour-2k', Verdict::NO, ''];
        yield 'enamel on bare zinc' => ['galvanised-steel', null, 'alkyd-enamel', Verdict::NO, ''];
        yield 'enamel over epoxy on zinc' => [
            'galvanised-steel',
            'epoxy-primer-2k',
            'alkyd-enamel',
            Verdict::STRAIGHT,
            '',
        ];
        yield 'paint over cavity wax' => [
            'carbon-steel',
            'cavity-wax',
            'epoxy-mastic',
            Verdict::NO,
            'nothing-over-cavity-film',
        ];
        yield 'primer can over cavity wax' => [
            'carbon-steel',
            'cavity-wax',
            'filler-primer-1k',
            Verdict::NO,
            'nothing-over-cavity-film',
        ];
        yield 'etch over a film' => ['carbon-steel', 'epoxy-primer-2k', 'self-etch', Verdict::NO, ''];
        yield 'gelcoat yacht paint over epoxy' => ['gelcoat', 'epoxy-primer-2k', 'marine-pu', Verdict::STRAIGHT, ''];
    }

    #[DataProvider('questions')]
    public function testAnswers(string $material, ?string $below, string $above, string $answer, string $rule): void
    {
        $catalogue = Yard::catalogue();
        $verdict = (new Compatibility($catalogue, $catalogue->substrate($material)))->ask(
            null === $below ? null : $catalogue->product($below),
            $catalogue->product($above),
        );
        self::assertSame(
            $answer,
            $verdict->answer(),
            implode('; ', array_map(static fn(Precondition $n): string => $n->says, $verdict->against)),
        );
        self::assertSame(Verdict::NO === $answer, [] !== $verdict->against, 'a no has its reason');
        if ('' !== $rule) {
            self::assertContains($rule, array_map(static fn(Precondition $n): string => $n->id, $verdict->against));
        }
        if (Verdict::ABRADED === $answer) {
            self::assertNotSame(
                [],
                array_filter($verdict->fresh ?? [], static fn(Step $s): bool => in_array('abrading', $s->tags, true)),
            );
        }
    }

    #[Group('slow')]
    public function testWhatASystemLaysOnEachOtherIsAllowed(): void
    {
        $catalogue = Yard::catalogue();
        $tried = [];
        foreach ($catalogue->systems as $system) {
            $on =
                array_values(
                    array_filter(
                        $catalogue->substrates,
                        static fn(Substrate $s): bool => $s->isOf($system->scope->families) &&
                            ([] === $system->scope->except || !$s->isOf($system->scope->except)),
                    ),
                )[0] ?? null;
            $coats = $system->coats();
            for ($i = 1; null !== $on && $i < count($coats); ++$i) {
                $pair = $on->id . ' ' . $coats[$i - 1]->id . ' ' . $coats[$i]->id;
                if (isset($tried[$pair]) || count($tried) >= 60) {
                    continue;
                }
                $tried[$pair] = true;
                self::assertNotSame(
                    Verdict::NO,
                    (new Compatibility($catalogue, $on))->ask($coats[$i - 1], $coats[$i])->answer(),
                    $system->id . ': ' . $pair,
                );
            }
        }
        self::assertGreaterThan(30, count($tried));
    }
}
