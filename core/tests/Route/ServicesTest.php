<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Route\NoRoute;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** A part may have to stand several things at once: a film has to stand them all. */
final class ServicesTest extends TestCase
{
    private const PART = ['finish' => 'utility', 'conditions' => [['id' => 'soil', 'grade' => 'light']]];

    public function testTheFilmStandsThemAll(): void
    {
        $sun = Yard::workpiece([...self::PART, 'service' => 'exterior-sun'])->context->system;
        $both = Yard::workpiece([...self::PART, 'service' => 'exterior-sun', 'also' => ['exterior-splash']])->context
            ->system;
        self::assertContains('exterior-sun', $both->scope->services);
        self::assertContains('exterior-splash', $both->scope->services);
        self::assertNotSame($sun->id, $both->id, 'what stands the sun alone is not enough');
    }

    public function testWhatStandsAllButOneIsNamed(): void
    {
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessageMatches('/"Exterior, sun" and "Heat to 600 °C".* stands all but "/s');
        Yard::workpiece([...self::PART, 'service' => 'exterior-sun', 'also' => ['heat-600']]);
    }

    public function testAServiceTheMaterialIsNotForIsSaid(): void
    {
        $this->expectException(NoRoute::class);
        $this->expectExceptionMessageMatches('/is not for the service "Heat to 600 °C"/');
        Yard::workpiece([...self::PART, 'substrate' => 'gelcoat', 'service' => 'exterior-sun', 'also' => ['heat-600']]);
    }

    public function testWhatAFilmStandsTooCountsOnlyBesideItsOwnService(): void
    {
        $part = [...self::PART, 'substrate' => 'magnesium'];
        $both = Yard::workpiece([...$part, 'service' => 'heat-150', 'also' => ['fluids']])->context->system;
        self::assertSame('magnesium-heat', $both->id);
        self::assertNotSame('magnesium-heat', Yard::workpiece([...$part, 'service' => 'fluids'])->context->system->id);
    }

    public function testTheyGoIntoTheJobFileAndComeOutOfIt(): void
    {
        $reader = new JobReader(Yard::catalogue());
        $job = $reader->job(Node::root(Yard::frame([...self::PART, 'also' => ['fluids', 'walked-on']])));
        $again = $reader->job(Node::root(JobWriter::job($job)));
        self::assertSame(['fluids', 'walked-on'], $again->parts[0]->also);
    }

    public function testAnUnknownOneIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        (new JobReader(Yard::catalogue()))->job(Node::root(Yard::frame([...self::PART, 'also' => ['space']])));
    }
}
