<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;

/** The yard along time, by keyboard and by pointer; weather, crew and calendar. */
final class ScheduleTest extends BrowserCase
{
    public function testTheDemoTellsWhatTheColdNightMovedAndWhatIsStillWet(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->sees('With the next hour');
        $this->sees('Weather that matters');
        $this->sees('waits for the part to dry');
        $this->sees('above the dew point; a film needs 3 °C');
        $this->sees('The window closes in');
        $this->link('See the schedule');
        $this->sees(' is coming');
        $this->sees('moved');
        $this->sees('no plan ends before');
        $this->quiet();
    }

    public function testAStepIsMovedByKeyAndSaysWhatBreaks(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->browser->get(self::address() . '/schedule');
        $this->sees('Weather that matters');
        $this->button('Two weeks');
        $this->browser->executeScript(
            'const all = [...document.querySelectorAll("[data-work]")]; const at = all.findIndex((e, i) => i ' .
                '> 0 && e.getAttribute("aria-label").split(":")[0] === all[i - ' .
                '1].getAttribute("aria-label").split(":")[0]); all[at].focus()',
        );
        $keys = $this->browser->getKeyboard();
        for ($i = 0; $i < 6; ++$i) {
            $keys->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_LEFT, WebDriverKeys::SHIFT]);
        }
        $this->sees('too soon');
        $this->sees('Not before then; plan the rest');
        $this->button('Back where it was');
        $this->sees('Log it');
        $this->quiet();
    }

    public function testAStepIsDraggedAndPutThereThePlanFollows(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->browser->get(self::address() . '/schedule');
        $this->sees('Weather that matters');
        $this->button('Two weeks');
        $blocks = $this->browser->findElements(By::cssSelector('[data-work]'));
        $block = $blocks[count($blocks) - 1];
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$block]);
        (new WebDriverActions($this->browser))
            ->moveToElement($block)
            ->clickAndHold($block)
            ->moveByOffset(60, 0)
            ->release()
            ->perform();
        $this->sees('Not before then; plan the rest');
        $this->button('Not before then; plan the rest');
        $this->sees('something was put elsewhere by hand');
        $this->sees('From scratch');
        $this->quiet();
    }

    public function testThePlanIsReadDayByDayByEverybodyOrByOne(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->browser->get(self::address() . '/schedule');
        $this->sees('Weather that matters');
        $this->browser->findElement(By::linkText('Day by day'))->click();
        $this->sees('As a chart');
        $lines = fn(): array => array_map(
            static fn(RemoteWebElement $li): string => $li->getText(),
            $this->browser->findElements(By::cssSelector('section li')),
        );
        $all = $lines();
        self::assertNotSame([], array_filter($all, static fn(string $l): bool => str_contains($l, 'begun by ')));
        $this->button('Wren');
        $wrens = $lines();
        self::assertLessThan(count($all), count($wrens));
        self::assertSame([], array_filter($wrens, static fn(string $l): bool => !str_contains($l, 'Wren')));
        $this->quiet();
    }

    public function testAPlannedCoatIsMovedInItsRibbonByKeyAndByPointer(): void
    {
        $this->openPart('Engine frame', 'windows');
        $this->sees('Choose a planned step; drag it');
        $this->button('Two weeks');
        $coat = $this->browser->findElement(By::cssSelector('[data-work][aria-label^="Apply coat"]'));
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"}); arguments[0].focus()', [$coat]);
        $keys = $this->browser->getKeyboard();
        $keys->sendKeys(WebDriverKeys::ENTER);
        $this->sees('May begin from');
        for ($rounds = 0; $rounds < 5 && !str_contains($this->page(), 'that hour has passed'); ++$rounds) {
            $keys->sendKeys([
                WebDriverKeys::SHIFT,
                ...array_fill(0, 80, WebDriverKeys::ARROW_LEFT),
                WebDriverKeys::SHIFT,
            ]);
            sleep(2);
        }
        $this->sees('that hour has passed');
        self::assertStringContainsString(
            'breaks',
            (string) $this->browser
                ->findElement(By::cssSelector('[data-work][aria-pressed=true]'))
                ->getAttribute('aria-label'),
        );
        $this->button('Back where it was');
        $this->sees('May begin from');
        self::assertSame([], $this->axe());
        $block = $this->browser->findElement(By::cssSelector('[data-work][aria-label^="Unmask"] rect[height="18"]'));
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$block]);
        (new WebDriverActions($this->browser))
            ->moveToElement($block)
            ->clickAndHold($block)
            ->moveByOffset(90, 0)
            ->release()
            ->perform();
        $this->sees('Not before then; plan the rest');
        $this->button('Six weeks');
        $this->sees('Not before then; plan the rest');
        $this->quiet();
        self::assertSame([], $this->axe());
    }

    public function testAHelperMoreIsKeptAndThePlanFollows(): void
    {
        $this->open(EmptyYard::make());
        $this->browser->get(self::address() . '/yard');
        $this->sees('Who works when');
        $this->type('Who', 'Wren');
        $this->xpath('//input[@aria-label="Hours of Wren, Mon"]')->sendKeys(WebDriverKeys::CONTROL . 'a');
        $this->xpath('//input[@aria-label="Hours of Wren, Mon"]')->sendKeys('nine to five');
        $this->button('Keep, and plan again');
        $this->sees('are no hours');
        $this->xpath('//input[@aria-label="Hours of Wren, Mon"]')->sendKeys(WebDriverKeys::CONTROL . 'a');
        $this->xpath('//input[@aria-label="Hours of Wren, Mon"]')->sendKeys('9:00-17:00');
        $this->button('Keep, and plan again');
        $this->sees('Kept; the schedule follows.');
        $this->quiet(['422']);
    }

    public function testHeatingAPlaceIsTriedAndACalendarAddressIsTakenBack(): void
    {
        $this->openPart('Drum guard', 'windows');
        $this->type('Heated to', '22 C');
        $this->sees('closed to wet films for');
        $this->browser->get(self::address() . '/schedule');
        $this->button('Make a secret address');
        $this->sees('/calendar/');
        $this->button('Take it back');
        $this->sees('Make a secret address');
        $this->quiet();
    }
}
