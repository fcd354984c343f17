<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Catalog\Step;
use Hull\Route\Verdict;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** How what lies between two films is said in a word. */
final class VerdictTest extends TestCase
{
    public function testInTheWindowWhatIsDoneInItCounts(): void
    {
        self::assertSame(Verdict::STRAIGHT, self::verdict(['wait-recoat'], ['scuff'])->answer());
        self::assertSame(Verdict::ABRADED, self::verdict(['scuff', 'blow-off'], ['scuff'])->answer());
        self::assertSame(Verdict::ABRADED, self::verdict(['chrome-rub'], null)->answer(), 'gently, too');
    }

    /** A way that begins with waiting for full cure is none in the window. */
    public function testAfterFullCureOnly(): void
    {
        self::assertSame(Verdict::CURED, self::verdict(['wait-full', 'scuff'], ['scuff'])->answer());
        self::assertSame(Verdict::CURED, self::verdict(['oven-cure', 'scuff'], ['scuff'])->answer(), 'by the oven');
        self::assertSame(Verdict::CURED, self::verdict(null, ['scuff'])->answer());
        self::assertSame(Verdict::CURED, self::verdict(null, [])->answer());
    }

    public function testNoWayIsNo(): void
    {
        self::assertSame(Verdict::NO, self::verdict(null, null)->answer());
    }

    /**
     * @param list<string>|null $fresh
     * @param list<string>|null $cured
     */
    private static function verdict(?array $fresh, ?array $cured): Verdict
    {
        return new Verdict(self::steps($fresh), self::steps($cured), []);
    }

    /**
     * @param list<string>|null $ids
     *
     * @return list<Step>|null
     */
    private static function steps(?array $ids): ?array
    {
        return null === $ids ? null : array_map(static fn(string $id): Step => Yard::catalogue()->step($id), $ids);
    }
}
