<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Route\Cause;
use Hull\Route\Finding;
use Hull\Route\Severity;
use PHPUnit\Framework\TestCase;

/** What only warns and strikes again is said once, with where it strikes again; what stands in the way at each step. */
final class CauseTest extends TestCase
{
    public function testAWarningIsSaidAtItsFirstStep(): void
    {
        $once = Cause::once([
            self::finding('a', 'climate', 'too cold'),
            self::finding('a', 'climate', 'too damp'),
            self::finding('b', 'climate', 'too cold'),
            self::finding('c', 'climate', 'too cold'),
            self::finding(null, 'climate', 'too cold'),
        ]);
        self::assertSame([['b', 'c'], [], [], [], []], array_column($once, 1));
        self::assertSame([false, false, true, true, false], array_column($once, 2));
    }

    public function testWhatStandsInTheWayIsSaidAtEach(): void
    {
        $once = Cause::once([
            self::finding('a', 'dry', 'it is wet', Severity::Broken),
            self::finding('b', 'dry', 'it is wet', Severity::Broken),
        ]);
        self::assertSame([[], []], array_column($once, 1));
        self::assertSame([false, false], array_column($once, 2));
    }

    private static function finding(
        ?string $step,
        string $need,
        string $consequence,
        Severity $severity = Severity::Caution,
    ): Finding {
        return new Finding(
            stepKey: $step,
            stepName: 'step',
            needId: $need,
            says: 'says',
            consequence: $consequence,
            source: '',
            severity: $severity,
        );
    }
}
