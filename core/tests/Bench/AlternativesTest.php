<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\Alternative;
use Hull\Bench\Alternatives;
use Hull\Bench\Workpiece;
use Hull\Job\RouteStep;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** For each school question the routes differ as a practitioner expects, with reasons that speak of this very part. */
final class AlternativesTest extends TestCase
{
    private const SIDE = ['kind' => 'plate', 'width' => '2 m', 'length' => '4 m'];
    private const SMALL = ['shapes' => [['kind' => 'strip', 'width' => '0.3 m', 'length' => '0.5 m']]];

    /**
     * @return iterable<string, array{string, string, array<int|string, mixed>, string, string}> question, other
     *     answer, part, what it
     *     has, what it does without
     */
    public static function questions(): iterable
    {
        $found = static fn(string ...$found): array => [
            'conditions' => array_map(
                static fn(string $f): array => ['id' => explode(':', $f)[0], 'grade' => explode(':', $f)[1]],
                $found,
            ),
        ];
        $rusty = $found('rust:scale', 'soil:light');
        yield 'rust' => ['rust', 'convert', $rusty, 'Convert tight rust', 'Strip to bright metal with discs'];
        yield 'rust, encapsulated' => [
            'rust',
            'encapsulate',
            $rusty,
            'Apply coat: Moisture-cure urethane encapsulator',
            'Apply coat: Two-pack epoxy primer',
        ];
        yield 'removing' => ['removing', 'blast', $rusty, 'Blast to clean metal', 'Strip to bright metal with discs'];
        yield 'removing, small' => [
            'removing',
            'mechanical',
            [...$found('rust:light'), ...self::SMALL, 'substrate' => 'cast-iron'],
            'Strip to bright metal with discs',
            'Neutralise with soda and rinse',
        ];
        yield 'first film' => [
            'first-film',
            'zinc-rich',
            $rusty,
            'Apply coat: Zinc-rich epoxy primer',
            'Strip to bright metal with discs',
        ];
        yield 'first film, etch' => [
            'first-film',
            'etch',
            $rusty,
            'Apply coat: Self-etch primer, aerosol',
            'Apply coat: Two-pack epoxy primer',
        ];
        yield 'filler' => [
            'filler',
            'over-metal',
            [...$found('dents:deep', 'unfair:hollows'), 'service' => 'exterior-sheltered'],
            'Fill over bare abraded metal',
            'Fill over the scuffed epoxy',
        ];
        yield 'last wipe' => [
            'last-wipe',
            'acetone',
            $rusty,
            'Final wipe: acetone',
            'Final wipe: remover, then isopropanol',
        ];
        yield 'old paint' => [
            'old-paint',
            'strip',
            [...$found('old-coating:sound'), 'aim' => 'coat'],
            'Sand the old film off',
            'Scuff the old film with P240',
        ];
        yield 'next coat' => ['next-coat', 'sand-each', $rusty, 'Scuff the film with P320', ''];
        yield 'gelcoat' => [
            'gelcoat',
            'wet-sand',
            [...$found('chalked:heavy', 'scratches:deep'), 'substrate' => 'gelcoat'],
            'Wet-sand P800',
            '',
        ];
        yield 'gelcoat, coated' => [
            'gelcoat',
            'coat',
            [...$found('chalked:light'), 'substrate' => 'gelcoat'],
            'Apply coat: Two-pack marine polyurethane, roll and tip',
            'Wax or seal',
        ];
        yield 'core' => [
            'core',
            'board',
            [...$found('soft-core:rotten'), 'substrate' => 'laminate'],
            'Rebuild the core with foam board',
            'Rebuild the core by pouring',
        ];
        yield 'laminate' => [
            'laminate',
            'polyester',
            [...$found('delamination:spots'), 'substrate' => 'laminate'],
            'Grind out and laminate with polyester',
            'Grind out and laminate with epoxy',
        ];
        yield 'underbody' => [
            'underbody',
            'film-build',
            [...$rusty, 'service' => 'underbody'],
            'Apply coat: Surface-tolerant epoxy mastic',
            'Apply coat: Non-drying lanolin or wax cavity film',
        ];
        yield 'underbody, liner' => [
            'underbody',
            'liner',
            [...$rusty, 'service' => 'underbody'],
            'Apply coat: Textured urethane liner',
            'Apply coat: Non-drying lanolin or wax cavity film',
        ];
        yield 'metal prep under an encapsulator' => [
            'tight-rust-prep',
            'straight',
            [...$rusty, 'schools' => ['rust' => 'encapsulate', 'first-film' => 'mcu']],
            '',
            'Metal prep over tight rust',
        ];
        yield 'colour change' => [
            'colour-change',
            'peelable',
            [...$found('soil:light'), 'substrate' => 'old-coating', 'service' => 'exterior-sun', 'aim' => 'coat'],
            'Unmask the elastic film wet',
            'Apply coat: Two-pack urethane colour',
        ];
        yield 'pot pressure' => [
            'pot',
            'one-big',
            [...$found('soil:light'), 'service' => 'tank', 'shapes' => [self::SIDE]],
            'One big mix with helpers',
            'Lay out many small mixes',
        ];
        yield 'between coats' => [
            'between-coats',
            'pad',
            [...$rusty, 'schools' => ['next-coat' => 'sand-each']],
            'Scuff the film with a red pad',
            'Scuff the film with P320',
        ];
        yield 'unmasking' => ['unmasking', 'wet', $rusty, 'Unmask while wet', 'Unmask'];
        yield 'heat' => [
            'heat-film',
            'aerosol',
            [...$found('soil:light'), ...self::SMALL, 'substrate' => 'aluminium-cast', 'service' => 'heat-300'],
            'Apply coat: High-heat silicone, aerosol',
            'Apply coat: Oven-cured ceramic thin film',
        ];
    }

    /** @param array<int|string, mixed> $change */
    #[DataProvider('questions')]
    #[Group('slow')]
    public function testTheOtherAnswerChangesTheRouteAsExpected(
        string $question,
        string $answer,
        array $change,
        string $gains,
        string $spares,
    ): void {
        $other = $this->find(Yard::workpiece($change), $question, $answer);
        self::assertFalse($other->chosen);
        if ('' !== $gains) {
            self::assertContains($gains, $other->gains, implode(', ', $other->gains));
        }
        if ('' !== $spares) {
            self::assertContains($spares, $other->spares, implode(', ', $other->spares));
        }
        self::assertNotNull($other->figures);
    }

    public function testEveryQuestionIsTried(): void
    {
        self::assertSame(
            [],
            array_values(
                array_diff(
                    array_keys(Yard::catalogue()->schools),
                    array_column(iterator_to_array(self::questions()), 0),
                ),
            ),
        );
    }

    /** @param array<int|string, mixed> $change */
    #[DataProvider('questions')]
    #[Group('slow')]
    public function testOneSideHasAReasonThatNamesThisPart(string $question, string $answer, array $change): void
    {
        $piece = Yard::workpiece($change);
        $words = implode(
            ' ',
            array_merge(
                ...array_map(
                    static fn(Alternative $a): array => [...$a->for, ...$a->against],
                    array_values(
                        array_filter(
                            $this->all($piece),
                            static fn(Alternative $a): bool => $a->school->id === $question,
                        ),
                    ),
                ),
            ),
        );
        $traits = $piece->context->traits;
        $own = [
            $traits->words('{substrate}'),
            $traits->words('{service}'),
            $traits->words('{area}'),
            $traits->words('{temperature}'),
            $traits->words('{humidity}'),
            $traits->words('{finish}'),
        ];
        self::assertNotSame(
            [],
            array_filter($own, static fn(string $w): bool => str_contains(mb_strtolower($words), mb_strtolower($w))),
            $words,
        );
        self::assertStringNotContainsString('{', $words);
    }

    public function testWhatTheGearForbidsIsSaid(): void
    {
        $piece = Yard::workpiece([], ['isocyanate']);
        $around = Surroundings::of(
            Yard::catalogue(),
            new \Hull\Job\Job('X', '', ['bay' => $piece->place], [$piece->part], ['isocyanate']),
            $piece->part,
        );
        $free = (new Alternatives($piece, $around))->otherwise();
        self::assertNotNull($free);
        self::assertStringContainsString('urethane-colour-2k', (string) json_encode($free->steps));
        self::assertStringNotContainsString('urethane-colour-2k', (string) json_encode($piece->plan()->steps));
        self::assertNull((new Alternatives(Yard::workpiece(), Surroundings::none()))->otherwise());
    }

    #[Group('slow')]
    public function testAnAnswerThatNoSystemFollowsIsClosedAndSaysSo(): void
    {
        $oil = $this->find(Yard::workpiece(['finish' => 'show']), 'rust', 'oil');
        self::assertNotSame('', $oil->closed . implode('', $oil->against));
    }

    private function find(Workpiece $piece, string $question, string $answer): Alternative
    {
        foreach ($this->all($piece) as $alternative) {
            if ($alternative->school->id === $question && $alternative->answer->id === $answer) {
                return $alternative;
            }
        }
        self::fail('Nobody asks ' . $question);
    }

    #[Group('slow')]
    public function testOnlyAWayWithSomethingToBeSaidForItIsRanked(): void
    {
        $ranked = 0;
        foreach ($this->all(Yard::workpiece()) as $a) {
            if (null === $a->effort()) {
                continue;
            }
            ++$ranked;
            self::assertSame([false, '', true], [$a->chosen, $a->closed, $a->differs()], $a->answer->id);
            self::assertNotSame([], $a->for, $a->answer->id);
            self::assertGreaterThan(0.0, $a->effort());
        }
        self::assertGreaterThan(0, $ranked);
    }

    /** @return list<Alternative> */
    private function all(Workpiece $piece): array
    {
        return (new Alternatives($piece, Surroundings::none()))->all();
    }

    public function testALargePartIsWorkedInSectionsAndPlannedAsASmallOneIs(): void
    {
        $of = static fn(float $m2): Workpiece => Yard::workpiece([
            'shapes' => [['kind' => 'strip', 'width' => '1 m', 'length' => $m2 . ' m']],
        ]);
        $kinds = static fn(Workpiece $w): array => array_map(
            static fn(RouteStep $s): string => $s->step,
            $w->plan()->steps,
        );
        foreach ([40.0, 60.0, 400.0] as $m2) {
            self::assertSame($kinds($of(12.0)), $kinds($of($m2)), sprintf('%g m2', $m2));
        }
    }
}
