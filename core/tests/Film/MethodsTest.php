<?php

declare(strict_types=1);

namespace Hull\Tests\Film;

use Hull\Film\Methods;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which way a product is put on: as wanted, as the part is painted, as it has to be. */
final class MethodsTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<string|null>, list<string>, string}> */
    public static function products(): iterable
    {
        yield 'as the part is painted' => [['epoxy'], ['roller'], [], 'roller'];
        yield 'as wanted before that' => [['epoxy'], ['brush', 'roller'], [], 'brush'];
        yield 'nothing wanted' => [['epoxy'], [null], [], 'brush'];
        yield 'a can from the can' => [['enamel', 'aerosol'], ['brush'], [], 'aerosol'];
        yield 'no tin from a can' => [['enamel'], ['aerosol'], [], 'brush'];
        yield 'what is sprayed is not brushed' => [['urethane'], [null, 'brush'], ['spray-gun', 'isocyanate'], 'hvlp'];
        yield 'nor rolled on somebody\'s word' => [['urethane'], ['roller', 'brush'], ['spray-gun'], 'hvlp'];
        yield 'any gun sprays it' => [['urethane'], [null, 'airless'], ['spray-gun'], 'airless'];
        yield 'another need says nothing of it' => [
            ['epoxy', 'zinc-rich'],
            ['brush'],
            ['blast', 'compressor'],
            'brush',
        ];
        yield 'what is made for it before any gun' => [['liner'], ['brush'], ['spray-gun'], 'liner-gun'];
        yield 'a liner without one by hand' => [['liner'], ['brush'], [], 'brush'];
        yield 'wax into cavities' => [['cavity'], ['cavity-wand'], [], 'cavity-wand'];
    }

    /**
     * @param list<string> $tags
     * @param list<string|null> $wanted
     * @param list<string> $requires
     */
    #[DataProvider('products')]
    public function testAProductIsPutOnAsItHasToBe(array $tags, array $wanted, array $requires, string $by): void
    {
        self::assertSame($by, Yard::catalogue()->methods->for($tags, $wanted, $requires)->id);
    }

    public function testWhatIsSprayedIsInTheAirByAnyName(): void
    {
        $methods = Yard::catalogue()->methods;
        self::assertTrue($methods->spray('aerosol', []));
        self::assertTrue($methods->spray('liner-gun', ['spray-gun']));
        self::assertFalse($methods->spray('brush', ['compressor']));
    }

    public function testWhatNothingLaysIsSaid(): void
    {
        $this->expectException(\LogicException::class);
        (new Methods(['aerosol' => Yard::catalogue()->methods->get('aerosol')], []))->for(['epoxy'], []);
    }
}
