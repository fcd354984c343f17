<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Account;
use App\Persistence\WorkshopScope;
use App\Work\YardPlan;
use Doctrine\ORM\EntityManagerInterface;

/**
 * Page, calendar file, calendar address, worker: with an own sheet and an own step all of them know the same windows.
 */
final class OneCatalogueTest extends ApiCase
{
    use Works;

    private const ROOT = __DIR__ . '/../..';

    public function testAnOwnSheetAndAnOwnStepCountEverywhere(): void
    {
        $this->enter('rowan@yard.example');
        $typical = $this->windowOnThePage();
        $this->change('PUT', '/api/workshop/catalogue', [
            'text' => (string) file_get_contents(self::ROOT . '/docs/formats/own-catalogue.example.yaml'),
        ]);
        self::assertSame(200, $this->code());
        $this->change('POST', '/api/store/sheets', [
            'text' => (string) file_get_contents(self::ROOT . '/docs/formats/product-sheet.example.yaml'),
        ]);
        self::assertSame(204, $this->code());
        $own = $this->windowOnThePage();
        self::assertNotSame($typical, $own, 'the sheet shortens the window');
        $this->callForASweep();

        $address = self::text($this->call('POST', '/api/calendar'), 'address');
        $this->client->request('GET', '/api/calendar/file');
        $file = (string) $this->client->getResponse()->getContent();
        self::assertStringContainsString('DTEND:' . gmdate('Ymd\THis\Z', (int) strtotime($own)), $file);
        $here = self::starts($this->call('POST', '/api/plan', ['fresh' => true]));

        $this->asTheWorkerPlans();
        self::assertSame($here, self::starts($this->call('GET', '/api/plan')));
        $this->client->request('GET', '/api/calendar/file');
        $file = (string) $this->client->getResponse()->getContent();
        self::assertStringContainsString('Sweep with the magnet', $file);

        $this->call('DELETE', '/api/session');
        $this->client->request('GET', (string) parse_url($address, \PHP_URL_PATH));
        self::assertSame(200, $this->code());
        self::assertSame($file, $this->client->getResponse()->getContent());
    }

    /**
     * When the window after a first coat of epoxy primer closes, as the page of windows has it; a part of its own each
     * time.
     */
    private function windowOnThePage(): string
    {
        [, $part] = $this->part();
        foreach (self::list($this->call('GET', "/api/parts/$part/route"), 'steps') as $step) {
            $at = self::ago('apply-coat' === self::text($step, 'step') ? '1 hour' : '2 hours');
            $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => self::text($step, 'key'),
                'at' => $at,
                'temperature' => '18 C',
                'humidity' => '55 %',
            ]);
            self::assertSame(201, $this->code());
            if ('apply-coat' === self::text($step, 'step')) {
                break;
            }
        }

        return self::text($this->call('GET', "/api/parts/$part/windows"), 'bands', 0, 'closesAt');
    }

    /** The yard's own step goes into a route. */
    private function callForASweep(): void
    {
        [, $part] = $this->part();
        $route = $this->call('GET', "/api/parts/$part/route");
        $steps = array_map(
            static fn(mixed $s): array => [
                'key' => self::text($s, 'key'),
                'step' => self::text($s, 'step'),
                'product' => self::at($s, 'product'),
            ],
            self::list($route, 'steps'),
        );
        array_splice($steps, 1, 0, [['step' => 'own-magnet-sweep']]);
        $this->call('PUT', "/api/parts/$part/route", ['number' => self::at($route, 'number'), 'steps' => $steps]);
        self::assertSame(200, $this->code());
    }

    private function asTheWorkerPlans(): void
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $workshop =
            $em->getRepository(Account::class)->findOneBy(['email' => 'rowan@yard.example'])->workshop ??
            self::fail('nobody');
        self::getContainer()->get(WorkshopScope::class)->enter($workshop);
        $plans = self::getContainer()->get(YardPlan::class);
        $plans->plan($workshop, 'by the worker', fresh: true, later: true);
        // Nobody is signed in where the worker runs.
        self::getContainer()->get('security.token_storage')->setToken(null);
        self::assertSame(1, self::work());
        $em->clear();
    }

    /** @return list<array{string, string}> */
    private static function starts(mixed $plan): array
    {
        return array_values(
            array_map(
                static fn(mixed $w): array => [self::text($w, 'id'), self::text($w, 'start')],
                self::list($plan, 'work'),
            ),
        );
    }
}
