<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;

/** What somebody new runs into within the hour: nothing is lost, and no two screens say different things. */
final class NewcomerTest extends BrowserCase
{
    public function testASecondPartIsTakenIntoTheSamePlaceOrANewOneAndMovesNobody(): void
    {
        $this->openPart('Drum guard', 'survey');
        $before = $this->place();
        $this->link('Today');
        $this->button('Take a part in');
        $this->choose('Job', 'Slipway winch');
        $this->type('Which part', 'Pawl');
        $this->choose('Worked in', 'A new place …');
        $this->choose('Kind of place', 'Heated bay');
        $this->type('What the place is called', 'Bench room');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        self::assertSame('Bench room', $this->place()['name']);
        self::assertIsString($before['name']);
        $this->choose('Worked in', $before['name']);
        $this->sees('Also worked there: Side frames, Drum guard');
        $this->sees('What you change of North slip changes for');
        $this->sees('Stored');
        $this->openSame('Drum guard', 'survey');
        self::assertSame($before, $this->place(), 'nobody was moved, no hazard lifted');
        $this->removeAgain('Pawl', 'Slipway winch');
        $this->quiet();
    }

    public function testEveryShapeIsEnteredByHandAndStored(): void
    {
        $this->open(EmptyYard::make());
        $this->takeFirstIn();
        $this->type('What is being restored', 'Odd shapes');
        $this->type('Which part', 'All of them');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        $kinds = $this->browser->executeScript(
            'return fetch("/api/catalogue").then(r => r.json()).then(c => c.shapes.map(s => s.label))',
        );
        self::assertIsArray($kinds);
        self::assertCount(17, $kinds);
        $this->button('Add plate');
        foreach ($kinds as $kind) {
            self::assertIsString($kind);
            $this->choose('Shape', $kind);
            $this->browser
                ->wait(20, 100)
                ->until(
                    fn(): bool => $kind === $this->stored('kind') && 'Stored' === $this->storing(),
                    "Never stored a $kind; the page says " . $this->storing(),
                );
            self::assertGreaterThan(0.0, $this->stored('area'), $kind);
        }
        $this->quiet();
    }

    public function testAYardIsAskedOnceWhatItHasAndRoutesGoByIt(): void
    {
        $this->open(EmptyYard::make());
        $this->button('Take a part in');
        $this->sees('What does the yard have?');
        self::assertSame([], $this->axe());
        $this->button('That is what there is');
        $this->type('What is being restored', 'Skiff');
        $this->type('Which part', 'Bracket');
        $this->button('On to the survey');
        $this->button('Rust');
        $this->button('Add strip');
        $this->sees('1 m²');
        $this->link('See the order of work');
        $this->sees('Every step finds what it needs.');
        self::assertStringNotContainsString('Electrolysis bath', $this->page(), 'no tub, no charger');
        $this->link('Empty slip');
        $this->sees('What the yard has');
        $this->xpath('//fieldset//label[contains(., "tub and charger")]//input')->click();
        $this->button('Keep what the yard has');
        $this->sees('Kept; routes follow it.');
        $this->link('Today');
        $this->button('Take a part in');
        $this->sees('Which part');
        self::assertStringNotContainsString('What does the yard have?', $this->page());
        $this->quiet();
    }

    public function testAFilmIsPickedAndLeftToThePlanAgain(): void
    {
        $this->openPart('Drum guard', 'film');
        $this->sees('What is wanted');
        self::assertSame([], $this->axe());
        $before = $this->page();
        $this->press('(//button[starts-with(@aria-label, "Plan this: ")])[1]');
        $this->browser
            ->wait(40, 100)
            ->until(fn(): bool => $before !== $this->page() && str_contains($this->page(), 'Leave it to the plan'));
        $this->button('Leave it to the plan');
        $this->browser->wait(40, 100)->until(fn(): bool => !str_contains($this->page(), 'Leave it to the plan'));
        $this->quiet();
    }

    public function testWhatIsNotStoredStaysInViewAndKeepsThePage(): void
    {
        $this->openPart('Fan hub', 'survey');
        $field =
            '(//section[@aria-label="Size"]//label[contains(., "iameter") or contains(., ' .
            '"ength")]/following-sibling::div//input)[1]';
        $was = $this->xpath($field)->getAttribute('value');
        $write = function (string $text) use ($field): void {
            $this->xpath($field)->click();
            $this->xpath($field)->sendKeys(WebDriverKeys::CONTROL . 'a');
            $this->xpath($field)->sendKeys($text);
        };
        $write('3 gal');
        $this->link('See the order of work');
        $this->sees('Not stored, so you are still here.');
        $this->sees('"gal" is not a unit of length');
        $this->browser->executeScript('window.scrollTo(0, 0)');
        $this->button('To the field');
        self::assertSame(
            $this->xpath($field)->getAttribute('value'),
            $this->browser->switchTo()->activeElement()->getAttribute('value'),
        );
        $write((string) $was);
        $this->sees('Stored');
        $this->link('See the order of work');
        $this->sees('The order of work');
        $this->quiet();
    }

    public function testOneAirOnEveryScreenAndItsSource(): void
    {
        $this->openPart('Chassis', 'windows');
        $air = $this->browser->executeScript(
            'const id = location.pathname.split("/")[2]; return Promise.all(["route", "mix", ' .
                '"windows"].map(v => fetch(`/api/parts/${id}/${v}`).then(r => r.json()))).then(([r, m, w]) => ' .
                '[r.air, m.place, `${w.place.temperature} · ${w.place.humidity}, ${w.airSource}`])',
        );
        self::assertIsArray($air);
        [$route, $mix, $windows] = [$air[0] ?? null, $air[1] ?? null, $air[2] ?? null];
        self::assertIsString($route);
        self::assertIsString($mix);
        self::assertIsString($windows);
        self::assertStringContainsString($windows, $route);
        self::assertStringContainsString($windows, $mix);
        $this->link('Route');
        $this->sees('In this air: ' . $windows);
        $this->quiet();
    }

    public function testTheNextHourIsWorkedOutWhenItIsRead(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->sees('The window closes in');
        $hour = $this->xpath('//section[@aria-label="With the next hour"]')->getText();
        $plan = $this->browser->executeScript(
            'return Promise.all(["/api/plan", "/api/plan/next"].map(a => fetch(a).then(r => r.json())))' .
                '.then(([p, h]) => ({atWork: p.people.some(x => x.spans.some(w => ' .
                'Date.parse(w.from) <= Date.parse(p.now) && Date.parse(w.to) > Date.parse(p.now))),' .
                'next: h.next.map(n => n.name)}))',
        );
        self::assertIsArray($plan);
        self::assertIsArray($plan['next']);
        if (true === $plan['atWork']) {
            self::assertStringNotContainsString('Nothing can begin', $hour);
            self::assertContains('Apply coat: Two-pack urethane colour', $plan['next']);
        } else {
            self::assertStringContainsString('Nothing can begin at this minute', $hour);
            self::assertSame([], $plan['next']);
        }
        $this->quiet();
    }

    public function testAirThatNobodyReadIsNoReadingAndABareNumberTakesTheUnitOfTheField(): void
    {
        $this->openPart('Shafts', 'record');
        $this->type('Note', 'looked at');
        $this->button('Write it down');
        $this->sees('looked at');
        $first =
            'return fetch(`/api/parts/${location.pathname.split("/")[2]}/record`).then(r => r.json()).then(r ' .
            '=> [r.entries[0].temperature, r.entries[0].humidity])';
        self::assertSame(['', ''], $this->browser->executeScript($first));
        $this->choose('What', 'Read the air');
        $this->type('Temperature read', '14');
        $this->type('Humidity read', '61');
        $this->type('Note', 'by the door');
        $this->button('Write it down');
        $this->sees('by the door');
        self::assertSame(['14 °C', '61 %'], $this->browser->executeScript($first));
        $this->quiet();
    }

    public function testACorrectionSaysWhatItChangedAndStandsWithItsLine(): void
    {
        $this->openPart('Fan guard', 'record');
        foreach (['first look', 'second look'] as $note) {
            $this->choose('What', 'Note');
            $this->type('Note', $note);
            $this->button('Write it down');
            $this->sees($note);
        }
        $this->xpath('//li[contains(., "first look")]//button[normalize-space()="Correct"]')->click();
        $this->type('Note', 'first look, by torch');
        $this->button('Write the correction');
        $this->sees('note "first look, by torch", was "first look"');
        $lines = array_map(
            static fn($l): string => $l->getText(),
            $this->browser->findElements(By::cssSelector('ol[aria-label="Record, newest first"] li')),
        );
        self::assertStringContainsString('second look', $lines[0]);
        self::assertStringContainsString('was "first look"', $lines[1]);
        self::assertStringContainsString('corrected, kept as written', $lines[2]);
        self::assertStringContainsString('by Rowan', $lines[1]);
        $this->quiet();
    }

    public function testTheNameIsOnThePhoneAndInTheTabAndSentencesAreInTheReadersUnits(): void
    {
        $this->openPart('Chassis', 'windows');
        $title = 'Chassis · Windows · Dodgem car · Unbowed Hull';
        $this->browser->wait(20, 200)->until(fn(): bool => $title === $this->browser->getTitle(), $title);
        $this->button('Metric');
        $this->sees('US units');
        $this->link('Today');
        $this->sees('What wants you today');
        $this->browser
            ->wait(20, 200)
            ->until(
                fn(): bool => 1 !== preg_match('/\d ?°?C\b/', $this->page()),
                'Degrees Celsius on a page in US units.',
            );
        self::assertStringContainsString('°F', $this->page());
        $this->button('US units');
        $this->sees('Metric');
        $this->browser->quit();
        $this->open(DemoCommand::EMAIL, 390, 844);
        $this->openSame('Chassis', 'windows');
        $this->sees('Chassis · Dodgem car');
        $this->quiet();
    }

    public function testAJobAndAPartAreRenamedCopiedRemovedAndBroughtBack(): void
    {
        $this->open(EmptyYard::make());
        $this->takeFirstIn();
        $this->type('What is being restored', 'Mistyepd');
        $this->type('Which part', 'Lid');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        $this->link('Today');
        $this->more('Mistyepd', 'Rename');
        $this->type('What is being restored', 'Mistyped');
        $this->button('Rename');
        $this->sees('Mistyped');
        $this->more('Lid of Mistyped', 'Another like this');
        $this->sees('Take in and judge');
        $this->sees('Lid 2');
        $this->link('Today');
        $this->more('Lid 2 of Mistyped', 'Remove this part');
        $this->sees('Lid 2 is removed.');
        $this->button('Undo');
        $this->xpath('//button[@aria-label="More for Lid 2 of Mistyped"]');
        $this->more('Mistyped', 'Remove this job');
        $this->sees('Mistyped is removed, with all its parts.');
        $this->button('Undo');
        $this->xpath('//button[@aria-label="More for Mistyped"]');
        $this->more('Mistyped', 'Remove this job');
        $this->browser
            ->wait(20, 100)
            ->until(
                fn(): bool => [] ===
                    $this->browser->findElements(By::xpath('//button[@aria-label="More for Mistyped"]')),
            );
        $this->quiet();
    }

    public function testASessionThatEndedIsTakenUpInPlaceWithWhatWasTyped(): void
    {
        $this->openPart('Seat', 'record');
        $this->type('Note', 'torn at the piping');
        $this->browser->manage()->deleteAllCookies();
        $this->button('Write it down');
        $this->sees('Sign in again');
        $this->xpath('//div[@role="dialog"]//input[@type="password"]')->sendKeys(DemoCommand::PASSWORD);
        $this->xpath('//div[@role="dialog"]//button[@type="submit"]')->click();
        $this->browser
            ->wait(20, 100)
            ->until(fn(): bool => [] === $this->browser->findElements(By::xpath('//div[@role="dialog"]')));
        if (
            'torn at the piping' ===
            $this->xpath(
                '//label[normalize-space()="Note"]/following-sibling::div//textarea[not(@aria-hidden)]',
            )->getAttribute('value')
        ) {
            $this->button('Write it down');
        }
        $this->xpath('//ol[@aria-label="Record, newest first"]//li[contains(., "torn at the piping")]');
        $this->quiet(['401', '403']);
    }

    /**
     * @return array{name: mixed, kind: mixed, temperature: mixed, humidity: mixed, hazards: mixed} the place of the
     *     part on the page,
     *     as stored
     */
    private function place(): array
    {
        $place = $this->browser->executeScript(
            'const id = location.pathname.split("/")[2]; return fetch(`/api/parts/${id}/survey`).then(r => ' .
                'r.json()).then(s => { const p = s.places.find(x => x.id === s.place); return {name: p.name, ' .
                'kind: p.kind, temperature: p.temperature, humidity: p.humidity, hazards: p.hazards}; })',
        );
        self::assertIsArray($place);
        self::assertArrayHasKey('name', $place);

        return [
            'name' => $place['name'],
            'kind' => $place['kind'] ?? '',
            'temperature' => $place['temperature'] ?? '',
            'humidity' => $place['humidity'] ?? '',
            'hazards' => $place['hazards'] ?? [],
        ];
    }

    private function stored(string $what): mixed
    {
        return $this->browser->executeScript(
            'const id = location.pathname.split("/")[2], what = arguments[0]; return ' .
                'Promise.all([fetch(`/api/parts/${id}/survey`).then(r => r.json()), ' .
                'fetch("/api/catalogue").then(r => r.json())]).then(([s, c]) => { const shape = ' .
                's.shapes.shapes[0]; return what === "kind" ? c.shapes.find(k => k.kind === shape?.kind)?.label ' .
                ': shape.area.value; })',
            [$what],
        );
    }

    private function storing(): string
    {
        return $this->xpath('//main//div[@role="status"]')->getText();
    }

    private function openSame(string $name, string $view): void
    {
        $part = $this->browser->executeScript(
            'const name = arguments[0]; return fetch("/api/jobs").then(r => r.json()).then(j => ' .
                'j.jobs.flatMap(x => x.parts).find(p => p.name === name).id)',
            [$name],
        );
        self::assertIsString($part);
        $this->browser->get(self::address() . "/part/$part/$view");
        $this->settled();
    }

    private function more(string $of, string $choice): void
    {
        $item = sprintf('//li[@role="menuitem"][normalize-space()="%s"]', $choice);
        for ($tries = 0; $tries < 5; ++$tries) {
            $this->press(sprintf('//button[@aria-label="More for %s"]', $of));
            usleep(500_000);
            // A list that is read anew shuts the menu that hung on it.
            if ([] !== $this->browser->findElements(By::xpath($item))) {
                break;
            }
        }
        $this->press($item);
        $this->browser
            ->wait(10, 100)
            ->until(fn(): bool => [] === $this->browser->findElements(By::xpath('//li[@role="menuitem"]')));
    }

    private function removeAgain(string $part, string $job): void
    {
        $this->link('Today');
        $this->more("$part of $job", 'Remove this part');
        $this->sees("$part is removed.");
    }
}
