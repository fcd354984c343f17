<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\JobRow;
use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Routing\RouterInterface;

/** Nobody sees another workshop's rows: tried over the whole route table, so that a new endpoint is tried too. */
final class IsolationTest extends ApiCase
{
    public function testEveryEndpointAnswers404ForAnothersIds(): void
    {
        $this->enter('owner@yard.example', 'Yard');
        [$job, $part] = $this->part();
        $store = $this->call('POST', '/api/store/tins', [
            'material' => 'acetone',
            'batch' => 'A',
            'size' => '1 L',
            'count' => 1,
        ]);
        $tin = '';
        foreach (self::list($store, 'materials') as $material) {
            $tin = 'acetone' === self::text($material, 'id') ? self::text($material, 'tins', 0, 'id') : $tin;
        }
        self::assertNotSame('', $tin);
        $photo = self::text(
            $this->call('POST', "/api/parts/$part/photos", ['moment' => 'before', 'image' => WorkshopTest::PICTURE]),
            'id',
        );
        $slug = self::text($this->call('GET', "/api/parts/$part/survey"), 'slug');
        $tag = ['what' => 'Hatch', 'part' => $slug, 'items' => [['what' => 'screw']]];
        $code = self::text($this->call('POST', "/api/jobs/$job/register", $tag), 'tags', 0, 'code');
        $this->call('DELETE', '/api/session');
        $this->call('GET', '/api/session');
        $this->enter('stranger@other.example', 'Other');
        $bodies = [
            '/api/jobs/{job}/parts' => self::survey(),
            '/api/parts/{part}/survey' => [...self::survey(), 'version' => 1],
            '/api/parts/{part}/route' => ['steps' => [], 'number' => 0],
            '/api/parts/{part}/route/plan' => ['schools' => (object) []],
            '/api/parts/{part}/photos' => ['moment' => 'before', 'image' => ''],
            '/api/jobs/{job}/register' => $tag,
            '/api/jobs/{job}/register/{number}' => [...$tag, 'version' => 1],
            '/api/jobs/{job}/register/{number}/tick' => ['done' => 1],
            '/api/parts/{part}/log' => ['kind' => 'note', 'at' => self::ago('1 hour')],
        ];
        $other = [
            '{question}' => 'removing',
            '{answer}' => 'blast',
            '{step}' => 's1',
            '{card}' => 'c1',
            '{number}' => '1',
        ];
        $tried = 0;
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            if (1 !== preg_match('/\{(job|part|tin|photo|code)\}/', $route->getPath())) {
                continue;
            }
            foreach ($route->getMethods() as $method) {
                $this->call(
                    $method,
                    strtr($route->getPath(), [
                        '{job}' => $job,
                        '{part}' => $part,
                        '{tin}' => $tin,
                        '{photo}' => $photo,
                        '{code}' => $code,
                        ...$other,
                    ]),
                    $bodies[$route->getPath()] ?? null,
                );
                self::assertSame(404, $this->code(), $method . ' ' . $route->getPath());
                $this->call(
                    $method,
                    strtr($route->getPath(), [
                        '{job}' => 'nonsense',
                        '{part}' => 'nonsense',
                        '{tin}' => 'nonsense',
                        '{photo}' => 'nonsense',
                        '{code}' => 'NNNNNN',
                        ...$other,
                    ]),
                    $bodies[$route->getPath()] ?? null,
                );
                self::assertSame(404, $this->code(), $method . ' ' . $route->getPath() . ' with nonsense');
                ++$tried;
            }
        }
        self::assertGreaterThanOrEqual(12, $tried);
        self::assertSame([], self::list($this->call('GET', '/api/jobs'), 'jobs'));
        self::assertSame([], self::list($this->call('GET', '/api/today'), 'cards'));
    }

    public function testEveryEndpointWantsASignIn(): void
    {
        $open = ['/api/session', '/api/sign-in', '/api/health'];
        $this->call('GET', '/api/session');
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            if (!str_starts_with($route->getPath(), '/api') || in_array($route->getPath(), $open, true)) {
                continue;
            }
            foreach ($route->getMethods() as $method) {
                $this->call(
                    $method,
                    strtr($route->getPath(), [
                        '{job}' => 'x',
                        '{part}' => 'x',
                        '{name}' => 'film.wet',
                        '{number}' => '1',
                        '{code}' => 'ABCDEF',
                    ]),
                );
                self::assertSame(401, $this->code(), $method . ' ' . $route->getPath());
            }
        }
    }

    public function testAQueryWithoutAWorkshopFindsNothing(): void
    {
        $this->enter('owner@yard.example', 'Yard');
        $this->part();
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->getFilters()->disable('workshop');
        $em->getFilters()->enable('workshop');
        $em->clear();
        self::assertSame([], $em->getRepository(JobRow::class)->findAll());
    }

    public function testEveryTableWithAWorkshopIsFiltered(): void
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        foreach ($em->getMetadataFactory()->getAllMetadata() as $metadata) {
            if ($metadata->hasAssociation('workshop') && \App\Entity\Account::class !== $metadata->getName()) {
                self::assertTrue(
                    $metadata->getReflectionClass()->implementsInterface(BelongsToWorkshop::class),
                    $metadata->getName(),
                );
            }
        }
    }

    public function testTheLogCannotBeRewrittenEvenInTheDatabase(): void
    {
        $this->enter('owner@yard.example', 'Yard');
        [, $part] = $this->part();
        $this->call('POST', "/api/parts/$part/log", [
            'kind' => 'note',
            'at' => self::ago('1 hour'),
            'note' => 'as it was',
        ]);
        $this->expectExceptionMessageMatches('/append-only/');
        self::getContainer()
            ->get(EntityManagerInterface::class)
            ->getConnection()
            ->executeStatement("UPDATE work_log SET note = 'as I wish'");
    }
}
