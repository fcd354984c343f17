<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Catalog\CatalogueLoader;
use App\Catalog\LineError;
use App\Catalog\OwnText;
use App\Catalog\YamlLines;
use App\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Yaml\Yaml;

/** A workshop's own products and steps: checked with line numbers, kept, planned with, given back as they were. */
final class OwnCatalogueTest extends ApiCase
{
    private const ROOT = __DIR__ . '/../..';

    public function testEveryPlaceOfTheShippedFilesIsFoundOnItsLine(): void
    {
        $tried = 0;
        foreach (
            [
                ...(new CatalogueLoader(self::ROOT . '/catalog', '', true))->files(),
                self::ROOT . '/docs/formats/own-catalogue.example.yaml',
            ]
            as $file
        ) {
            $text = (string) file_get_contents($file);
            if (str_contains($text, '*')) {
                continue;
            }
            $lines = explode("\n", $text);
            foreach (self::leaves(Yaml::parse($text), '') as [$pointer, $key, $value]) {
                $line = $lines[YamlLines::of($text, $pointer) - 1];
                self::assertTrue(
                    str_contains($line, $key) || str_contains($line, $value),
                    basename($file) . ' ' . $pointer . ': ' . $line,
                );
                ++$tried;
            }
        }
        self::assertGreaterThan(2000, $tried);
    }

    /**
     * @return iterable<string, array{string, string, int, string}> what is replaced, by what, line, part of the
     *                                                              message
     */
    public static function faults(): iterable
    {
        yield 'not YAML' => ['    dft: 60 um', '   dft: 60 um', 10, ''];
        yield 'an unknown kind' => ['steps:', 'hats:', 43, '"hats"'];
        yield 'an unknown field' => ['    price: 2900', '    prize: 2900', 27, '"prize"'];
        yield 'a missing field' => ['    hatch: epoxy' . "\n", '', 4, '"hatch"'];
        yield 'a wrong kind of value' => ['    price: 2900', '    price: dear', 27, 'wrong kind'];
        yield 'an unknown caution' => ['cautions: [epoxy, solvent]', 'cautions: [epoxy, dragons]', 23, ''];
        yield 'an unknown product in a system' => [
            '{product: own-slow-epoxy, coats',
            '{product: own-fast-epoxy, coats',
            39,
            '',
        ];
        yield 'a ratio with nothing in it' => ['ratio: "4:1"', 'ratio: "0:1"', 8, ''];
        yield 'an id that is taken' => ['id: own-magnet-sweep', 'id: photograph', 44, 'twice'];
        yield 'an unknown fact' => ['{fact: wet, max: 0', '{fact: moist, max: 0', 50, ''];
    }

    #[DataProvider('faults')]
    public function testFaultsAreNamedWithTheirLine(string $good, string $bad, int $line, string $says): void
    {
        $text = self::example();
        self::assertStringContainsString($good, $text);
        $errors = self::getContainer()->get(OwnText::class)->errors(str_replace($good, $bad, $text));
        $lines = array_map(static fn(LineError $e): int => $e->line, $errors);
        self::assertContains(
            $line,
            $lines,
            implode('; ', array_map(static fn(LineError $e): string => $e->text(), $errors)),
        );
        self::assertStringContainsString(
            $says,
            implode(' ', array_map(static fn(LineError $e): string => $e->detail, $errors)),
        );
    }

    public function testOwnProductsArePlannedWithAndComeBackAsTheyWere(): void
    {
        $this->enter('rowan@yard.example');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => self::example()]);
        self::assertSame(200, $this->code());
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Winch']), 'id');
        $part = self::text(
            $this->call(
                'POST',
                "/api/jobs/$job/parts",
                self::survey(['service' => 'fluids', 'schools' => ['first-film' => 'epoxy']]),
            ),
            'id',
        );
        $route = $this->call('GET', "/api/parts/$part/route");
        self::assertStringContainsString('Slow epoxy', self::text($route, 'system'));
        self::assertContains(
            'own-slow-epoxy',
            array_map(static fn(mixed $s): mixed => self::at($s, 'product'), self::list($route, 'steps')),
        );
        $this->client->request('GET', '/api/workshop/catalogue/file');
        self::assertSame(trim(self::example()), $this->client->getResponse()->getContent());
        $refused = $this->change('PUT', '/api/workshop/catalogue', ['text' => '']);
        self::assertSame(422, $this->code(), 'a route still names it');
        self::assertStringContainsString('own-slow-epoxy', self::text($refused, 'detail'));
        $this->call('DELETE', "/api/jobs/$job");
        $this->change('PUT', '/api/workshop/catalogue', ['text' => '']);
        self::assertSame(200, $this->code());
    }

    public function testAFaultyTextIsRefusedAndTheOldOneKept(): void
    {
        $this->enter('rowan@yard.example');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => self::example()]);
        $bad = str_replace('    price: 2900', '    prize: 2900', self::example());
        $refused = $this->change('PUT', '/api/workshop/catalogue', ['text' => $bad]);
        self::assertSame(422, $this->code());
        self::assertStringStartsWith('Line ', self::text($refused, 'detail'));
        $checked = $this->call('POST', '/api/workshop/catalogue/check', ['text' => $bad]);
        self::assertContains(
            27,
            array_map(static fn(mixed $e): mixed => self::at($e, 'line'), self::list($checked, 'errors')),
        );
        self::assertSame(trim(self::example()), self::text($this->call('GET', '/api/workshop/catalogue'), 'text'));
    }

    public function testOneThatCannotBeReadAnyMoreIsSaidOnEveryPageUntilItIsMended(): void
    {
        $this->enter('rowan@yard.example');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => self::example()]);
        self::assertNull(self::at($this->call('GET', '/api/session'), 'account', 'catalogueFault'));
        // As after an update that asks more of an entry than it did.
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $yard = $em->getRepository(Workshop::class)->findOneBy(['name' => 'Yard']);
        self::assertNotNull($yard);
        $yard->ownCatalogue = str_replace("    hatch: epoxy\n", '', self::example());
        $em->flush();
        $account = self::at($this->call('GET', '/api/session'), 'account');
        self::assertSame('Line 4: "hatch" is missing.', self::text($account, 'catalogueFault'));
        $shown = $this->call('GET', '/api/workshop/catalogue');
        self::assertSame(4, self::at($shown, 'errors', 0, 'line'), 'and where, on the page of the yard');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => self::example()]);
        self::assertSame(200, $this->code());
        self::assertNull(self::at($this->call('GET', '/api/session'), 'account', 'catalogueFault'));
    }

    public function testAnotherWorkshopDoesNotSeeIt(): void
    {
        $this->enter('rowan@yard.example');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => self::example()]);
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $this->enter('stranger@other.example', 'Other');
        self::assertSame('', self::text($this->call('GET', '/api/workshop/catalogue'), 'text'));
    }

    /** A process reads its catalogue once; the next request of a browser is another process. */
    private static function example(): string
    {
        return (string) file_get_contents(self::ROOT . '/docs/formats/own-catalogue.example.yaml');
    }

    /** @return iterable<array{string, string, string}> pointer, key, value */
    private static function leaves(mixed $value, string $pointer): iterable
    {
        if (!is_array($value)) {
            $key = basename($pointer);

            return yield [
                $pointer,
                ctype_digit($key) ? (string) json_encode(null) : $key,
                is_scalar($value) ? (is_bool($value) ? ($value ? 'true' : 'false') : (string) $value) : '',
            ];
        }
        foreach ($value as $key => $inner) {
            yield from self::leaves($inner, $pointer . '/' . $key);
        }
    }
}
