<?php

declare(strict_types=1);

namespace App\Tests\Browser;

/** A job is closed, looked up, read, put away, taken out and opened again, as somebody does it. */
final class ClosedTest extends BrowserCase
{
    public function testAJobIsClosedReadPutAwayAndOpenedAgain(): void
    {
        $this->open(EmptyYard::make());
        $this->takeFirstIn();
        $this->type('What is being restored', 'Skiff');
        $this->type('Which part', 'Keel band');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        $this->link('Today');
        $this->sees('Not begun');
        $this->press('//button[@aria-label="More for Skiff"]');
        $this->press('//li[@role="menuitem"][.="Close this job"]');
        $this->sees('One part has work left');
        $this->button('Close it, work undone');
        $this->sees('The slip is empty');
        $this->link('Closed jobs');
        $this->sees('0/');
        $this->press('//ul[@aria-label="Closed jobs"]//a[starts-with(@href, "/part/")]');
        $this->sees('This job was closed on');
        $this->sees('What was done');
        self::assertStringNotContainsString('Write down what was done', $this->page());
        $this->browser->navigate()->back();
        $this->button('Put it away');
        $this->sees('A job whose parts are handed over is closed from Today');
        $this->button('Those put away');
        $this->sees('Skiff');
        $this->button('Open it again');
        $this->sees('A closed job that nobody looks for any more');
        $this->link('Today');
        $this->sees('Not begun');
        $this->quiet();
    }
}
