<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Facebook\WebDriver\Exception\ElementClickInterceptedException as Intercepted;
use Facebook\WebDriver\Exception\ElementNotInteractableException as NotInteractable;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy as By;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A real browser against the served application, and what a hand and an eye do with it. */
abstract class BrowserCase extends TestCase
{
    protected RemoteWebDriver $browser;

    protected function tearDown(): void
    {
        if (isset($this->browser)) {
            $this->browser->quit();
        }
    }

    /** @return list<string> serious and critical violations */
    protected function axe(): array
    {
        $this->browser->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2) . '/web/node_modules/axe-core/axe.min.js'),
        );
        $found = $this->browser->executeAsyncScript(
            'const done = arguments[0]; axe.run().then(r => done(r.violations.filter(v => ["serious", ' .
                '"critical"].includes(v.impact)).map(v => v.id + ": " + v.nodes.slice(0, 3).map(n => ' .
                'n.target.join(" ") + " " + (n.any[0]?.message ?? "")).join(" | "))));',
        );
        self::assertIsArray($found);

        return array_values(array_map(static fn(mixed $v): string => is_string($v) ? $v : '', $found));
    }

    /** Signs in to the demo yard and opens a view of one of its parts. */
    protected function openPart(string $name, string $view): void
    {
        $this->open(DemoCommand::EMAIL);
        $part = $this->browser->executeScript(
            'const name = arguments[0]; return fetch("/api/jobs").then(r => r.json()).then(j => ' .
                'j.jobs.flatMap(x => x.parts).find(p => p.name === name).id)',
            [$name],
        );
        self::assertIsString($part);
        $this->browser->get(self::address() . "/part/$part/$view");
        $this->settled();
    }

    /** Signs in to the demo yard and opens a view of one of its jobs. */
    protected function openJob(string $name, string $view): void
    {
        $this->open(DemoCommand::EMAIL);
        $this->openJobHere($name, $view);
    }

    /** A view of a job of the yard that is signed in. */
    protected function openJobHere(string $name, string $view): void
    {
        $job = $this->browser->executeScript(
            'const name = arguments[0]; return fetch("/api/jobs").then(r => r.json()).then(j => ' .
                'j.jobs.find(x => x.name === name).id)',
            [$name],
        );
        self::assertIsString($job);
        $this->browser->get(self::address() . "/job/$job/$view");
        $this->settled();
    }

    protected function open(string $email, int $width = 1280, int $height = 800): void
    {
        $this->browser = Browser::open($width, $height);
        $this->browser->manage()->timeouts()->setScriptTimeout(30);
        $this->browser->get(self::address());
        $this->sees('Sign in');
        $this->browser->findElement(By::cssSelector('input[type=email]'))->sendKeys($email);
        $this->browser->findElement(By::cssSelector('input[type=password]'))->sendKeys(DemoCommand::PASSWORD);
        $this->browser->findElement(By::cssSelector('button[type=submit]'))->click();
        $this->sees('What wants you today');
    }

    protected static function address(): string
    {
        $address = getenv('HULL_ADDRESS');

        return false === $address ? self::fail('HULL_ADDRESS is not set; bin/browser-tests sets it.') : $address;
    }

    protected function sees(string $text): void
    {
        try {
            $this->browser->wait(40, 100)->until(fn(): bool => str_contains($this->page(), $text));
        } catch (TimeoutException) {
            self::fail("The page never showed: $text. It shows: " . substr($this->page(), 0, 1500));
        }
    }

    protected function page(): string
    {
        $text = $this->browser->executeScript(
            'return document.body.innerText + " " + [...document.querySelectorAll("svg text")].map(t => ' .
                't.textContent).join(" ")',
        );

        return is_string($text) ? $text : '';
    }

    protected function settled(): void
    {
        $this->browser
            ->wait(40, 100)
            ->until(fn(): bool => !str_contains($this->page(), 'Working it out') && '' !== trim($this->page()));
    }

    protected function xpath(string $path): RemoteWebElement
    {
        for ($tries = 0; ; ++$tries) {
            $this->browser
                ->wait(40, 100)
                ->until(fn(): bool => [] !== $this->browser->findElements(By::xpath($path)), "Never found $path");
            try {
                $element = $this->browser->findElement(By::xpath($path));
                $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);

                return $element;
            } catch (NoSuchElementException | StaleElementReferenceException $e) {
                // A list that is read anew is drawn anew between the two looks.
                $tries < 10 ? usleep(200_000) : throw $e;
            }
        }
    }

    protected function button(string $name): void
    {
        $this->press(sprintf('(//button[normalize-space()="%s"])[1]', $name));
    }

    /** Clicks what stands there, and again where it was drawn anew or covered the moment before. */
    protected function press(string $path): void
    {
        for ($tries = 0; ; ++$tries) {
            try {
                $this->xpath($path)->click();

                return;
            } catch (Intercepted | NotInteractable | StaleElementReferenceException $e) {
                // What is still arriving moves what is below it, or is not there to the hand yet; a hand waits, too.
                $tries < 10 ? usleep(300_000) : throw $e;
            }
        }
    }

    /** Takes a part in where it is the first of its yard: asked what the yard has, everything is ticked. */
    protected function takeFirstIn(): void
    {
        $this->button('Take a part in');
        $this->sees('What does the yard have?');
        $open = '//fieldset//input[@type="checkbox"][not(@checked)]';
        foreach ($this->browser->findElements(By::xpath($open)) as $box) {
            if (!$box->isSelected()) {
                $box->click();
            }
        }
        $this->button('That is what there is');
        $this->sees('What is being restored');
    }

    protected function choose(string $label, string $option): void
    {
        $this->xpath(
            sprintf(
                '(//*[contains(@class, "MuiInputLabel-root")][starts-with(normalize-space(), ' .
                    '"%s")]/following-sibling::div//div[@role="combobox"])[1]',
                $label,
            ),
        )->click();
        $this->xpath(sprintf('//li[@role="option"][normalize-space()="%s"]', $option))->click();
    }

    protected function link(string $name): void
    {
        $this->press(sprintf('(//a[normalize-space()="%s"])[1]', $name));
    }

    protected function type(string $label, string $text): void
    {
        $field = $this->xpath(
            sprintf(
                '(//label[starts-with(normalize-space(), "%s")]/following-sibling::div//*[self::input or ' .
                    'self::textarea][not(@aria-hidden="true")])[1]',
                $label,
            ),
        );
        $field->click();
        $field->sendKeys(WebDriverKeys::CONTROL . 'a');
        $field->sendKeys($text);
    }

    /**
     * No error on the console. A survey stores itself and a card is tried while it is typed, and what is half typed on
     * a slow machine is refused until it is whole: that is none.
     *
     * @param list<string> $but statuses of refusals that were asked for; the browser itself writes those down
     */
    protected function quiet(array $but = []): void
    {
        $errors = [];
        foreach ($this->browser->manage()->getLog('browser') as $line) {
            if (is_array($line) && 'SEVERE' === ($line['level'] ?? null)) {
                $errors[] = json_encode($line['message'] ?? '');
            }
        }
        self::assertSame(
            [],
            array_values(
                array_filter(
                    $errors,
                    static fn(string|false $e): bool => 1 !==
                        preg_match('~/(survey|cards/try) - .* 422 ~', (string) $e) &&
                        [] ===
                            array_filter($but, static fn(string $b): bool => str_contains((string) $e, "status of $b")),
                ),
            ),
        );
    }
}
