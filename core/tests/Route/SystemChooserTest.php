<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Input\Keys;
use Hull\Route\NoRoute;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class SystemChooserTest extends TestCase
{
    /** @return iterable<array{string, string, string}> service, finish, system */
    public static function choices(): iterable
    {
        yield ['exterior-splash', 'tidy', 'epoxy+urethane'];
        yield ['exterior-sun', 'show', 'epoxy+show-build'];
        yield ['exterior-splash', 'utility', 'epoxy+alkyd'];
        yield ['interior', 'utility', 'epoxy+alkyd'];
        yield ['interior', 'tidy', 'alkyd-only'];
        yield ['underbody', 'utility', 'underbody-non-drying'];
        yield ['bare-fit', 'show', 'bare-oiled'];
        yield ['exterior-sun', 'utility', 'epoxy+urethane-one'];
        yield ['tank', 'tidy', 'tank-lining'];
        yield ['heat-600', 'tidy', 'heat-aerosol'];
    }

    #[DataProvider('choices')]
    public function testTheServiceAndTheFinishDecide(string $service, string $finish, string $system): void
    {
        foreach (['carbon-steel', 'cast-iron'] as $substrate) {
            $chosen = Yard::workpiece(['substrate' => $substrate, 'service' => $service, 'finish' => $finish])->context
                ->system;
            self::assertSame($system, $chosen->id);
            self::assertNotSame('', $chosen->why . $chosen->life->text());
        }
    }

    /** @return iterable<array{array<int|string, string>, string, string, string}> schools, service, finish, system */
    public static function schools(): iterable
    {
        yield [['first-film' => 'etch'], 'exterior-sun', 'tidy', 'etch+urethane'];
        yield [['first-film' => 'zinc-rich'], 'exterior-splash', 'tidy', 'zinc+urethane'];
        yield [['first-film' => 'mcu'], 'exterior-splash', 'tidy', 'mcu+urethane'];
        yield [['first-film' => 'dtm'], 'interior', 'utility', 'dtm'];
        yield [['rust' => 'encapsulate'], 'exterior-splash', 'tidy', 'encapsulate+urethane'];
        yield [['rust' => 'oil'], 'exterior-splash', 'utility', 'oil-film'];
        yield [['underbody' => 'film-build'], 'underbody', 'tidy', 'mastic'];
        yield [['underbody' => 'liner'], 'underbody', 'tidy', 'epoxy+liner'];
        yield [['heat-film' => 'oven'], 'heat-300', 'tidy', 'ceramic'];
    }

    /** @param array<int|string, string> $schools */
    #[DataProvider('schools')]
    public function testTheSchoolsDecide(array $schools, string $service, string $finish, string $system): void
    {
        self::assertSame(
            $system,
            Yard::workpiece(['schools' => $schools, 'service' => $service, 'finish' => $finish])->context->system->id,
        );
    }

    public function testASchoolWithoutASystemGivesWayAndSaysSo(): void
    {
        $piece = Yard::workpiece(['schools' => ['rust' => 'oil'], 'service' => 'exterior-splash', 'finish' => 'show']);
        self::assertSame('epoxy+show-build', $piece->context->system->id, 'oil is no show finish');
        $gelcoat = Yard::workpiece(['substrate' => 'gelcoat', 'conditions' => [], 'service' => 'tank']);
        self::assertSame('tank-lining', $gelcoat->context->system->id);
    }

    public function testNoVesselWaitsForAFilmThatHardensInHeatAndItIsSaidWhy(): void
    {
        $found = [['id' => 'fuel-vessel', 'grade' => 'yes', 'extent' => '100 %']];
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessage('nobody heats a fuel tank or pressure vessel');
        Yard::workpiece(['substrate' => 'cast-iron', 'service' => 'heat-300', 'conditions' => $found]);
    }

    #[Group('slow')]
    public function testEveryMaterialHasASystemInEveryServiceThatSuitsIt(): void
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->substrates as $substrate) {
            foreach ($catalogue->services as $service) {
                foreach (array_keys($catalogue->finishes) as $finish) {
                    if ($service->suits($substrate)) {
                        $scope = Yard::workpiece([
                            'substrate' => $substrate->id,
                            'conditions' => [],
                            'service' => $service->id,
                            'finish' => $finish,
                        ])->context->system->scope;
                        self::assertTrue($substrate->isOf($scope->families), $substrate->id . ' ' . $service->id);
                    }
                }
            }
        }
    }

    public function testAServiceThatDoesNotSuitSaysWhy(): void
    {
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessageMatches('/Rubber .* "Heat to 600 °C": it melts, softens or burns/');
        Yard::workpiece(['substrate' => 'rubber', 'conditions' => [], 'service' => 'heat-600']);
    }

    public function testAWorkshopWithoutAnythingStillHasASystemForEveryMaterial(): void
    {
        $catalogue = Yard::catalogue();
        foreach ($catalogue->substrates as $substrate) {
            foreach ($catalogue->services as $service) {
                if ($service->suits($substrate)) {
                    $system = Yard::workpiece(
                        [
                            'substrate' => $substrate->id,
                            'conditions' => [],
                            'service' => $service->id,
                            'finish' => 'show',
                        ],
                        Keys::of($catalogue->limits),
                    )->context->system;
                    self::assertSame([], $system->requires);
                }
            }
        }
    }

    public function testWithoutIsocyanateAnotherSystemIsTaken(): void
    {
        self::assertSame('epoxy+topside', Yard::workpiece([], ['isocyanate'])->context->system->id);
    }
}
