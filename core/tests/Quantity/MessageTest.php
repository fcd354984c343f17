<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Area;
use Hull\Quantity\Message;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A sentence keeps what it speaks of beside it: quantities in the reader's units, words in the reader's language. */
final class MessageTest extends TestCase
{
    public function testQuantitiesAreInTheReadersUnitsADifferenceAsADifference(): void
    {
        $message = Message::of(
            'Heat {place} to {at}, {by} above the dew point',
            place: 'Bay {at}',
            at: Temperature::celsius(20.0),
            by: TemperatureDifference::celsius(3.0),
        );

        self::assertSame('Heat Bay {at} to 20 °C, 3 °C above the dew point', (string) $message);
        self::assertSame('Heat Bay {at} to 68 °F, 5.4 °F above the dew point', $message->said(UnitSystem::Us));
    }

    public function testWhatIsInsideIsTranslatedToo(): void
    {
        $message = Message::of(
            'waits for {what}: {names}',
            what: Message::of('{film} to harden', film: 'Hard Tide'),
            names: [Message::of('the heater'), 'Rowan'],
        );
        $words = [
            'waits for {what}: {names}' => '{names}: {what} wachten',
            '{film} to harden' => 'op {film}',
            'the heater' => 'de kachel',
        ];

        self::assertSame('waits for Hard Tide to harden: the heater, Rowan', (string) $message);
        self::assertSame(
            'de kachel, Rowan: op Hard Tide wachten',
            $message->said(UnitSystem::Metric, static fn(string $code): ?string => $words[$code] ?? null),
        );
    }

    public function testIsKeptAndReadAgainAsItWas(): void
    {
        $message = Message::of(
            '{n} of {names} for {area}: {why}',
            n: 3,
            names: ['Rowan', Message::of('the heater')],
            area: Area::squareMetres(2.5),
            why: Message::of('it is colder than the sheet allows'),
        );
        $again = Message::from(json_decode((string) json_encode($message), true));

        self::assertInstanceOf(Message::class, $again);
        self::assertEquals($message, $again);
        self::assertSame(
            '3 of Rowan, the heater for 26.9 ft²: it is colder than the sheet allows',
            $again->said(UnitSystem::Us),
        );
        self::assertSame('kept before', (string) Message::from('kept before'));
        self::assertEquals($message, Message::from(array_reverse($message->jsonSerialize())), 'a database turns keys');
    }

    /** @return iterable<string, array{mixed}> */
    public static function strange(): iterable
    {
        yield 'nothing' => [null];
        yield 'a list' => [['message']];
        yield 'no template' => [['message' => 3, 'with' => []]];
        yield 'a dimension that is none' => [['message' => '{a}', 'with' => ['a' => ['taste' => 3.0]]]];
        yield 'no number' => [['message' => '{a}', 'with' => ['a' => ['area' => 'large']]]];
    }

    #[DataProvider('strange')]
    public function testWhatIsNoMessageIsRefused(mixed $kept): void
    {
        $this->expectException(\LogicException::class);
        Message::from($kept);
    }

    public function testAParameterWithoutAPlaceIsNoticed(): void
    {
        $this->expectExceptionMessage('has no place for "place"');
        Message::of('Heat it', place: 'Bay');
    }
}
