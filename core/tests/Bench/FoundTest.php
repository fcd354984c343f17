<?php

declare(strict_types=1);

namespace Hull\Tests\Bench;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\Finding;
use Hull\Route\RoutePlanner;
use Hull\Route\StepRunner;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What is found at the bench has the word over what is reckoned; hours and rain act on what the record has. */
final class FoundTest extends TestCase
{
    private const BEGUN = 494_096.0;

    public function testATackyFilmIsLaterInEverythingAndASoftOneInItsNextCoat(): void
    {
        $piece = Yard::workpiece();
        $coat = self::coat($piece);
        $laid = self::until($piece, $coat->key);
        $sheet = self::replay($piece, $laid, 30.0)->coats[0];
        $touch = ($sheet->touchAt ?? 0.0) - self::BEGUN;
        $tacky = self::replay($piece, [...$laid, self::line(EntryKind::StillTacky, $touch + 3.0)], $touch + 3.0);
        $found = $tacky->coats[0];
        self::assertEqualsWithDelta(self::BEGUN + $touch + 3.25, $found->touchAt ?? 0.0, 0.1);
        self::assertGreaterThan($sheet->opensAt, $found->opensAt);
        self::assertGreaterThan($sheet->fullAt, $found->fullAt);
        $soon = self::replay($piece, [...$laid, self::line(EntryKind::StillTacky, 1.0)], 1.5);
        self::assertEqualsWithDelta($sheet->touchAt ?? 0.0, $soon->coats[0]->touchAt ?? 0.0, 0.02, 'as the sheet says');
        $opens = ($sheet->opensAt ?? 0.0) - self::BEGUN;
        $soft = self::replay($piece, [...$laid, self::line(EntryKind::StillSoft, $opens + 2.0)], $opens + 2.0);
        self::assertEqualsWithDelta(self::BEGUN + $opens + 2.25, $soft->coats[0]->opensAt ?? 0.0, 0.1);
    }

    public function testAFailedTestUndoesItsStepAndShowsWhatIsThereStill(): void
    {
        $piece = Yard::workpiece();
        $wipe =
            array_values(
                array_filter($piece->route()->steps, static fn(RouteStep $s): bool => 'white-wipe' === $s->step),
            )[0] ?? self::fail('no white wipe');
        $done = self::until($piece, $wipe->key);
        self::assertSame(1.0, self::replay($piece, $done, 0.1)->state->fact('proved-clean'));
        $failed = self::replay($piece, [...$done, self::line(EntryKind::Failed, 0.2, $wipe->key)], 0.3);
        self::assertSame([0.0, 1.0], [$failed->state->fact('proved-clean'), $failed->state->fact('oil')]);
        self::assertArrayNotHasKey($wipe->key, $failed->finished);
        $steps = array_map(
            static fn(RouteStep $s): string => $s->step,
            (new \Hull\Route\RoutePlanner($piece->context))->mend(
                $failed->state,
                Workpiece::remaining($piece->route(), $failed),
                '',
            )->steps,
        );
        self::assertLessThan(
            array_search('white-wipe', $steps, true),
            min([99, ...array_keys(array_filter($steps, static fn(string $s): bool => str_contains($s, 'degrease')))]),
        );
    }

    public function testRainUndoesWipeAndMaskingOutdoorsAndTheWindDriesItAgain(): void
    {
        $piece = Yard::workpiece();
        $wipe =
            array_values(
                array_filter(
                    $piece->route()->steps,
                    static fn(RouteStep $s): bool => str_contains($s->step, 'wipe') && 'white-wipe' !== $s->step,
                ),
            )[0] ?? self::fail('no last wipe');
        $done = self::until($piece, $wipe->key);
        $facts = static fn(Replayed $r): array => [
            $r->state->fact('wiped'),
            $r->state->fact('masked'),
            $r->state->fact('wet'),
        ];
        $dry = self::series(null);
        self::assertSame([1.0, 1.0, 0.0], $facts(self::replay($piece, $done, 0.9, $dry)));
        self::assertSame([0.0, 1.0, 0.0], $facts(self::replay($piece, $done, 1.1, $dry)), 'an hour indoors');
        $open = self::series([]);
        self::assertSame([0.0, 1.0, 0.0], $facts(self::replay($piece, $done, 0.6, $open)), 'half of one outdoors');
        $rain = self::series([(int) self::BEGUN + 1]);
        self::assertSame([0.0, 0.0, 1.0], $facts(self::replay($piece, $done, 2.5, $rain)));
        self::assertSame([0.0, 0.0, 0.0], $facts(self::replay($piece, $done, 9.0, $rain)), 'the wind has dried it');
        $wet = self::replay($piece, [...$done, self::line(EntryKind::StillWet, 9.0)], 9.1, $rain);
        self::assertSame(1.0, $wet->state->fact('wet'), 'the hand has the word');
        self::assertSame(
            0.0,
            self::replay($piece, [...$done, self::line(EntryKind::StillWet, 9.0)], 11.5, $rain)->state->fact('wet'),
        );
    }

    public function testRainOnAPrimerBeforeItIsSafeIsAFaultThatIsSandedOut(): void
    {
        $piece = Yard::workpiece();
        $coat = self::coat($piece);
        $done = self::until($piece, $coat->key);
        $rain = self::series([(int) self::BEGUN + 1]);
        $safe = (self::replay($piece, $done, 0.5, $rain)->coats[0]->rainSafeAt ?? 0.0) - self::BEGUN;
        self::assertGreaterThan(2.0, $safe);
        self::assertSame([0.0, []], self::marks(self::replay($piece, $done, 0.9, $rain)), 'it has not come yet');
        [$level, $findings] = self::marks($marked = self::replay($piece, $done, 3.0, $rain));
        self::assertSame([1.0, 1], [$level, count($findings)]);
        self::assertSame($coat->key, $findings[0]->stepKey);
        self::assertStringStartsWith('Rain reached it 1 h after it was laid; it stands', (string) $findings[0]->says);
        self::assertContains('weather-marked', $marked->undone);
        $remaining = Workpiece::remaining($piece->route(), $marked);
        $steps = array_map(
            static fn(RouteStep $s): string => $s->step . ':' . $s->product,
            (new RoutePlanner($piece->context))->mend($marked->state, $remaining, '')->steps,
        );
        self::assertLessThan(
            array_search('apply-coat:' . $coat->product, $steps, true),
            array_search('sand-marks:', $steps, true),
        );
        $coats = array_filter($steps, static fn(string $s): bool => str_starts_with($s, 'apply-coat:'));
        $before = array_filter($remaining, static fn(RouteStep $s): bool => 'apply-coat' === $s->step);
        self::assertCount(count($before), $coats, 'the next coat covers it');
    }

    public function testATopcoatThatRainHasMarkedIsSandedDownAndLaidAgain(): void
    {
        $piece = Yard::workpiece();
        $colours = array_values(
            array_filter(
                $piece->route()->steps,
                static fn(RouteStep $s): bool => str_starts_with((string) $s->product, 'urethane-colour'),
            ),
        );
        self::assertCount(2, $colours);
        $rain = self::series([(int) self::BEGUN + 1]);
        foreach ([[$colours[0]->key, 2], [$colours[1]->key, 1]] as [$laid, $left]) {
            $marked = self::replay($piece, self::until($piece, $laid, 6.0), 3.0, $rain);
            $remaining = Workpiece::remaining($piece->route(), $marked);
            $steps = array_map(
                static fn(RouteStep $s): string => $s->step,
                (new RoutePlanner($piece->context))->mend($marked->state, $remaining, '')->steps,
            );
            self::assertContains('sand-down-marked', $steps);
            self::assertCount($left, array_keys($steps, 'apply-coat', true));
        }
    }

    public function testOfTwoEqualCoatsTheOneThatComesOffIsLaidAgainToo(): void
    {
        $piece = Yard::workpiece();
        $first = self::coat($piece);
        $laid = self::replay($piece, self::until($piece, $first->key), 30.0);
        $remaining = Workpiece::remaining($piece->route(), $laid);
        $mended = (new RoutePlanner($piece->context))->mend($laid->state->with('doubtful-bond', 1.0), $remaining, '');
        $coats = array_filter($mended->steps, static fn(RouteStep $s): bool => $s->product === $first->product);
        self::assertCount(2, $coats, 'the one that was laid and the one that was to come');
        self::assertSame([], $piece->check()->findings($laid->state->with('doubtful-bond', 1.0), $mended));
    }

    public function testRainAfterItsHoursOrUnderARoofLeavesNothing(): void
    {
        $piece = Yard::workpiece();
        $done = self::until($piece, self::coat($piece)->key);
        $safe = (self::replay($piece, $done, 0.5)->coats[0]->rainSafeAt ?? 0.0) - self::BEGUN;
        $late = self::series([(int) (self::BEGUN + ceil($safe))]);
        self::assertSame([0.0, []], self::marks(self::replay($piece, $done, $safe + 3.0, $late)));
        self::assertSame([0.0, []], self::marks(self::replay($piece, $done, $safe + 3.0)));
        $just = self::series([(int) (self::BEGUN + floor($safe))]);
        self::assertSame(1.0, self::marks(self::replay($piece, $done, $safe + 3.0, $just))[0]);
    }

    public function testWhoLooksAndFindsNothingHasTheWordUntilItRainsAgain(): void
    {
        $piece = Yard::workpiece();
        $done = self::until($piece, self::coat($piece)->key);
        $looked = [...$done, self::line(EntryKind::Unharmed, 2.2)];
        $once = self::series([(int) self::BEGUN + 1]);
        self::assertSame([0.0, []], self::marks(self::replay($piece, $looked, 3.0, $once)));
        $twice = self::series([(int) self::BEGUN + 1, (int) self::BEGUN + 3]);
        [$level, $findings] = self::marks(self::replay($piece, $looked, 4.0, $twice));
        self::assertSame([1.0, 1], [$level, count($findings)]);
        self::assertStringContainsString('3 h after', (string) $findings[0]->says);
    }

    public function testRainWhileItIsLaidAndAFilmThatWasSlowerThanItsSheetCountToo(): void
    {
        $piece = Yard::workpiece();
        $coat = self::coat($piece);
        $done = array_slice(self::until($piece, $coat->key), 0, -1);
        $done[] = self::line(EntryKind::Start, 0.1, $coat->key);
        $done[] = self::line(EntryKind::Finish, 2.5, $coat->key);
        $rain = self::series([(int) self::BEGUN + 1]);
        $says = self::marks(self::replay($piece, $done, 3.0, $rain))[1][0]->says;
        self::assertStringContainsString('while it was laid', (string) $says);
        $laid = self::until($piece, $coat->key);
        $safe = (self::replay($piece, $laid, 0.5)->coats[0]->rainSafeAt ?? 0.0) - self::BEGUN;
        $after = ceil($safe);
        $rain = self::series([(int) (self::BEGUN + $after)]);
        $tacky = [...$laid, self::line(EntryKind::StillTacky, $after + 2.0)];
        self::assertSame(0.0, self::marks(self::replay($piece, $laid, $after + 3.0, $rain))[0]);
        self::assertSame(1.0, self::marks(self::replay($piece, $tacky, $after + 3.0, $rain))[0]);
    }

    /** What rain can spoil can be made good: each film in one way, by what it is. */
    public function testEveryFilmThatTheWeatherHasMarkedHasItsOneRemedy(): void
    {
        $runner = new StepRunner(Yard::workpiece()->context);
        $remedies = ['sand-marks', 'sand-down-marked', 'wipe-off-coat'];
        $by = [];
        foreach (Yard::catalogue()->products as $product) {
            if (null === $product->cure) {
                continue;
            }
            $film = Film::fresh($product, $product->dft)->standing(FilmPhase::Open);
            $state = SurfaceState::of('carbon-steel', ['weather-marked' => 1.0])->lay($film);
            $ways = [];
            foreach ($remedies as $step) {
                $own = Yard::catalogue()->step($step)->needs;
                $ways =
                    [] === array_filter($own, static fn(Precondition $n): bool => !$n->predicate->holds($state))
                        ? [...$ways, $step]
                        : $ways;
            }
            self::assertCount(1, $ways, $product->id);
            $after = $runner->effects(new RouteStep('', $ways[0]), $state);
            self::assertSame(0.0, $after->fact('weather-marked'), $product->id);
            self::assertCount('sand-marks' === $ways[0] ? 1 : 0, $after->films, $product->id);
            $by[$product->id] = $ways[0];
        }
        foreach (
            [
                'epoxy-primer-2k' => 'sand-marks',
                'urethane-colour-2k' => 'sand-down-marked',
                'cavity-wax' => 'wipe-off-coat',
                'elastomeric-roof' => 'wipe-off-coat',
            ]
            as $product => $way
        ) {
            self::assertSame($way, $by[$product] ?? '', $product);
        }
    }

    /** @return array{float, list<Finding>} how much the weather has left on it, and what is said of that */
    private static function marks(Replayed $replayed): array
    {
        return [
            $replayed->state->fact('weather-marked'),
            array_values(array_filter($replayed->findings, static fn(Finding $f): bool => 'weather' === $f->needId)),
        ];
    }

    /** @param list<int>|null $rain hours; null for indoors */
    private static function series(?array $rain): ClimateSeries
    {
        $air = Air::of(Temperature::celsius(20.0), RelativeHumidity::percent(50));

        return ClimateSeries::of([[self::BEGUN - 10.0, $air]], $rain);
    }

    private static function coat(Workpiece $piece): RouteStep
    {
        foreach ($piece->route()->steps as $step) {
            if ('apply-coat' === $step->step) {
                return $step;
            }
        }
        self::fail('no coat');
    }

    /** @return list<LogEntry> everything up to a step, which was finished at the beginning, coats so long before it */
    private static function until(Workpiece $piece, string $key, float $apart = 0.0): array
    {
        [$lines, $hours, $hour] = [[], [], 0.0];
        foreach ($piece->route()->steps as $step) {
            $hours[] = $hour += 'apply-coat' === $step->step ? $apart : 0.0;
            $lines[] = self::line(EntryKind::Finish, 0.0, $step->key);
            if ($step->key === $key) {
                return array_map(
                    static fn(LogEntry $l, int $i): LogEntry => self::line($l->kind, $hours[$i] - $hour, $l->stepKey),
                    $lines,
                    array_keys($lines),
                );
            }
        }
        self::fail('no such step');
    }

    private static function line(EntryKind $kind, float $hour, ?string $step = null): LogEntry
    {
        return new LogEntry(
            id: implode('/', [$kind->value, $hour, $step ?? '']),
            kind: $kind,
            stepKey: $step,
            at: new \DateTimeImmutable('@' . (int) round((self::BEGUN + $hour) * 3600.0)),
            air: null,
            note: '',
            corrects: null,
        );
    }

    /** @param list<LogEntry> $log */
    private static function replay(Workpiece $piece, array $log, float $hour, ?ClimateSeries $air = null): Replayed
    {
        $part = $piece->part->with($piece->route(), $log);

        return Workpiece::of(Yard::catalogue(), $part, $piece->place)->replay(
            new \DateTimeImmutable('@' . (int) round((self::BEGUN + $hour) * 3600.0)),
            $air ?? self::series(null),
        );
    }
}
