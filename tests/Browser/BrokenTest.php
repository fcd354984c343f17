<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** A page that is older than its server, or whose line is down, says so and helps itself. */
final class BrokenTest extends BrowserCase
{
    public function testAPageOlderThanItsServerLoadsItselfAnewOnceAndThenSaysWhatToDo(): void
    {
        $this->open(EmptyYard::make());
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Network.enable');
        $tools->execute('Network.setBlockedURLs', ['urls' => ['*/assets/Stores-*.js']]);
        $this->browser->executeScript('window.before = 1');
        $this->link('Stores');
        $this->sees('This view could not be shown');
        self::assertNull($this->browser->executeScript('return window.before ?? null'), 'it was loaded anew by itself');
        self::assertStringContainsString('Everything that was stored is safe', $this->page());
        $tools->execute('Network.setBlockedURLs', ['urls' => []]);
        $this->button('Load the page again');
        $this->sees('The shelf is empty');
    }
}
