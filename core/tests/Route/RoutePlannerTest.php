<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Job\RouteStep;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Tests\Draw;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class RoutePlannerTest extends TestCase
{
    public function testARustedOilyFrameIsWorkedInTheOrderOfTheTrade(): void
    {
        $route = Yard::workpiece()->plan();
        self::assertSame(
            'photograph dry-clean alkaline-degrease rinse air-dry scrape white-wipe strip-discs blow-off ' .
                'mask final-wipe apply-coat:epoxy-primer-2k wait-recoat apply-coat:epoxy-primer-2k wait-recoat ' .
                'apply-coat:urethane-colour-2k wait-recoat apply-coat:urethane-colour-2k wait-touch unmask ' .
                'wait-full inspect hand-over',
            implode(
                ' ',
                array_map(
                    static fn(RouteStep $s): string => $s->step . (null === $s->product ? '' : ':' . $s->product),
                    $route->steps,
                ),
            ),
        );
    }

    public function testSaltIsWashedOutBeforeAnythingIsSanded(): void
    {
        $steps = $this->steps([
            'conditions' => [['id' => 'salt', 'grade' => 'heavy'], ['id' => 'rust', 'grade' => 'scale']],
        ]);
        self::assertLessThan(array_search('scrape', $steps, true), array_search('salt-wash', $steps, true));
    }

    public function testOnlyWhatFitsIntoTheTankIsCleanedInIt(): void
    {
        $casting = fn(string $length): array => $this->steps([
            'substrate' => 'aluminium-cast',
            'conditions' => [['id' => 'oil', 'grade' => 'heavy'], ['id' => 'soil', 'grade' => 'light']],
            'shapes' => [['kind' => 'box-section', 'width' => '1 cm', 'height' => '1 cm', 'length' => $length]],
        ]);
        self::assertContains('ultrasonic-clean', $casting('15 cm'));
        self::assertContains('ultrasonic-clean', $casting('50 cm'));
        self::assertNotContains('ultrasonic-clean', $casting('51 cm'));
    }

    /** A motor sparks and a disc heats: vessels and springs are rubbed and sanded by hand. */
    public function testNoMachineComesNearAVesselOrASpring(): void
    {
        foreach (['fuel-vessel', 'spring-steel'] as $hazard) {
            foreach (['carbon-steel', 'aluminium-wrought'] as $metal) {
                if ('spring-steel' === $hazard && 'carbon-steel' !== $metal) {
                    continue;
                }
                $steps = $this->steps([
                    'substrate' => $metal,
                    'conditions' => [
                        ['id' => $hazard, 'grade' => 'yes'],
                        'carbon-steel' === $metal
                            ? ['id' => 'rust', 'grade' => 'scale', 'extent' => '40 %']
                            : ['id' => 'white-corrosion', 'grade' => 'bloom'],
                        ['id' => 'oil', 'grade' => 'light'],
                    ],
                    'schools' => ['removing' => 'mechanical'],
                ]);
                self::assertContains('carbon-steel' === $metal ? 'hand-sand-metal' : 'hand-sand-light-metal', $steps);
                self::assertSame([], array_intersect(['sand-p80', 'sand-light-metal', 'strip-discs'], $steps));
                self::assertSame(
                    [],
                    'fuel-vessel' === $hazard ? array_intersect(['blast', 'force-dry', 'wire-wheel'], $steps) : [],
                );
            }
        }
    }

    /** Bloom is washed off; where the plating is through it is not dressed up but replaced, and not washed before. */
    public function testPlatingIsWashedOrReplaced(): void
    {
        $hardware = fn(string $condition, string $grade): array => $this->steps([
            'substrate' => 'plated-hardware',
            'conditions' => [['id' => $condition, 'grade' => $grade], ['id' => 'oil', 'grade' => 'light']],
            'schools' => [],
        ]);
        self::assertContains('plating-wash', $hardware('white-corrosion', 'bloom'));
        self::assertNotContains('replace-hardware', $hardware('white-corrosion', 'bloom'));
        foreach ([['white-corrosion', 'pitted'], ['rust', 'flash'], ['rust', 'light'], ['rust', 'pitted']] as $found) {
            $steps = $hardware(...$found);
            self::assertContains('replace-hardware', $steps, implode(' ', $found));
            self::assertSame([], array_intersect(['detergent-wash', 'plating-wash', 'oil-film'], $steps));
        }
    }

    /** Sanded on the bare metal the filler's edge would be cut through the conversion coat, and the dust burns. */
    public function testMagnesiumIsFilledOverItsPrimer(): void
    {
        $steps = $this->steps([
            'substrate' => 'magnesium',
            'conditions' => [['id' => 'white-corrosion', 'grade' => 'pitted']],
        ]);
        self::assertNotContains('putty-pits', $steps);
        self::assertLessThan(
            array_search('putty-over-primer', $steps, true),
            array_search('apply-coat', $steps, true),
            implode(', ', $steps),
        );
    }

    public function testLightScratchesComeOutOfGlassAndACrackedPaneIsWashedBeforeItIsCemented(): void
    {
        $glass = fn(string $grade): array => $this->steps([
            'substrate' => 'glass',
            'conditions' => [['id' => 'scratches', 'grade' => $grade]],
        ]);
        self::assertContains('glass-polish', $glass('light'));
        self::assertContains('live-with-glass', $glass('deep'));
        $pane = $this->steps([
            'substrate' => 'clear-plastic',
            'conditions' => [['id' => 'cracks', 'grade' => 'hair']],
        ]);
        self::assertLessThan(
            array_search('crack-stop-clear', $pane, true),
            array_search('detergent-wash', $pane, true),
            implode(', ', $pane),
        );
    }

    /** What is blasted first is plugged for it; the plugs are out for the weld, and in again for the paint. */
    public function testPlugsAreOutWhileItIsWelded(): void
    {
        $steps = $this->steps([
            'conditions' => [
                ['id' => 'weld-due', 'grade' => 'due'],
                ['id' => 'bores', 'grade' => 'open'],
                ['id' => 'rust', 'grade' => 'scale'],
            ],
            'schools' => ['removing' => 'blast'],
        ]);
        self::assertContains('weld', $steps);
        $in = false;
        foreach ($steps as $step) {
            $in = ['plug-bores' => true, 'pull-plugs' => false][$step] ?? $in;
            self::assertFalse($in && 'weld' === $step, implode(', ', $steps));
        }
    }

    public function testUntestedPaintIsTestedBeforeDryAbrading(): void
    {
        $steps = $this->steps([
            'conditions' => [
                ['id' => 'untested-paint', 'grade' => 'untested'],
                ['id' => 'old-coating', 'grade' => 'sound'],
            ],
        ]);
        self::assertLessThan(array_search('scuff-old', $steps, true), array_search('lead-test', $steps, true));
    }

    public function testTheSchoolChangesTheWayButNotTheEnd(): void
    {
        $bare = $this->steps([]);
        $convert = $this->steps(['schools' => ['rust' => 'convert']]);
        $blast = $this->steps(['schools' => ['removing' => 'blast']]);
        self::assertContains('strip-discs', $bare);
        self::assertContains('convert-rust', $convert);
        self::assertNotContains('strip-discs', $convert);
        self::assertContains('blast', $blast);
        self::assertNotContains('scrape', $blast);
        self::assertSame('hand-over', $bare[count($bare) - 1]);
        self::assertSame('hand-over', $convert[count($convert) - 1]);
    }

    public function testTheServiceChoosesTheFilms(): void
    {
        self::assertStringContainsString(
            'epoxy-mastic',
            (string) json_encode(
                Yard::workpiece(['service' => 'underbody', 'schools' => ['underbody' => 'film-build']])->plan()->steps,
            ),
        );
        self::assertStringContainsString(
            'alkyd-primer',
            (string) json_encode(Yard::workpiece(['service' => 'interior'])->plan()->steps),
        );
    }

    public function testTheOrderOfWorkDoesNotHangOnTheColdOfThePlaceButTheCheckNamesIt(): void
    {
        $cold = Yard::workpiece(['place' => 'shed']);
        $route = $cold->plan();
        self::assertEquals(Yard::workpiece()->plan(), $route);
        $said = array_map(static fn(Finding $f): string => (string) $f->consequence, $cold->findings($route));
        self::assertContains('At 4 °C and 90 % it never gets there.', $said);
    }

    public function testTheSameInputGivesTheSameRoute(): void
    {
        self::assertEquals(Yard::workpiece()->plan(), Yard::workpiece()->plan());
    }

    /** @return iterable<string, array{array<int|string, mixed>}> every mix of grades, schools, services */
    public static function parts(): iterable
    {
        $catalogue = Yard::catalogue();
        for ($i = 0; $i < 120; ++$i) {
            $draw = new Draw('part ' . $i);
            $substrate = $catalogue->substrate($draw->pick('substrate', $catalogue->substrates));
            $conditions = [];
            foreach ($catalogue->conditions as $condition) {
                if ($substrate->isOf($condition->families) && $draw->chance($condition->id, 4)) {
                    $grade = $draw->pick('grade of ' . $condition->id, $condition->grades);
                    $conditions[] = ['id' => $condition->id, 'grade' => $grade, 'extent' => '50 %'];
                }
            }
            $schools = [];
            foreach ($catalogue->schools as $school) {
                if ($substrate->isOf($school->families) && $draw->chance($school->id, 2)) {
                    $schools[$school->id] = $draw->pick('answer to ' . $school->id, $school->answers);
                }
            }
            $suits = static fn(\Hull\Catalog\Service $s): bool => $s->suits($substrate);
            yield 'part ' . $i . ' of ' . $substrate->id => [
                [
                    'substrate' => $substrate->id,
                    'conditions' => $conditions,
                    'service' => $draw->pick('service', array_filter($catalogue->services, $suits)),
                    'finish' => $draw->pick('finish', $catalogue->finishes),
                    'water_lies' => $draw->pick('water lies', Yard::table('drying')->figures()),
                    'schools' => $schools,
                ],
            ];
        }
    }

    /** @param array<int|string, mixed> $change */
    #[DataProvider('parts')]
    #[Group('slow')]
    public function testEveryPlanPassesTheChecker(array $change): void
    {
        try {
            $workpiece = Yard::workpiece($change);
            $route = $workpiece->plan();
        } catch (NoRoute $e) {
            self::fail($e->getMessage());
        }
        self::assertSame(
            [],
            array_map(
                static fn(Finding $f): string => $f->stepName . ': ' . $f->says,
                array_filter(
                    $workpiece->check()->findings($workpiece->surveyed, $route),
                    static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken,
                ),
            ),
        );
    }

    /**
     * @param array<int|string, mixed> $change
     *
     * @return list<string>
     */
    private function steps(array $change): array
    {
        return array_map(static fn(RouteStep $s): string => $s->step, Yard::workpiece($change)->plan()->steps);
    }
}
