<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;

/** What a restorer does, in a real browser against the served application. */
final class StoryTest extends BrowserCase
{
    private const VIEWS = ['survey', 'route', 'mix', 'windows', 'record'];

    public function testFromAnEmptyWorkshopToALoggedCoatAndNothingIsLost(): void
    {
        $this->open(EmptyYard::make());
        $this->sees('The slip is empty');
        $this->takeFirstIn();
        $this->type('What is being restored', 'Hovercraft');
        $this->type('Which part', 'Engine frame');
        $this->button('On to the survey');
        $this->sees('Take in and judge');

        $this->button('Rust');
        $this->button('scale, loose');
        $this->button('Oil or grease');
        $this->xpath(
            '//div[@role="group" and @aria-label="Oil or grease"]//button[normalize-space()="caked"]',
        )->click();
        $this->button('Old coating');
        $this->button('flaking');
        $this->button('Add box section');
        $this->type('Length', '7');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $this->sees('1.12 m²');
        $this->sees('Stored');
        $this->browser->navigate()->refresh();
        $this->sees('1.12 m²');
        $this->type('Length', '10 ft');
        $this->sees('0.488 m²');

        $this->type('Length', '3 gal');
        $this->sees('"gal" is not a unit of length');
        $this->type('Length', '7 m');
        $this->sees('1.12 m²');
        $this->sees('Stored');

        $this->choose('Service', 'Exterior with splash');
        $this->sees('spray of fresh or salt water');
        $this->sees('Stored');
        $this->link('See the order of work');
        $this->sees('Every step finds what it needs.');
        $this->sees('160 µm');
        $this->xpath('//button[@data-step][contains(., "Mask")]')->click();
        $this->sees('What must stay bare is cheaper to cover than to scrape');
        $this->xpath('//button[@data-step][contains(., "Mask")]')->sendKeys(WebDriverKeys::DELETE);
        $this->sees('masking must be on');
        $this->xpath('//button[starts-with(normalize-space(), "Put in") and contains(., "Mask")]')->click();
        $this->sees('Every step finds what it needs.');
        $this->browser->navigate()->refresh();
        $this->sees('Every step finds what it needs.');

        $this->link('Mix');
        $this->sees('Mix: Two-pack epoxy primer, coat 1');
        $this->sees('scale reads');
        $this->button('Base A is in');
        $this->sees('Hardener B is in');
        $this->button('Metric');
        $this->sees('fl oz');
        $this->button('US units');

        $this->link('Record');
        $this->sees('Nothing written yet');
        $this->type('Note', 'Looked it over');
        $this->button('Write it down');
        $this->sees('1 of ');
        $this->browser->navigate()->refresh();
        $this->sees('Looked it over');
        $this->button('Correct');
        $this->type('Note', 'Looked it over twice');
        $this->button('Write the correction');
        $this->sees('corrected, kept as written');
        $this->link('Windows');
        $this->sees('No coat logged yet');
        $this->quiet();
    }

    public function testThreeUnlikePartsGetTheirRoutes(): void
    {
        $this->open(EmptyYard::make());
        $this->takeFirstIn();
        $this->button('Not now');
        $this->takeIn(
            'Winch',
            'Guard',
            'Galvanised steel',
            ['White corrosion', 'Soluble salt'],
            'Exterior with splash',
        );
        $this->sees('Wash with detergent and rinse');
        $this->sees('Zinc-safe two-pack epoxy');
        $this->takeIn('Hovercraft', 'Hub', 'Aluminium, cast', ['Oil or grease'], 'Heat to 300 °C');
        $this->sees('Oven-cured ceramic thin film');
        $this->sees('Preheat until nothing comes out of the pores');
        $this->sees('Oven: ramp, soak, cool');
        $this->takeIn(
            'Boat',
            'Side',
            'Gelcoat on polyester laminate',
            ['Chalked surface', 'Rust stain'],
            'Exterior with splash',
        );
        $this->sees('Destain with oxalic cleaner');
        $this->sees('Wax or seal');
        $this->sees('Every step finds what it needs.');
        $this->quiet();
    }

    /** @param list<string> $found */
    private function takeIn(string $job, string $part, string $substrate, array $found, string $service): void
    {
        $this->link('Today');
        $this->button('Take a part in');
        $this->type('What is being restored', $job);
        $this->type('Which part', $part);
        $this->choose('Made of', $substrate);
        $this->button('On to the survey');
        $this->sees('Nothing found yet');
        foreach ($found as $condition) {
            $this->button($condition);
        }
        $this->button('Add strip');
        $this->choose('Service', $service);
        $this->sees('1 m²');
        $this->sees('Stored');
        $this->link('See the order of work');
        $this->sees('The order of work');
    }

    public function testAStopIsTakenOnByNameAndStaysInTheRecord(): void
    {
        $this->openPart('Brake band', 'route');
        $this->sees('1 thing stands in the way');
        $this->button('A trained person may decide …');
        $this->type('Your name', 'Rowan Cinder');
        $this->type('Why it is safe to go on', 'The maker allows paint on the back of the band');
        $this->button('I take it on');
        $this->sees('Taken on by Rowan Cinder');
        $this->sees('Every step finds what it needs.');
        $this->link('Record');
        $this->sees('Took on');
        $this->sees('Rowan Cinder: The maker allows paint');
        $this->quiet();
    }

    public function testTheDemoShowsALiveWindow(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->sees('The window closes in');
        $this->link('See the window');
        $this->sees('Closes in');
        $this->sees('A film may go on');
        $this->quiet();
    }

    public function testTheOrderIsChangedFromTheKeyboardAndUndone(): void
    {
        $this->openPart('Side frames', 'route');
        $this->sees('Every step finds what it needs.');
        $mask = fn(): RemoteWebElement => $this->xpath('//button[@data-step][contains(., "Mask")]');
        $mask()->click();
        $mask()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_DOWN]);
        $this->sees('masking must be on');
        $this->sees('Move "Mask" before this step');
        $this->button('Undo');
        $this->sees('Every step finds what it needs.');
        $mask()->click();
        $mask()->sendKeys(WebDriverKeys::ARROW_UP);
        $this->browser
            ->wait(5, 100)
            ->until(fn(): bool => str_contains($this->browser->switchTo()->activeElement()->getText(), 'Blow off'));
        $this->button('Plan again');
        $this->sees('Every step finds what it needs.');
        $this->quiet();
    }

    public function testAnotherSchoolChangesTheRouteAndItsFigures(): void
    {
        $this->openPart('Side frames', 'route');
        $this->inTheRoute('Strip to bright metal with discs');
        $this->answer('Convert tight rust');
        $this->inTheRoute('Wire-wheel to tight rust');
        $this->answer('To bare metal');
        $this->inTheRoute('Strip to bright metal with discs');
        $this->quiet();
    }

    /** The other ways name steps, too: what counts is the route itself. */
    private function inTheRoute(string $step): void
    {
        $this->xpath(sprintf('//button[@data-step][contains(., "%s")]', $step));
    }

    private function answer(string $answer): void
    {
        $this->xpath(
            sprintf(
                '//div[@role="group" and @aria-label="What to do about the ' .
                    'rust"]//button[not(@disabled)][contains(., "%s")]',
                $answer,
            ),
        )->click();
    }

    public function testAFigureExplainsItself(): void
    {
        $this->openPart('Side frames', 'mix');
        $this->xpath('(//main//button[contains(@aria-label, "Wet film")])[1]')->click();
        $this->sees('DFT x (1 + thinner) / VS');
        $this->sees('Volume solids');
        $this->sees('Rests on: typical sheet figures');
        $this->quiet();
    }

    public function testAForeignFileIsRefusedInWordsAndAJobFileIsTaken(): void
    {
        $this->open(DemoCommand::EMAIL);
        $folder = sys_get_temp_dir() . '/hull-files-' . bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents($folder . '/words.json', 'these are words');
        file_put_contents(
            $folder . '/good.json',
            str_replace(
                'Slipway winch',
                'Winch from a file',
                (string) file_get_contents(dirname(__DIR__, 2) . '/docs/formats/job.example.json'),
            ),
        );
        try {
            $input = $this->browser->findElement(By::cssSelector('input[type=file]'));
            $input->setFileDetector(new \Facebook\WebDriver\Remote\LocalFileDetector());
            $input->sendKeys($folder . '/words.json');
            $this->sees('The file is not JSON');
            $input->sendKeys($folder . '/good.json');
            $this->sees('Winch from a file');
            $this->sees('Brake lever');
        } finally {
            array_map(unlink(...), [$folder . '/words.json', $folder . '/good.json']);
            rmdir($folder);
        }
        $this->quiet();
    }

    public function testTheMixingVesselIsTypedInAnyUnitAndThePotClockSurvivesAReload(): void
    {
        $this->openPart('Side frames', 'mix');
        $this->sees('Mix: Two-pack epoxy primer, coat 1');
        $this->type('Mixing vessel', '4 fl oz');
        $this->browser
            ->wait(40, 100)
            ->until(fn(): bool => 1 === preg_match('/batches\s+[2-9]\d*\s+of/', $this->page()));
        $this->button('Mixed: start the clock');
        $this->sees('stands before use');
        $this->browser->navigate()->refresh();
        $this->sees('stands before use');
        $this->button('Mixed batch 2');
        $this->sees('batch 2: stands before use');
        $this->quiet();
    }

    public function testEveryViewIsAccessibleAndFitsAPhoneAndADesk(): void
    {
        foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
            $this->open(DemoCommand::EMAIL, $width, $height);
            $part = $this->browser->executeScript(
                'return fetch("/api/jobs").then(r => r.json()).then(j => j.jobs[0].parts[0].id)',
            );
            self::assertIsString($part);
            $job = $this->browser->executeScript(
                'return fetch("/api/jobs").then(r => r.json()).then(j => j.jobs[0].id)',
            );
            self::assertIsString($job);
            foreach (
                [
                    '/',
                    '/look',
                    '/yard',
                    '/stores',
                    '/stores/over',
                    '/schedule',
                    "/job/$job",
                    "/job/$job/quantities",
                    "/job/$job/cards",
                    "/job/$job/register",
                    "/job/$job/labels",
                    "/part/$part/mask",
                    '/schedule/floor',
                    '/closed',
                    '/schedule/days',
                    '/schedule/year',
                    ...array_map(static fn(string $v): string => "/part/$part/$v", self::VIEWS),
                ]
                as $path
            ) {
                $this->browser->get(self::address() . $path);
                $this->settled();
                foreach (['light', 'dark'] as $scheme) {
                    $this->browser->executeScript(
                        'document.documentElement.setAttribute("data-scheme", arguments[0])',
                        [$scheme],
                    );
                    self::assertLessThanOrEqual(
                        0,
                        $this->browser->executeScript('return document.documentElement.scrollWidth - innerWidth'),
                        "$path is wider than $width",
                    );
                    self::assertSame([], $this->axe(), "$path $scheme at $width");
                }
            }
            $this->quiet();
            $this->browser->quit();
        }
        $this->browser = Browser::open();
        $this->browser->get(self::address());
        $this->sees('Sign in');
        self::assertSame([], $this->axe(), 'sign-in');
    }
}
