<?php

declare(strict_types=1);

namespace Hull\Tests\Cost;

use Hull\Board\Shopping;
use Hull\Cost\Worth;
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
        self::assertSame([], $known->hours?->outcome->warnings);
        self::assertNotSame([], $hidden->hours?->outcome->warnings);
    }

    public function testAWorseGradeCostsMoreAtTheDearEnd(): void
    {
        self::assertLessThan(
            $this->ratio($this->worth(['conditions' => [['id' => 'rust', 'grade' => 'scale']]])),
            $this->ratio($this->worth(['conditions' => [['id' => 'rust', 'grade' => 'light']]])),
        );
    }

    public function testMaterialsAreWholeTinsAsTheShoppingListHasThem(): void
    {
        $piece = Yard::workpiece([]);
        $worth = Worth::of($piece, null, null);
        $done = $piece->notBegun()->replay(new \DateTimeImmutable('@0'));
        $list = Shopping::of(Yard::catalogue(), [$piece->notBegun()], [$done]);
        self::assertSame($list->price()->minor, $worth->material->minor);
        self::assertSame($worth->material->minor + $worth->fees->minor, $worth->least->minor);
        self::assertSame($worth->least->minor, $worth->most->minor, 'tins do not shrink with luck');
    }

    public function testPartsTogetherShareTheirTins(): void
    {
        $piece = Yard::workpiece([]);
        $one = Worth::of($piece, null, null);
        $two = Worth::together([$piece, $piece], null, null);
        self::assertLessThan(2 * $one->material->minor, $two->material->minor);
        self::assertEqualsWithDelta(2 * $one->mostHours->h(), $two->mostHours->h(), 1e-9);
    }

    public function testWhatOthersDoIsAFee(): void
    {
        $piece = Yard::workpiece(['conditions' => [['id' => 'asbestos', 'grade' => 'presumed']]]);
        self::assertSame(25000, Worth::of($piece, null, null)->fees->minor);
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
        return Worth::of(Yard::workpiece($change), Money::minor(2800), $replacement);
    }

    private function ratio(Worth $worth): float
    {
        return $worth->mostHours->h() / $worth->leastHours->h();
    }
}
