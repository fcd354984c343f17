<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Api\Tongue;
use App\Words\SaidWords;

/** What the server says is in the reader's language where somebody translated it, quantities in the reader's units. */
final class TongueTest extends ApiCase
{
    use EveryRead;

    public function testSentencesComeInTheLanguageOfTheInterfaceAndTheReadersUnits(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Cold']), 'id');
        $survey = self::survey(['place' => 'tent', 'name' => 'Not begun.']);
        $survey['place'] = ['id' => 'tent', 'kind' => 'tent', 'temperature' => '4 C', 'humidity' => '60 %'];
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
        $says = fn(string $language): array => $this->said($language, "/api/parts/$part/windows");

        self::assertSame(["The part at 4 °C is outside the sheet's 10 °C to 35 °C."], $says('en'));
        self::assertSame(['Het deel is 4 °C; het blad zegt 10 °C tot 35 °C.'], $says('nl, en;q=0.5'));
        self::assertSame($says('en'), $says('fr'), 'nobody has written French');
        $this->call('PATCH', '/api/account', ['units' => 'us']);
        self::assertSame(['Het deel is 39.2 °F; het blad zegt 50 °F tot 95 °F.'], $says('nl'));
    }

    public function testWhoeverReadsUsUnitsIsToldNoDegreesCelsius(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Cold']), 'id');
        foreach ([['cold', '11 C', 'tent'], ['warm', '20 C', 'heated-bay']] as [$id, $temperature, $kind]) {
            $survey = self::survey(['id' => $id, 'place' => $kind]);
            $survey['place'] = ['id' => $kind, 'kind' => $kind, 'temperature' => $temperature, 'humidity' => '75 %'];
            $this->call('POST', "/api/jobs/$job/parts", $survey);
        }
        $this->call('PATCH', '/api/account', ['units' => 'us']);
        $this->call('POST', '/api/plan', ['again' => true]);
        $this->call('GET', '/api/plan');
        self::assertSame(200, $this->code());
        $found = [];
        foreach ($this->reads(false) as $path) {
            if (1 !== preg_match('#/file$|/units|/catalogue#', $path)) {
                $answer = $this->call('GET', $path);
                array_walk_recursive($answer, static function (mixed $v, int|string $k) use (&$found, $path): void {
                    if (is_string($v) && 'formula' !== $k && 1 === preg_match('/\d ?°?C\b/u', $v)) {
                        $found[] = "$path $k: $v";
                    }
                });
            }
        }

        self::assertSame([], $found);
    }

    public function testWhatSomebodyWroteStaysAsItIs(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Not begun.']), 'id');
        $this->call('POST', "/api/jobs/$job/parts", self::survey(['name' => 'Not begun.']));
        $this->client->setServerParameter('HTTP_ACCEPT_LANGUAGE', 'nl');
        $card = self::list($this->call('GET', '/api/today'), 'cards')[0] ?? self::fail('no card');
        self::assertIsArray($card);

        self::assertSame(
            ['Not begun.', 'Not begun.', 'Niet begonnen.'],
            [$card['job'], $card['part'], $card['message']],
        );
    }

    public function testWhatIsLeftEmptyIsSaidInEnglish(): void
    {
        $words = self::getContainer()->get(Tongue::class)->words('nl') ?? self::fail('no Dutch');

        self::assertSame('Niet begonnen.', $words('Not begun.'));
        self::assertNull($words('the air must suit the film'), 'its translation is empty');
        self::assertNull($words('as soon as can be'), 'it has none');
    }

    public function testTheTemplateListsWhatIsSaidOnce(): void
    {
        $template = (new SaidWords(dirname(__DIR__, 2)))->template();

        foreach (
            [
                'from the core' => 'the part is less than 3 °C above the dew point',
                'with parameters' => '{person} is busy with {other}',
                'over several lines' =>
                    'The tape would be on for {time}, nights not counted; even {tape} stays no ' .
                    'longer than {most}, half of it in the sun. Take it off after the coat before that and mask again.',
                'of a screen' => 'Not begun.',
                'of the catalogue' => 'hardened and spring steel must stay cool: no disc, no flame',
            ]
            as $what => $said
        ) {
            self::assertSame(1, substr_count($template, "\nmsgid \"$said\"\n"), $what);
        }
        self::assertStringNotContainsString('SELECT', $template);
    }

    /** @return list<mixed> why no film may go on, as told in a language */
    private function said(string $language, string $path): array
    {
        $this->client->setServerParameter('HTTP_ACCEPT_LANGUAGE', $language);

        return array_values(self::list($this->call('GET', $path), 'gateWarnings'));
    }
}
