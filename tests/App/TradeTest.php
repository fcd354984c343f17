<?php

declare(strict_types=1);

namespace App\Tests\App;

/** A job bought to be sold: what is left of it, said, refused and carried along in the job file. */
final class TradeTest extends ApiCase
{
    private string $job = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job] = $this->part();
    }

    public function testWhatIsSoldForIsHeldAgainstAllThatIsPaid(): void
    {
        self::assertSame('', self::text($this->earnings(), 'left'), 'not for sale');
        $this->say('120', '2 450.50');
        self::assertSame(204, $this->code());
        $earnings = $this->earnings();
        self::assertSame(['120.00', '2450.50'], [self::text($earnings, 'bought'), self::text($earnings, 'sale')]);
        self::assertMatchesRegularExpression(
            '/^2.451 − 120 paid for it − \d+ of materials/u',
            self::text($earnings, 'how'),
        );
        self::assertMatchesRegularExpression('/^\d/', self::text($earnings, 'hour'));
        $this->say('120', '10');
        self::assertStringStartsWith('−', self::text($this->earnings(), 'left'));
        self::assertStringContainsString('loses money', self::text($this->earnings(), 'says'));
        $this->say('', '');
        self::assertSame(['', ''], [self::text($this->earnings(), 'bought'), self::text($this->earnings(), 'left')]);
    }

    public function testWhatIsNoAmountIsRefusedAtItsFieldAndNothingIsKept(): void
    {
        $this->say('120', '900');
        foreach ([['a lot', '900', '/bought'], ['120', '-3', '/sale'], ['120', '1e9', '/sale']] as $wrong) {
            [$bought, $sale, $pointer] = $wrong;
            $refused = $this->say($bought, $sale);
            self::assertSame(422, $this->code());
            self::assertSame($pointer, self::text($refused, 'errors', 0, 'pointer'));
        }
        self::assertSame('900.00', self::text($this->earnings(), 'sale'));
    }

    public function testItGoesAlongInTheJobFile(): void
    {
        $this->say('120', '900');
        $file = $this->call('GET', "/api/jobs/{$this->job}/file");
        self::assertSame(['120.00', '900.00'], [self::text($file, 'bought'), self::text($file, 'sale')]);
        $this->job = self::text($this->call('POST', '/api/jobs/import', $file), 'id');
        self::assertSame('900.00', self::text($this->earnings(), 'sale'));
    }

    private function say(string $bought, string $sale): mixed
    {
        return $this->call('PUT', "/api/jobs/{$this->job}/trade", ['bought' => $bought, 'sale' => $sale]);
    }

    private function earnings(): mixed
    {
        return self::at($this->call('GET', "/api/jobs/{$this->job}/quantities"), 'worth', 'earnings');
    }
}
