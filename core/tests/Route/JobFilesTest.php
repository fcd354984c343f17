<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Route\Finding;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each rule of order and each interlock: a job file that breaks it is caught with the right reason, its clean twin is
 * not.
 */
final class JobFilesTest extends TestCase
{
    private const REASONS = [
        'rule-01' => ['degrease-before-abrading', 'grease and wax must be off|oil, grease, wax'],
        'rule-02' => ['acid-off-at-once', 'acid must be rinsed off'],
        'rule-03' => ['no-epoxy-over-etch', 'epoxy must not go over acid-etch'],
        'rule-04' => ['no-filler-over-etch', 'filler must not go over self-etch'],
        'rule-05' => ['no-alkyd-on-zinc', 'alkyd or oil film must not go straight on zinc'],
        'rule-06' => ['promoter-on-low-energy', 'adhesion promoter'],
        'rule-07' => ['metal-work-first', 'drilling .* before paint'],
        'rule-08' => ['window-or-abraded', 'inside its recoat window, or abraded'],
        'rule-09' => ['weak-film-sealed', 'sealed with epoxy first'],
        'rule-10' => ['coat-wax-free', 'wax, silicone and dressing'],
        'rule-11' => ['mask-after-washing', 'masking must not be on yet'],
        'rule-12' => ['caustic-only-iron', 'for steel and iron only'],
        'rule-13' => ['oven-inserts', 'rubber, bearings, glue and sealed air'],
        'rule-14' => ['way-out-marked', 'the way off must be marked'],
        'rule-15' => ['wash-before-rubbing', 'washed before it is destained'],
        'rule-16' => ['tested-patch', 'test patch must be made first'],
        'stop-lead-untested' => ['lead-test-first', 'tested for lead'],
        'stop-lead-found' => ['lead-found-wet', 'come off wet'],
        'stop-antifouling' => ['antifouling-wet', 'never be sanded dry'],
        'stop-asbestos' => ['asbestos-first', 'licensed firm'],
        'stop-acid-spring' => ['acid-bath-spring', 'spring'],
        'stop-oven-zinc' => ['oven-zinc', 'zinc must not go above'],
        'stop-oven-spring' => ['oven-spring', 'tempered spring'],
        'stop-oven-flash' => ['oven-flash', 'flashed off before the oven'],
        'stop-vessel-welded' => ['oven-vessel', 'licensed work'],
        'stop-filler-structure' => ['no-filler-on-structure', 'no filler'],
        'stop-soft-beside-bath' => ['soft-off-first', 'off the piece first'],
        'stop-light-metal-in-soda' => ['no-caustic-on-light-metal', 'no aluminium or zinc'],
        'stop-isocyanate' => ['workshop-lacks', 'isocyanate'],
        'lock-bleach-acid' => ['bleach-acid', 'bleach and acid'],
        'lock-bleach-alcohol' => ['bleach-ammonia', 'bleach and ammonia or alcohol'],
        'lock-bleach-peroxide' => ['bleach-peroxide', 'bleach and peroxide'],
        'lock-peroxide-acetone' => ['peroxide-acetone', 'peroxide and acetone'],
        'lock-peroxide-acid' => ['peroxide-acid', 'peroxide and acid'],
        'lock-spark-vapour' => ['spark-vapour', 'no spark or flame'],
        'gate-flame' => ['flame-and-vapour', 'no flame'],
        'gate-confined' => ['confined', 'gas test'],
        'gate-unventilated' => ['ventilate', 'air must move'],
        'gate-electrolysis-air' => ['electrolysis-air', 'open air'],
        'gate-wet-floor' => ['wet-floor-mains', 'residual-current'],
        'gate-vessel' => ['vessel-film-only', 'only cosmetic film'],
        'gate-safety-part' => ['safety-film-only', 'competent person'],
    ];

    /** @return iterable<string, array{string, string, string}> */
    public static function pairs(): iterable
    {
        foreach (self::REASONS as $file => [$need, $words]) {
            yield $file => [$file, $need, $words];
        }
    }

    #[DataProvider('pairs')]
    public function testTheBrokenJobIsCaughtAndItsTwinIsNot(string $file, string $need, string $words): void
    {
        $caught = array_values(
            array_filter($this->findings($file . '.broken'), static fn(Finding $f): bool => $f->needId === $need),
        );
        self::assertNotSame([], $caught, $need . ' was not caught');
        self::assertMatchesRegularExpression('/' . $words . '/i', (string) $caught[0]->says);
        self::assertNotSame('', $caught[0]->consequence);
        self::assertTrue($caught[0]->isInTheWay());
        self::assertSame(str_starts_with($file, 'gate-'), $caught[0]->mayBeTaken);
        $clean = array_map(
            static fn(Finding $f): string => $f->needId . ': ' . $f->says,
            array_filter(
                $this->findings($file . '.clean'),
                static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken,
            ),
        );
        self::assertSame([], $clean);
        self::assertSame(
            [],
            array_filter($this->findings($file . '.clean'), static fn(Finding $f): bool => $f->needId === $need),
        );
    }

    public function testEveryPairIsLookedAtAndEveryFamilyHasOne(): void
    {
        $files = glob(__DIR__ . '/../jobs/*.json');
        self::assertCount(2 * count(self::REASONS), false === $files ? [] : $files);
        foreach (self::REASONS as $file => [$need]) {
            if (str_starts_with($file, 'rule-')) {
                self::assertSame((int) substr($file, 5), Yard::catalogue()->rule($need)?->family, $file);
            }
        }
        self::assertSame(
            [],
            array_diff(
                array_map(static fn(\Hull\Catalog\Interlock $l): string => $l->id, Yard::catalogue()->interlocks),
                array_column(self::REASONS, 0),
            ),
        );
    }

    /** @return list<Finding> */
    private function findings(string $file): array
    {
        $catalogue = Yard::catalogue();
        $job = (new JobReader($catalogue))->job(
            Node::root(json_decode((string) file_get_contents(__DIR__ . '/../jobs/' . $file . '.json'), true)),
        );
        $part = $job->parts[0];
        $piece = Workpiece::of($catalogue, $part, $job->place($part->place), Surroundings::of($catalogue, $job, $part));

        return $piece->check()->findings($piece->surveyed, $piece->route());
    }
}
