<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Route\NoRoute;
use Hull\Route\SystemChooser;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SystemChooserTest extends TestCase
{
    /** @return iterable<array{string, string, string}> service, finish, system */
    public static function choices(): iterable
    {
        yield ['exterior-splash', 'tidy', 'epoxy-urethane'];
        yield ['exterior-sun', 'show', 'epoxy-urethane'];
        yield ['exterior-splash', 'utility', 'epoxy-alkyd'];
        yield ['interior', 'utility', 'epoxy-alkyd'];
        yield ['interior', 'show', 'alkyd-only'];
        yield ['underbody', 'utility', 'mastic'];
        yield ['underbody', 'show', 'mastic'];
        yield ['exterior-sun', 'utility', 'epoxy-urethane-utility'];
    }

    #[DataProvider('choices')]
    public function testTheServiceAndTheFinishDecide(string $service, string $finish, string $system): void
    {
        foreach (['carbon-steel', 'cast-iron'] as $substrate) {
            $chosen = SystemChooser::choose(Yard::catalogue(), Yard::catalogue()->substrate($substrate), $service, $finish, []);
            self::assertSame($system, $chosen->id);
            self::assertNotSame('', $chosen->why.$chosen->life);
        }
    }

    public function testEveryServiceAndFinishOfSteelHasASystem(): void
    {
        $catalogue = Yard::catalogue();
        foreach (array_keys($catalogue->services) as $service) {
            foreach (array_keys($catalogue->finishes) as $finish) {
                $chosen = SystemChooser::choose($catalogue, $catalogue->substrate('carbon-steel'), $service, $finish, []);
                self::assertContains($service, $chosen->services);
                self::assertContains($finish, $chosen->finishes);
            }
        }
    }

    public function testAMaterialWithoutASystemSaysSo(): void
    {
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessageMatches('/no film system yet for Driftwood .* "Interior" .* "Tidy"/');
        SystemChooser::choose(Yard::catalogue(), new \Hull\Catalog\Substrate('driftwood', 'Driftwood', ['wood'], '', 'wood'), 'interior', 'tidy', []);
    }
}
