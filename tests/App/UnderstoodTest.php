<?php

declare(strict_types=1);

namespace App\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** A quantity is read back beside its field, so that what was misread is seen before it is stored. */
final class UnderstoodTest extends ApiCase
{
    /** @return iterable<string, array{string, string, string, string}> of, typed, text, note */
    public static function typed(): iterable
    {
        yield 'feet and inches' => ['length', '12’ 4”', '3.76 m', ''];
        yield 'a bare gallon' => ['volume', '1 gal', '3.79 L', 'US measure'];
        yield 'a gallon that says which' => ['volume', '1 imp gal', '4.55 L', ''];
        yield 'the second of what it may be' => ['volume,mass', '2 lb', '907 g', ''];
        yield 'a room' => ['volume', '2000 ft3', '56.6 m³', ''];
        yield 'a film in inches' => ['film thickness', '0.005 in', '127 µm', ''];
    }

    #[DataProvider('typed')]
    public function testWhatWasReadIsSaidInTheReadersUnits(string $of, string $typed, string $text, string $note): void
    {
        $this->enter('rowan@yard.example');
        $read = $this->ask($of, $typed);
        self::assertSame(
            [200, $text, $note, ''],
            [$this->code(), self::text($read, 'text'), self::text($read, 'note'), self::text($read, 'refusal')],
        );
    }

    public function testWhatCannotBeReadHasAReasonAndNoText(): void
    {
        $this->enter('rowan@yard.example');
        $read = $this->ask('volume,mass', '3 ft');
        self::assertSame(
            [200, '', '"ft" is not a unit of volume.'],
            [$this->code(), self::text($read, 'text'), self::text($read, 'refusal')],
        );
        $this->ask('colour', 'red');
        self::assertSame(422, $this->code());
    }

    /** @return array<array-key, mixed> */
    private function ask(string $of, string $typed): array
    {
        return $this->call('GET', '/api/understood?' . http_build_query(['of' => $of, 'typed' => $typed]));
    }
}
