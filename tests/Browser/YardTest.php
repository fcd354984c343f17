<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;

/** The whole job, the stores and the yard's own page, in a real browser. */
final class YardTest extends BrowserCase
{
    public function testTheWholeJobShowsItsLanesAndWhatTheDayTakes(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->xpath('(//a[normalize-space()="The whole job"])[1]')->click();
        $this->sees('worked together where one set-up serves several');
        $this->sees('2 together');
        $this->sees('Lay out to wear');
        $this->sees('Waste');
        $this->sees('Eye wash on the post');
        $this->quiet();
    }

    public function testTwoRoutesSideBySideAndTheOtherIsTaken(): void
    {
        $this->openPart('Side frames', 'route');
        $this->xpath('(//button[starts-with(normalize-space(), "Beside blast")])[1]')->click();
        $this->sees('Two ways, side by side');
        $this->sees('Blast to clean metal');
        $this->button('Take the other way');
        $this->browser
            ->wait(40, 100)
            ->until(
                fn(): bool => [] !==
                    $this->browser->findElements(
                        By::xpath('//ol//button[@data-step]//*[normalize-space()="Blast to clean metal"]'),
                    ),
            );
        $this->quiet();
    }

    public function testAQuestionWithoutAJobIsAnsweredWithItsReasonAndByKeyboard(): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->link('Stores');
        $this->link('What over what');
        $this->sees('What may go over what');
        $this->choose('May', 'Two-pack epoxy primer');
        $this->choose('go over', 'Self-etch primer, aerosol');
        $this->sees('The acid stops the amine cure');
        $cell = $this->xpath('//button[@data-over="1-1"]');
        $cell->sendKeys(WebDriverKeys::ARROW_UP);
        $this->sees('Yes, on the bare material once it is prepared.');
        $this->quiet();
    }

    public function testLocalRulesAndAnOwnCatalogueAreKept(): void
    {
        $this->open(EmptyYard::make());
        $this->xpath('//a[contains(@aria-label, "local rules")]')->click();
        $this->type('Quiet hours', 'Nothing loud before nine.');
        $this->xpath('(//button[normalize-space()="Keep"])[1]')->click();
        $this->sees('Kept.');
        $this->button('Begin with an example');
        $this->sees('Every entry can be used.');
        $this->xpath('(//button[normalize-space()="Keep"])[2]')->click();
        $this->sees('Kept; routes are planned with it.');
        $this->browser->executeScript(
            'const t = document.querySelector("section[aria-label=\'Own products and steps\'] textarea"); ' .
                'Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(t, ' .
                't.value.replace("price: 2900", "prize: 2900")); t.dispatchEvent(new Event("input", {bubbles: ' .
                'true}))',
        );
        $this->sees('Line 27');
        $this->sees('The field "prize" is not known here.');
        $this->browser->navigate()->refresh();
        self::assertSame(
            'Nothing loud before nine.',
            $this->xpath('//textarea[contains(text(), "Nothing loud before nine.")]')->getAttribute('value'),
        );
    }

    public function testHoursThatCannotBeReadAreSaidAtTheirDayAndMayBeTriedAgain(): void
    {
        $this->open(EmptyYard::make());
        $this->browser->get(self::address() . '/yard');
        $this->sees('Who works when');
        $this->type('Mon', '8 till late');
        $this->button('Keep, and plan again');
        $this->sees('"8 till late" are no hours. Accepted: from and to such as 8:00-12:30.');
        $day = $this->xpath('(//input[@aria-invalid="true"])[1]');
        self::assertStringEndsWith(', Mon', (string) $day->getAttribute('aria-label'));
        self::assertStringContainsString(
            '8:00',
            (string) $this->xpath('(//label[.="Tue"]/..//input)[1]')->getAttribute('value'),
        );
        $this->type('Mon', '8:00-12:00');
        self::assertStringNotContainsString('till late', $this->page());
        $this->button('Keep, and plan again');
        $this->sees('Kept; the schedule follows.');
        $this->quiet(['422']);
    }

    public function testAPhotoIsKeptAndATakenOutOneComesBack(): void
    {
        $this->openPart('Windscreen', 'survey');
        $file = sys_get_temp_dir() . '/from-the-bow.png';
        file_put_contents($file, $this->browser->takeScreenshot());
        $input = $this->browser->findElement(By::cssSelector('input[aria-label="Photos"]'));
        $this->browser->executeScript('arguments[0].hidden = false', [$input]);
        $input->setFileDetector(new LocalFileDetector());
        $input->sendKeys($file);
        $this->sees('from-the-bow');
        self::assertGreaterThan(
            0,
            $this->browser->executeScript('return document.querySelector("img[alt*=from-the-bow]").naturalWidth || 1'),
        );
        $this->xpath('//button[@aria-label="Take out the photo from-the-bow"]')->click();
        $this->button('Undo: have the photo back');
        $this->sees('from-the-bow');
        $this->quiet();
    }

    public function testTheWorthOfAPartFollowsItsPrice(): void
    {
        $this->openPart('Drum guard', 'survey');
        $this->sees('Is it worth it?');
        $this->type('Another one would cost', '20');
        $this->sees('Not for the money');
        $this->type('Another one would cost', '5000');
        $this->sees('Worth it');
        $this->quiet();
    }
}
