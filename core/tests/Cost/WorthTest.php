<?php

declare(strict_types=1);

namespace Hull\Tests\Cost;

use Hull\Bench\RouteFigures;
use Hull\Cost\Worth;
use Hull\Quantity\Duration;
use Hull\Quantity\Money;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class WorthTest extends TestCase
{
    public function testTheRangeHoldsThePlanAndWidensWithWhatIsHidden(): void
    {
        $known = $this->worth(['conditions' => [['id' => 'rust', 'grade' => 'light']]]);
        $hidden = $this->worth([
            'conditions' => [['id' => 'rust', 'grade' => 'light'], ['id' => 'old-coating', 'grade' => 'unknown']],
        ]);
        self::assertLessThan($this->ratio($hidden), $this->ratio($known));
        self::assertLessThan($known->most->minor, $known->least->minor);
        self::assertSame([], $known->hours->outcome->warnings);
        self::assertNotSame([], $hidden->hours->outcome->warnings);
    }

    public function testAWorseGradeCostsMoreAtTheDearEnd(): void
    {
        self::assertLessThan(
            $this->ratio($this->worth(['conditions' => [['id' => 'rust', 'grade' => 'scale']]])),
            $this->ratio($this->worth(['conditions' => [['id' => 'rust', 'grade' => 'light']]])),
        );
    }

    public function testTheVerdictHoldsTheRangeAgainstAnotherOne(): void
    {
        $worth = $this->worth([]);
        $verdict = fn(int $minor): string => $this->worth([], Money::minor($minor))->verdict;
        self::assertStringStartsWith('worth it', $verdict($worth->most->minor));
        self::assertStringStartsWith('a toss-up', $verdict($worth->most->minor - 1));
        self::assertStringStartsWith('a toss-up', $verdict($worth->least->minor));
        self::assertStringStartsWith('not for the money', $verdict($worth->least->minor - 1));
        self::assertSame('', $worth->verdict);
    }

    public function testMoneyIsReadAndWrittenExactly(): void
    {
        foreach (['450' => 45000, '450.5' => 45050, '1 250,00' => 125000, '0.01' => 1] as $text => $minor) {
            self::assertSame($minor, Money::parse((string) $text)?->minor);
            self::assertSame($minor, Money::parse(Money::minor($minor)->text())?->minor);
        }
        foreach (['', '-3', '1.234', '12 GBP', '1e5', '999999999999'] as $text) {
            self::assertNull(Money::parse($text), $text);
        }
    }

    /** @param array<int|string, mixed> $change */
    private function worth(array $change, ?Money $replacement = null): Worth
    {
        $piece = Yard::workpiece($change);

        return Worth::of($piece, RouteFigures::of($piece, $piece->plan()), Money::minor(2800), $replacement);
    }

    private function ratio(Worth $worth): float
    {
        return $worth->hours->quantity('most', Duration::class)->h() /
            $worth->hours->quantity('least', Duration::class)->h();
    }
}
