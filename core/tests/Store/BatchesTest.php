<?php

declare(strict_types=1);

namespace Hull\Tests\Store;

use Hull\Store\Batches;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said where batches of a colour meet. */
final class BatchesTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>, string}> product, laid, from, what is said */
    public static function cases(): iterable
    {
        $colour = 'urethane-colour-2k';
        yield 'one batch' => [$colour, ['A'], ['A'], ''];
        yield 'nothing laid, one batch' => [$colour, [], ['A', 'A'], ''];
        yield 'nothing laid, two batches' => [$colour, [], ['A', 'B'], 'batches A and B. Pour them together'];
        yield 'three' => [$colour, [''], ['A', 'B', 'C'], 'batches A, B and C. Pour them together'];
        yield 'another than what lies there' => [$colour, ['A'], ['A', 'B'], 'lies batch A, on the shelf is B.'];
        yield 'nobody wrote it down' => [$colour, [''], ['', 'A'], ''];
        yield 'a primer is not seen' => ['epoxy-primer-2k', ['A'], ['B'], ''];
    }

    /**
     * @param list<string> $laid
     * @param list<string> $from
     */
    #[DataProvider('cases')]
    public function testItIsSaid(string $product, array $laid, array $from, string $says): void
    {
        $said = Batches::says(Yard::catalogue()->product($product), $laid, $from);
        '' === $says ? self::assertSame('', $said) : self::assertStringContainsString($says, (string) $said);
    }
}
