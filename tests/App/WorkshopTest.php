<?php

declare(strict_types=1);

namespace App\Tests\App;

/** What is particular about a yard shows where it counts: rules, limits, rates, the whole job, photos. */
final class WorkshopTest extends ApiCase
{
    /** A grey picture of 2 x 1 pixels. */
    public const PICTURE =
        'iVBORw0KGgoAAAANSUhEUgAAAAIAAAABCAIAAAB7QOjd' . 'AAAAC0lEQVR4nGNoAAMACocDAcTGH2YAAAAASUVORK5CYII=';

    public function testLocalRulesAppearAtTheStepsAndOnTheDayTheyConcern(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $this->change('PUT', '/api/workshop', [
            'currency' => 'eur',
            'hourRate' => '30',
            'vocLimit' => 1,
            'local' => ['solvent-waste' => 'Blue can, fetched on Fridays.', 'noise' => '  '],
        ]);
        self::assertSame(200, $this->code());
        $steps = self::list($this->call('GET', "/api/parts/$part/route"), 'steps');
        self::assertNotSame(
            [],
            array_filter(
                $steps,
                static fn(mixed $s): bool => in_array(
                    'Solvent, thinner and rags: Blue can, fetched on Fridays.',
                    self::list($s, 'local'),
                    true,
                ),
            ),
        );
        $day = self::list($this->call('GET', "/api/jobs/$job/board"), 'day');
        self::assertSame('Blue can, fetched on Fridays.', self::text($day, 'local', 0, 'text'));
        self::assertCount(1, self::list($day, 'local'), 'an empty rule says nothing');
        $this->change('PUT', '/api/workshop', [
            'currency' => 'EUR',
            'hourRate' => '',
            'vocLimit' => null,
            'local' => (object) [],
        ]);
        self::assertSame([], self::list($this->call('GET', "/api/jobs/$job/board"), 'day', 'local'));
    }

    public function testWhatCannotBeKeptIsRefusedWhole(): void
    {
        $this->enter('rowan@yard.example');
        $good = [
            'currency' => 'GBP',
            'hourRate' => '28',
            'vocLimit' => 500,
            'local' => ['noise' => 'Not before eight.'],
        ];
        $this->change('PUT', '/api/workshop', $good);
        foreach (
            [
                '/currency' => ['currency' => 'pounds'],
                '/hourRate' => ['hourRate' => 'a lot'],
                '/vocLimit' => ['vocLimit' => 0],
                '/local/parking' => ['local' => ['parking' => 'x']],
            ]
            as $pointer => $change
        ) {
            $problem = $this->change('PUT', '/api/workshop', [...$good, ...$change]);
            self::assertSame(422, $this->code());
            self::assertSame($pointer, self::text($problem, 'errors', 0, 'pointer'));
        }
        $kept = $this->call('GET', '/api/workshop');
        self::assertSame(
            ['28.00', 'GBP', 500],
            [self::at($kept, 'hourRate'), self::at($kept, 'currency'), self::at($kept, 'vocLimit')],
        );
    }

    public function testAnHourlyRateAndAPriceMakeAVerdict(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        self::assertStringContainsString(
            'Materials only',
            self::text($this->call('GET', "/api/parts/$part/worth"), 'rests'),
        );
        $this->change('PUT', '/api/workshop', [
            'currency' => 'GBP',
            'hourRate' => '28',
            'vocLimit' => null,
            'local' => (object) [],
        ]);
        $this->call('PUT', "/api/parts/$part/survey", [...self::survey(['replacement' => '12000']), 'version' => 1]);
        $worth = $this->call('GET', "/api/parts/$part/worth");
        self::assertStringStartsWith('worth it', self::text($worth, 'verdict'));
        self::assertMatchesRegularExpression('/^[\d\h]+ GBP$/u', self::text($worth, 'material'));
        self::assertMatchesRegularExpression('/^[\d\h]+ to [\d\h]+ GBP$/u', self::text($worth, 'total'));
        self::assertMatchesRegularExpression('/^[\d\h]+ to [\d\h]+ GBP$/u', self::text($worth, 'perYear'));
        self::assertSame(
            '12000.00',
            self::text($this->call('GET', "/api/parts/$part/survey"), 'fields', 'replacement'),
        );
        $whole = $this->call('GET', "/api/jobs/$job/quantities");
        self::assertSame(
            self::text($worth, 'material'),
            self::text($whole, 'worth', 'material'),
            'one part is the job',
        );
        $refused = $this->call('PUT', "/api/parts/$part/survey", [
            ...self::survey(['replacement' => 'dear']),
            'version' => 2,
        ]);
        self::assertSame('/part/replacement', self::text($refused, 'errors', 0, 'pointer'));
    }

    public function testTwoPartsShareTheirWashOnTheBoard(): void
    {
        $this->enter('rowan@yard.example');
        [$job] = $this->part();
        $this->call('POST', "/api/jobs/$job/parts", self::survey(['id' => 'second', 'name' => 'Second']));
        $board = $this->call('GET', "/api/jobs/$job/board");
        self::assertCount(2, self::list($board, 'lanes'));
        $shared = array_filter(
            self::list($board, 'actions'),
            static fn(mixed $a): bool => 2 === count(self::list($a, 'lanes')),
        );
        self::assertNotSame([], $shared);
        $films = array_values(
            array_filter(
                self::list($this->call('GET', "/api/jobs/$job/quantities"), 'films'),
                static fn(mixed $f): bool => 'epoxy-primer-2k' === self::text($f, 'product'),
            ),
        );
        self::assertSame(4.0, self::number($films[0] ?? [], 'coats'), 'both parts count');
    }

    public function testAnotherAnswerIsLaidBesideThePlan(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $beside = $this->call('GET', "/api/parts/$part/beside/removing/blast");
        self::assertSame(200, $this->code());
        $only = array_filter(self::list($beside, 'rows'), static fn(mixed $r): bool => null === self::at($r, 'left'));
        self::assertContains(
            'Blast to clean metal',
            array_map(static fn(mixed $r): mixed => self::at($r, 'right'), $only),
        );
        $this->call('GET', "/api/parts/$part/beside/removing/prayer");
        self::assertSame(404, $this->code());
    }

    public function testPhotosAreKeptShownAndTakenOut(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $kept = $this->call('POST', "/api/parts/$part/photos", [
            'moment' => 'before',
            'caption' => 'from the bow',
            'image' => self::PICTURE,
        ]);
        self::assertSame(201, $this->code());
        self::assertSame([2, 1], [self::at($kept, 'width'), self::at($kept, 'height')]);
        $this->client->request('GET', self::text($kept, 'url'));
        self::assertSame('image/jpeg', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertNotSame(
            base64_decode(self::PICTURE, true),
            $this->client->getResponse()->getContent(),
            'written anew',
        );
        $this->client->request('GET', self::text($kept, 'url') . '?small=1');
        self::assertIsArray(getimagesizefromstring((string) $this->client->getResponse()->getContent()));
        foreach (
            ['/image' => ['image' => base64_encode('not a picture')], '/moment' => ['moment' => 'never']]
            as $pointer => $change
        ) {
            $problem = $this->call('POST', "/api/parts/$part/photos", [
                'moment' => 'before',
                'image' => self::PICTURE,
                ...$change,
            ]);
            self::assertSame($pointer, self::text($problem, 'errors', 0, 'pointer'));
        }
        self::assertCount(1, self::list($this->call('GET', "/api/parts/$part/photos"), 'photos'));
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $this->enter('stranger@other.example', 'Other');
        $this->call('GET', self::text($kept, 'url'));
        self::assertSame(404, $this->code(), 'a stranger sees nothing');
        $this->call('DELETE', self::text($kept, 'url'));
        self::assertSame(404, $this->code());
        $this->call('DELETE', '/api/session');
        $this->signIn('rowan@yard.example');
        $this->call('DELETE', self::text($kept, 'url'));
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/photos"), 'photos'));
    }
}
