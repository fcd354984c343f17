<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;

/** What the yard has is asked once, and every job begins with it. */
final class GearTest extends ApiCase
{
    public function testANewYardHasHandToolsAndAHoseAndNothingMore(): void
    {
        $this->enter('new@example.test', 'New slip');
        $this->forgetWhatWasSaid('New slip');
        $gear = $this->call('GET', '/api/workshop/gear');
        self::assertFalse(self::at($gear, 'asked'));
        $has = array_filter(
            self::list($gear, 'all'),
            static fn(mixed $c): bool => 'gear' === self::at($c, 'kind') && true === self::at($c, 'has'),
        );
        self::assertSame(['pressure-washer', 'uv-lamp'], array_column($has, 'id'));
        self::assertContains('spray-gun', $this->without($this->job()));
    }

    public function testWhatItSaysHoldsForNewJobsAndForThoseThatWereNotToldOtherwise(): void
    {
        $this->enter('asked@example.test', 'Asked slip');
        $before = $this->job();
        $told = $this->job();
        $this->call('PUT', "/api/jobs/$told/without", ['without' => ['oven']]);
        $gear = $this->call('PUT', '/api/workshop/gear', ['without' => ['blast', 'compressor'], 'version' => 1]);
        self::assertTrue(self::at($gear, 'asked'));
        self::assertSame(2, self::at($gear, 'version'));
        self::assertSame(['blast', 'compressor'], $this->without($before));
        self::assertSame(['oven'], $this->without($told));
        self::assertSame(['blast', 'compressor'], $this->without($this->job()));
    }

    public function testTwoWhoSayItAtOnceAreToldOfEachOther(): void
    {
        $this->enter('two@example.test', 'Two at once');
        $this->call('PUT', '/api/workshop/gear', ['without' => [], 'version' => 1]);
        self::assertResponseIsSuccessful();
        $this->call('PUT', '/api/workshop/gear', ['without' => ['oven'], 'version' => 1]);
        self::assertResponseStatusCodeSame(409);
    }

    public function testAnUnknownThingIsRefusedWithWhatIsKnown(): void
    {
        $this->enter('unknown@example.test', 'Unknown slip');
        $refused = $this->call('PUT', '/api/workshop/gear', ['without' => ['anvil'], 'version' => 1]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('spray-gun', json_encode($refused, \JSON_THROW_ON_ERROR));
    }

    /** @return array<mixed> */
    private function without(string $job): array
    {
        return self::list($this->call('GET', "/api/jobs/$job"), 'without');
    }

    private function job(): string
    {
        return self::text($this->call('POST', '/api/jobs', ['name' => 'Skiff']), 'id');
    }

    private function forgetWhatWasSaid(string $name): void
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->getConnection()->executeStatement('UPDATE workshop SET without = NULL WHERE name = ?', [$name]);
        $em->clear();
        self::assertNotNull($em->getRepository(Workshop::class)->findOneBy(['name' => $name]));
    }
}
