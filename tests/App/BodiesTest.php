<?php

declare(strict_types=1);

namespace App\Tests\App;

/** What may stand in a body says its class; everything that is wrong in it is said at once, where it stands. */
final class BodiesTest extends ApiCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
    }

    public function testEverythingWrongIsSaidAtOnceWhereItStands(): void
    {
        $refused = $this->change('PUT', '/api/store/suppliers', [
            'suppliers' => [
                ['name' => 'Tern', 'leadDays' => 2, 'sells' => ['paint']],
                ['name' => str_repeat('x', 81), 'leadDays' => 400, 'sells' => ['gulls']],
            ],
        ]);
        self::assertSame(422, $this->code());
        self::assertSame(
            [
                ['/suppliers/1/name', 'The text has 81 characters.', 'a text of 1 to 80 characters'],
                ['/suppliers/1/leadDays', 'This is not a whole number in range.', 'a whole number from 0 to 365'],
                ['/suppliers/1/sells/0', '"gulls" is not known here.', 'one of: paint, chemicals, consumables'],
            ],
            self::errors($refused),
        );
    }

    public function testTypesAndMissingFieldsAreNamed(): void
    {
        $refused = $this->change('PUT', '/api/store/suppliers', [
            'suppliers' => [['name' => 5, 'leadDays' => 'soon', 'sells' => 'paint'], ['name' => 'Tern']],
        ]);
        self::assertSame(
            [
                ['/suppliers/0/name', 'This is not a text.', 'a text'],
                ['/suppliers/0/leadDays', 'This is not a whole number in range.', 'a whole number'],
                ['/suppliers/0/sells', 'This is not a list.', 'a list'],
                ['/suppliers/1/leadDays', 'The field "leadDays" is missing.', 'a value for leadDays'],
                ['/suppliers/1/sells', 'The field "sells" is missing.', 'a value for sells'],
            ],
            self::errors($refused),
        );
    }

    public function testAFieldNobodyKnowsIsRefusedWhereItStands(): void
    {
        $refused = $this->call('POST', '/api/jobs', ['name' => 'Winch', 'colour' => 'red']);
        self::assertSame(
            [['/colour', 'There is no field "colour" here.', 'one of: name, note']],
            self::errors($refused),
        );
        $refused = $this->change('PUT', '/api/store/suppliers', [
            'suppliers' => [['name' => 'Tern', 'leadDays' => 2, 'sells' => [], 'fax' => '1']],
        ]);
        self::assertSame('/suppliers/0/fax', self::errors($refused)[0][0]);
    }

    public function testTextIsTrimmedAndPlainAndNullIsNotThere(): void
    {
        $job = self::text($this->call('POST', '/api/jobs', ['name' => "  Winch\n", 'note' => null]), 'id');
        self::assertSame('Winch', self::text($this->call('GET', "/api/jobs/$job"), 'name'));
        $this->call('POST', '/api/jobs', ['name' => null]);
        self::assertSame(422, $this->code());
        $refused = $this->call('POST', '/api/jobs', ['name' => "Win\u{7}ch"]);
        self::assertSame([['/name', 'The text holds control characters.', 'plain text']], self::errors($refused));
        $refused = $this->call('POST', '/api/jobs', ['name' => '  ']);
        $empty = ['/name', 'Nothing is written here.', 'a text of 1 to 120 characters'];
        self::assertSame([$empty], self::errors($refused));
    }

    public function testWhatIsNoObjectIsRefused(): void
    {
        foreach ([[1, 2], 'Winch', 5, true] as $body) {
            $refused = $this->call('POST', '/api/jobs', $body);
            self::assertSame(422, $this->code());
            self::assertSame('This is not an object.', self::text($refused, 'detail'));
        }
    }

    /** @return list<array{string, string, string}> pointer, what is wrong, what would be accepted */
    private static function errors(mixed $problem): array
    {
        return array_map(
            static fn(mixed $e): array => [
                self::text($e, 'pointer'),
                self::text($e, 'detail'),
                self::text($e, 'accepted'),
            ],
            array_values(self::list($problem, 'errors')),
        );
    }
}
