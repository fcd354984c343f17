<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use Facebook\WebDriver\WebDriverBy as By;

/** The strip-down register on a phone, from an empty yard: what comes off, its label, and the way back. */
final class RegisterTest extends BrowserCase
{
    public function testOnAPhoneFromAnEmptyYard(): void
    {
        $this->open(EmptyYard::make(), 390, 844);
        $this->takeFirstIn();
        $this->type('What is being restored', 'Pump');
        $this->type('Which part', 'Casing');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        $this->link('Today');
        $this->openJobHere('Pump', 'register');
        $this->sees('One tag for each thing that comes off');
        $this->button('Something came off');
        $this->button('Write the tag');
        $this->sees('Nothing is written here.');
        $this->type('What it is', 'Lid');
        $this->type('Count', '6');
        $this->xpath('(//fieldset//input)[2]')->sendKeys('hex screw');
        $this->type('Size', 'M6 x 20');
        $this->type('Where that lies', 'shelf 3');
        $this->button('Write the tag');
        $this->sees('1 tag · 6 things off');
        $this->button('Something was put in');
        $this->type('What it is', 'Rag in the port');
        $this->button('Write the tag');
        $this->sees('1 still in');
        $this->button('Putting together');
        $this->sees('Before it: 2 Rag in the port');
        self::assertSame([], $this->axe());
        $this->press('//input[@aria-label="Tag 2: all of Rag in the port out"]');
        $this->sees('nothing left in');
        $this->press('//button[@aria-label="One more of hex screw M6 x 20 back on"]');
        $this->sees('1 of 6');
        $this->press('//input[@aria-label="Tag 1: all of hex screw M6 x 20 back on"]');
        $this->sees('All of it is back on, and nothing is left in.');
        $this->press('//button[@aria-label="Remove tag 2"]');
        $this->sees('Tag 2 is off the register.');
        $this->button('Undo');
        $this->xpath('//li[@aria-label="Tag 2"]');
        $this->link('Labels');
        $this->sees('These squares open on this machine only');
        self::assertCount(2, $this->browser->findElements(By::cssSelector('[aria-label="Sheet 1"] svg')));
        $this->type('First free label on the sheet', '99');
        $this->sees('a number from 1 to 24');
        $this->quiet(['422']);
    }

    public function testTheSquareOfALabelOpensItsTag(): void
    {
        $this->openJob('Hovercraft', 'register');
        $this->sees('Throttle bracket');
        $code = $this->browser->executeScript(
            'const url = location.pathname.replace("/job/", "/api/jobs/"); ' .
                'return fetch(url).then(r => r.json()).then(v => v.tags.find(t => t.number === 3).code)',
        );
        self::assertIsString($code);
        $this->browser->get(self::address() . '/tag/' . $code);
        $this->sees('Throttle bracket');
        self::assertStringContainsString('tag=3', $this->browser->getCurrentURL());
        $this->browser->get(self::address() . '/tag/000000');
        $this->sees('There is nothing like that here.');
        $this->quiet(['404']);
    }
}
