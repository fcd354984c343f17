<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Catalog\FactTable;
use Hull\Catalog\PredicateReader;
use Hull\Climate\Air;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Surface\Film;
use Hull\Surface\Predicate;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PredicateTest extends TestCase
{
    /**
     * @return iterable<string, array{array<int|string, mixed>, array<int|string, float>, float|null, bool}> predicate,
     *     facts,
     *     hours since an epoxy coat, holds
     */
    public static function questions(): iterable
    {
        yield 'at most, absent' => [['fact' => 'oil', 'max' => 0], [], null, true];
        yield 'at most, over' => [['fact' => 'oil', 'max' => 0], ['oil' => 1.0], null, false];
        yield 'at least, absent' => [['fact' => 'masked', 'min' => 1], [], null, false];
        yield 'at least, there' => [['fact' => 'masked', 'min' => 1], ['masked' => 1.0], null, true];
        yield 'between, on the edge' => [['fact' => 'grit', 'min' => 60, 'max' => 180], ['grit' => 180.0], null, true];
        yield 'between, beyond' => [['fact' => 'grit', 'min' => 60, 'max' => 180], ['grit' => 240.0], null, false];
        yield 'no film wanted, none there' => [['film' => ['none']], [], null, true];
        yield 'no film wanted, one there' => [['film' => ['none']], [], 1.0, false];
        yield 'wet' => [['film' => ['wet']], [], 1.0, true];
        yield 'tacky' => [['film' => ['tacky']], [], 2.5, true];
        yield 'open' => [['film' => ['open']], [], 10.0, true];
        yield 'lapsed' => [['film' => ['lapsed']], [], 80.0, true];
        yield 'cured' => [['film' => ['cured']], [], 200.0, true];
        yield 'a cured film is past its window too' => [['film' => ['lapsed']], [], 200.0, true];
        yield 'touch dry not yet' => [['film_past' => 'touch'], [], 1.0, false];
        yield 'touch dry' => [['film_past' => 'touch'], [], 2.5, true];
        yield 'nothing to wait for' => [['film_past' => 'full'], [], null, true];
        yield 'of a kind' => [['top' => ['primer']], [], 1.0, true];
        yield 'of another kind' => [['top' => ['topcoat']], [], 1.0, false];
        yield 'bare is of no kind' => [['top' => ['primer']], [], null, false];
        yield 'not of a kind' => [['top_not' => ['acid-etch']], [], 1.0, true];
        yield 'bare is not of a kind' => [['top_not' => ['primer']], [], null, true];
        yield 'any, one of two' => [['any' => [['fact' => 'oil', 'min' => 1], ['film' => ['none']]]], [], null, true];
        yield 'any, neither' => [['any' => [['fact' => 'oil', 'min' => 1], ['film' => ['wet']]]], [], null, false];
        yield 'all, one of two' => [
            ['all' => [['fact' => 'oil', 'max' => 0], ['fact' => 'wax', 'max' => 0]]],
            ['wax' => 1.0],
            null,
            false,
        ];
        yield 'a group, one of it there' => [['group' => 'oily', 'max' => 0], ['wax' => 1.0], null, false];
        yield 'a group, nothing of it' => [['group' => 'oily', 'max' => 0], ['grit' => 80.0], null, true];
        yield 'all, both' => [
            ['all' => [['fact' => 'oil', 'max' => 0], ['fact' => 'wax', 'max' => 0]]],
            ['salt' => 1.0],
            null,
            true,
        ];
    }

    /**
     * @param array<int|string, mixed> $question
     * @param array<int|string, float> $facts
     */
    #[DataProvider('questions')]
    public function testAnswers(array $question, array $facts, ?float $hours, bool $holds): void
    {
        $state = $this->state($facts, $hours);
        self::assertSame($holds, $this->read($question)->holds($state));
        if ($holds) {
            self::assertTrue($this->read($question)->mayStillHold($state), 'what holds may hold');
        }
    }

    /** @return iterable<string, array{array<int|string, mixed>}> */
    public static function nonsense(): iterable
    {
        yield 'nothing' => [[]];
        yield 'an unknown fact' => [['fact' => 'shine', 'max' => 0]];
        yield 'an unknown group' => [['group' => 'shiny', 'max' => 0]];
        yield 'an unknown phase' => [['film' => ['sticky']]];
        yield 'an unknown event' => [['film_past' => 'lunch']];
        yield 'text for a number' => [['fact' => 'oil', 'max' => 'none']];
    }

    /** @param array<int|string, mixed> $question */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(array $question): void
    {
        $this->expectException(InvalidInput::class);
        $this->read($question);
    }

    public function testTimeAloneGoesOnAndNotBack(): void
    {
        $bare = $this->state([], null);
        self::assertFalse($this->read(['film' => ['open']])->mayStillHold($bare), 'waiting lays no film');
        self::assertFalse($this->read(['top' => ['primer']])->mayStillHold($bare));
        $coated = $this->state([], 5.0);
        self::assertTrue($this->read(['film' => ['cured']])->mayStillHold($coated), 'time goes on');
        self::assertFalse($this->read(['film' => ['wet']])->mayStillHold($coated), 'and not back');
        self::assertFalse($this->read(['film' => ['none']])->mayStillHold($coated));
        self::assertTrue($this->read(['film_past' => 'full'])->mayStillHold($coated));
    }

    /** @param array<int|string, mixed> $question */
    private function read(array $question): Predicate
    {
        return PredicateReader::read(Node::root($question), self::facts(), ['primer', 'topcoat', 'acid-etch']);
    }

    private static function facts(): FactTable
    {
        return FactTable::read(
            Node::root(
                array_map(
                    static fn(string $id, array $groups): array => [
                        'id' => $id,
                        'name' => $id,
                        'kind' => 'x',
                        'groups' => $groups,
                    ],
                    ['oil', 'wax', 'masked', 'grit'],
                    [['oily'], ['oily'], [], []],
                ),
            ),
            [],
            [],
        );
    }

    /** @param array<int|string, float> $facts */
    private function state(array $facts, ?float $hours): SurfaceState
    {
        $state = SurfaceState::of('carbon-steel', $facts);
        $epoxy = Yard::catalogue()->product('epoxy-primer-2k');

        return null === $hours
            ? $state
            : $state->lay(
                Film::fresh($epoxy, $epoxy->dft)->after(
                    $hours,
                    Air::of(Temperature::celsius(20), RelativeHumidity::percent(50)),
                ),
            );
    }
}
