<?php

declare(strict_types=1);

namespace App\Tests\App;

/** What the record asks before it takes a line that a master would not sign. */
final class LimitsTest extends ApiCase
{
    public function testACoatBegunOutsideItsLimitsAsksAndKeepsTheAnswer(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $coat = self::text($this->call('GET', "/api/parts/$part/mix"), 'coats', 0, 'stepKey');
        $body = [
            'kind' => 'start',
            'step' => $coat,
            'at' => self::ago('1 hour'),
            'temperature' => '4 C',
            'humidity' => '92 %',
        ];
        $asked = $this->call('POST', "/api/parts/$part/log", $body);
        self::assertSame(422, $this->code());
        self::assertSame('/outside', self::text($asked, 'errors', 0, 'pointer'));
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/record"), 'entries'));
        $this->call('POST', "/api/parts/$part/log", [...$body, 'outside' => 'the heater is on its way']);
        self::assertSame(201, $this->code());
        self::assertStringContainsString(
            'the heater is on its way',
            self::text($this->call('GET', "/api/parts/$part/record"), 'entries', 0, 'note'),
        );
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'finish',
            'step' => $coat,
            'at' => self::ago('30 minutes'),
        ]);
        self::assertSame(201, $this->code(), 'once begun and answered it is not asked again');
    }

    public function testAGaugeOnAWetFilmIsRefusedAndALineInGoodAirIsNotAskedAbout(): void
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $coat = self::text($this->call('GET', "/api/parts/$part/mix"), 'coats', 0, 'stepKey');
        $wet = $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'finish',
            'step' => $coat,
            'at' => self::ago('5 minutes'),
            'film' => '80 um',
        ]);
        self::assertSame([422, '/film'], [$this->code(), self::text($wet, 'errors', 0, 'pointer')]);
        self::assertSame(
            [],
            self::list($this->call('GET', "/api/parts/$part/record"), 'entries'),
            'nothing half-stored',
        );
        $entry = self::text(
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => $coat,
                'at' => self::ago('2 days'),
            ]),
            'entryId',
        );
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'correction',
            'corrects' => $entry,
            'at' => self::ago('2 days'),
            'film' => '80 um',
        ]);
        self::assertSame(201, $this->code());
        self::assertContains(
            'dry film 80 µm, was not said',
            self::list($this->call('GET', "/api/parts/$part/record"), 'entries', 0, 'changes'),
        );
    }
}
