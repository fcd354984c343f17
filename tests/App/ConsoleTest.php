<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Component\Process\Process;

/** The console twin: the same engine, the same answers, without a database. */
final class ConsoleTest extends ApiCase
{
    public function testComputesListsAndDescribes(): void
    {
        self::assertEqualsWithDelta(132.0, self::at($this->json(['hull:compute', 'film.wet'], '{"dft":"60 um","solids":"50 %","thinner":"10 %"}'), 'values', 'wft', 'value'), 1e-9);
        self::assertStringContainsString('cure.zones', $this->console(['hull:compute', '--list'])->getOutput());
        self::assertSame(['solids', 'dft'], self::list($this->json(['hull:compute', 'film.spreading-rate', '--schema']), 'input', 'required'));
        $refused = $this->console(['hull:compute', 'film.wet'], '{"dft":"60 um"}');
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString('/solids', $refused->getOutput());
        self::assertSame(2, $this->console(['hull:compute', 'no.such'], '{}')->getExitCode());
    }

    public function testPlansTheExportedJobAsTheInterfaceDoes(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        $shown = array_map(static fn (mixed $s): array => [self::text($s, 'step'), self::at($s, 'product')], self::list($this->call('GET', "/api/parts/$part/route"), 'steps'));
        $planned = $this->json(['hull:plan', '-', '--format=json'], (string) json_encode($this->call('GET', "/api/jobs/$job/file")));
        self::assertSame($shown, array_map(static fn (mixed $s): array => [self::text($s, 'step'), self::at($s, 'product')], self::list($planned, 'parts', 0, 'route')));
    }

    public function testTheShoppingListComesAsTextAndAsCsv(): void
    {
        $job = dirname(__DIR__, 2).'/demo/2-dodgem.json';
        $shown = $this->console(['hull:shop', $job]);
        self::assertSame(0, $shown->getExitCode());
        self::assertStringContainsString('In all about', $shown->getOutput());
        $csv = $this->console(['hull:shop', $job, '--format=csv'])->getOutput();
        $rows = array_map(static fn (string $l): array => str_getcsv($l, ',', '"', ''), explode("\n", trim($csv)));
        self::assertSame('needed', $rows[0][4] ?? '');
        self::assertGreaterThan(2, count($rows));
        foreach (array_slice($rows, 1) as $row) {
            self::assertGreaterThanOrEqual((float) ($row[4] ?? 'x'), (float) ($row[8] ?? '0') + 1e-3);
        }
    }

    public function testAnOwnCatalogueIsCheckedByLine(): void
    {
        $example = (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/own-catalogue.example.yaml');
        self::assertSame(0, $this->console(['hull:catalogue', '-'], $example)->getExitCode());
        $bad = $this->console(['hull:catalogue', '-'], str_replace('    price: 2900', '    prize: 2900', $example));
        self::assertSame(1, $bad->getExitCode());
        self::assertStringContainsString('-:28: The field "prize" is not known here.', $bad->getOutput());
    }

    public function testChecksARouteAndNamesEveryBrokenNeed(): void
    {
        $place = self::survey()['place'];
        $part = (array) self::survey()['part'];
        $file = static fn (?array $route): string => (string) json_encode(['format' => 'unbowed-hull-job', 'version' => 1, 'name' => 'X', 'places' => [$place], 'parts' => [null === $route ? $part : [...$part, 'route' => $route]]]);
        self::assertSame(0, $this->console(['hull:check', '-'], $file(null))->getExitCode());
        $bad = $this->console(['hull:check', '-'], $file(['scrape', ['step' => 'apply-coat', 'product' => 'urethane-colour-2k'], 'photograph']));
        self::assertSame(1, $bad->getExitCode());
        foreach (['must be photographed', 'oil, grease, wax and silicone must be off', 'a primer must lie under it', 'the film system must be complete', 'hand-over'] as $need) {
            self::assertStringContainsString($need, $bad->getOutput());
        }
        self::assertSame(2, $this->console(['hull:check', 'no-such-file.json'])->getExitCode());
    }

    public function testTheMinimalExampleOfTheDocumentationPlans(): void
    {
        self::assertSame(0, $this->console(['hull:plan', 'docs/formats/job.example.json'])->getExitCode());
        self::assertSame(0, $this->console(['hull:check', 'docs/formats/job.example.json'])->getExitCode());
    }

    /** @param list<string> $arguments */
    private function console(array $arguments, string $input = ''): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', ...$arguments], dirname(__DIR__, 2), ['APP_ENV' => 'test', 'DATABASE_URL' => 'postgresql://nobody@127.0.0.1:1/none?serverVersion=15'], $input);
        $process->run();

        return $process;
    }

    /**
     * @param list<string> $arguments
     *
     * @return array<array-key, mixed>
     */
    private function json(array $arguments, string $input = ''): array
    {
        $decoded = json_decode($this->console($arguments, $input)->getOutput(), true);
        self::assertIsArray($decoded);

        return $decoded;
    }
}
