<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Catalog\Service;
use Hull\Input\Keys;
use Hull\Tests\Sweep as WholeSweep;
use Hull\Tests\Yard;

/**
 * Every material in every service and finish, with ways of putting paint on and products going round, each as a yard of
 * one part: everything that can be opened opens. Thinned; HULL_FULL=1 (./test --full) tries all of them.
 */
final class SweepTest extends ApiCase
{
    use EveryRead;

    private const THINNED = 24;
    /** Schedules and alternatives, which take seconds, for one in so many. */
    private const SLOW = 18;

    public function testEverythingOpensForEveryMaterialServiceFinishMethodAndProduct(): void
    {
        $faults = [];
        $tried = 0;
        foreach (self::combinations() as $number => [$substrate, $service, $finish, $method, $product]) {
            $email = "yard$number@yard.example";
            $this->enter($email, "Yard $number");
            $survey = self::survey([
                'substrate' => $substrate,
                'service' => $service,
                'finish' => $finish,
                'method' => $method,
                'conditions' => self::conditions($substrate, $number),
            ]);
            $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Sweep']), 'id');
            $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
            $this->call('POST', '/api/store/tins', [
                'material' => $product,
                'batch' => 'B',
                'size' => '1 L',
                'count' => 1,
            ]);
            self::assertSame(201, $this->code(), $product);
            $this->withACoatOf($product, $part);
            $slow = WholeSweep::isWhole() || 0 === $number % self::SLOW;
            if ($slow) {
                $this->call('POST', '/api/plan', (object) []);
            }
            $found = $this->code() >= 400 ? ['plan: ' . $this->code()] : [];
            $found = [...$found, ...$this->faultsOfEveryRead($slow), ...$this->faultsOfTheConsole($job, $slow)];
            $faults = [
                ...$faults,
                ...array_map(
                    static fn(string $f): string => "$substrate, $service, $finish, $method, $product: $f",
                    $found,
                ),
            ];
            ++$tried;
            $this->call('DELETE', '/api/session');
        }
        self::assertSame([], $faults);
        self::assertGreaterThanOrEqual(self::THINNED, $tried);
    }

    private function withACoatOf(string $product, string $part): void
    {
        $route = $this->call('GET', "/api/parts/$part/route");
        $steps = array_map(
            static fn(mixed $s): array => [
                'key' => self::text($s, 'key'),
                'step' => self::text($s, 'step'),
                'product' => self::at($s, 'product'),
            ],
            self::list($route, 'steps'),
        );
        array_splice($steps, max(0, count($steps) - 2), 0, [['step' => 'apply-coat', 'product' => $product]]);
        $this->call('PUT', "/api/parts/$part/route", ['number' => self::at($route, 'number'), 'steps' => $steps]);
        self::assertSame(200, $this->code());
    }

    /** @return iterable<int, array{string, string, string, string, string}> */
    private static function combinations(): iterable
    {
        $catalogue = Yard::catalogue();
        [$methods, $products] = [$catalogue->methods->offered(), Keys::of($catalogue->products)];
        $all = [];
        $number = 0;
        foreach ($catalogue->substrates as $substrate) {
            foreach (
                array_filter($catalogue->services, static fn(Service $s): bool => $s->suits($substrate))
                as $service
            ) {
                foreach ($catalogue->finishes as $finish) {
                    $all[] = [
                        $substrate->id,
                        $service->id,
                        $finish->id,
                        $methods[$number % count($methods)],
                        $products[$number % count($products)],
                    ];
                    ++$number;
                }
            }
        }
        if (WholeSweep::isWhole()) {
            return yield from $all;
        }
        // Thinned, every product is there once, and the others as their draw has it.
        $seen = [];
        usort(
            $all,
            static fn(array $a, array $b): int => hash('sha256', implode('/', $a)) <=> hash('sha256', implode('/', $b)),
        );
        foreach ($all as $combination) {
            if (!isset($seen[$combination[4]])) {
                $seen[$combination[4]] = true;
                yield count($seen) => $combination;
            }
        }
    }

    /** @return list<array{id: string, grade: string, extent: string}> two that occur on it */
    private static function conditions(string $substrate, int $number): array
    {
        $catalogue = Yard::catalogue();
        $on = array_values(
            array_filter(
                $catalogue->conditions,
                static fn(\Hull\Catalog\Condition $c): bool => $catalogue->substrate($substrate)->isOf($c->families),
            ),
        );
        $of = static fn(\Hull\Catalog\Condition $c): array => [
            'id' => $c->id,
            'grade' => $c->worst()->id,
            'extent' => '30 %',
        ];

        return array_values(
            array_map(
                $of,
                array_unique([$on[$number % count($on)], $on[($number * 7 + 3) % count($on)]], \SORT_REGULAR),
            ),
        );
    }
}
