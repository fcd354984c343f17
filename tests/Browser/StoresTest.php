<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;

/** Tins, quantities, work cards and the scale, in a real browser. */
final class StoresTest extends BrowserCase
{
    public function testATinComesInIsCountedAndAForeignTableTakesNothing(): void
    {
        $this->open(EmptyYard::make());
        $this->browser->get(self::address() . '/stores');
        $this->sees('The shelf is empty');
        $this->type('What', 'Two-pack epoxy primer');
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN);
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->type('Batch', 'GH-1');
        $this->type('Tin size', '1 furlong');
        $this->button('Put it on the shelf');
        $this->sees('Accepted:');
        $this->type('Tin size', '2.5 L');
        $this->button('Put it on the shelf');
        $this->sees('1 tin with something in it');
        $this->xpath('//button[starts-with(normalize-space(), "Two-pack epoxy primer, batch GH-1")]')->click();
        $this->type('Amount', '1 qt');
        $this->button('So much is in it');
        $this->sees('946 mL of 2.5 L');

        $file = tempnam(sys_get_temp_dir(), 'tins') . '.csv';
        file_put_contents($file, "material,batch,size,count\nepoxy-primer-2k,A,1 L,1\ngold-leaf,B,1 L,1\n");
        try {
            $this->browser->findElement(By::cssSelector('input[aria-label="Table of tins"]'))->sendKeys($file);
            $this->sees('Nothing was taken in');
            $this->sees('Line 3');
        } finally {
            unlink($file);
        }
        $this->quiet(['422']);
    }

    public function testOneMoreCoatMovesTheLitresAndThePrice(): void
    {
        $this->openJob('Hovercraft', 'quantities');
        $this->sees('Enough of everything');
        $before = $this->litres();
        $this->browser
            ->findElement(By::cssSelector('input[aria-label="More coats"]'))
            ->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->browser->wait(40, 100)->until(fn(): bool => $this->litres() !== $before);
        $this->sees('more coats: 1');
        $this->button('As planned');
        $this->browser->wait(40, 100)->until(fn(): bool => $this->litres() === $before);
        $this->quiet();
    }

    public function testACardIsTriedWhileTypingAndKept(): void
    {
        $this->openJob('Slipway winch', 'cards');
        $this->xpath('//button[contains(., "Dilute a solution")]')->click();
        $this->sees('In this order');
        $this->type('Name of the card', 'Peroxide for the lamp');
        $this->type('Strength of the stock', '35 %');
        $this->type('Strength wanted', '9 %');
        $this->type('Total wanted', '500 mL');
        $this->sees('129 mL');
        $this->type('Strength wanted', '90 %');
        $this->sees('Not worked out yet');
        $this->type('Strength wanted', '9 %');
        $this->sees('129 mL');
        $this->button('Keep the card');
        $this->sees('Open Peroxide for the lamp');
        $this->quiet();
    }

    public function testTheScaleFillsTheColumn(): void
    {
        $this->openPart('Side frames', 'mix');
        $this->sees('Mix: Two-pack epoxy primer, coat 1');
        $this->button('Read the scale');
        $this->sees('Simulated bench scale');
        $page = $this->xpath('//a[normalize-space()="Pour on it"]')->getAttribute('href');
        $target = $this->browser->executeScript(
            'return [...document.querySelectorAll(".mono")].map(e => e.textContent).find(t => /^[\d.]+ ' .
                '(g|kg)$/.test(t.replace(/\s+/g, " ")))',
        );
        self::assertIsString($target);
        $grams = (float) $target * (str_contains($target, 'kg') ? 1000.0 : 1.0);
        file_get_contents(
            rtrim((string) $page, '/') . '/pour',
            false,
            stream_context_create([
                'http' => [
                    'method' => 'POST',
                    'header' => 'Content-Type: application/json',
                    'content' => (string) json_encode(['grams' => $grams + 300.0, 'seconds' => 0.2]),
                ],
            ]),
        );
        $this->sees('too much');
        $this->quiet();
    }

    private function litres(): string
    {
        $text = $this->browser->executeScript(
            'return [...document.querySelectorAll("ul[aria-label=Films] > li")].map(l => ' .
                'l.innerText.split("\n").slice(0, 3).join(" ")).join(";")',
        );

        return is_string($text) ? $text : '';
    }
}
