<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Format\OpenApi;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** What the API answers is what its description promises. */
final class ContractTest extends ApiCase
{
    /** @var array<array-key, mixed> */
    private array $description = [];

    protected function setUp(): void
    {
        parent::setUp();
        $decoded = json_decode((string) json_encode(self::getContainer()->get(OpenApi::class)->describe()), true);
        self::assertIsArray($decoded);
        $this->description = $decoded;
    }

    public function testEveryAnswerOfAnUntouchedPartKeepsItsSchema(): void
    {
        $this->enter('rowan@yard.example');
        $this->tryAllReads(...$this->part());
    }

    public function testEveryAnswerOfAPartInWorkKeepsItsSchema(): void
    {
        $this->enter('rowan@yard.example');
        [$job, $part] = $this->part();
        for ($hours = 60; $hours > 20; $hours -= 2) {
            $step =
                array_values(
                    array_filter(
                        self::list($this->call('GET', "/api/parts/$part/record"), 'steps'),
                        static fn(mixed $s): bool => 'open' === self::text($s, 'status'),
                    ),
                )[0] ?? null;
            $answer = $this->call('POST', "/api/parts/$part/log", [
                'kind' => 'finish',
                'step' => self::text($step, 'key'),
                'at' => self::ago($hours . ' hours'),
                'temperature' => '18 C',
                'humidity' => '55 %',
                'note' => 'done',
            ]);
            $this->keeps('/api/parts/{part}/log', 'post', '201', $answer);
        }
        $this->tryAllReads($job, $part);
    }

    public function testEveryAnswerOfAPartWithoutARouteKeepsItsSchema(): void
    {
        $this->enter('rowan@yard.example');
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Winch']), 'id');
        $survey = self::survey(['substrate' => 'rubber', 'conditions' => [], 'service' => 'heat-600']);
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", $survey), 'id');
        $none = ['alternatives/{question}', 'beside/{question}/{answer}', 'cover/{step}', 'pour/{step}'];
        $this->tryAllReads(
            $job,
            $part,
            ['/api/plan/help/{part}' => 409] +
                array_fill_keys(array_map(static fn(string $p): string => '/api/parts/{part}/' . $p, $none), 409),
        );
        self::assertStringContainsString(
            'it melts',
            self::text($this->call('GET', "/api/parts/$part/route"), 'obstacle'),
        );
    }

    public function testWritesAnswerAsDescribed(): void
    {
        $this->enter('rowan@yard.example');
        $created = $this->call('POST', '/api/jobs', ['name' => 'Winch']);
        $this->keeps('/api/jobs', 'post', '201', $created);
        $job = self::text($created, 'id');
        $added = $this->call('POST', "/api/jobs/$job/parts", self::survey());
        $this->keeps('/api/jobs/{job}/parts', 'post', '201', $added);
        $part = self::text($added, 'id');
        $this->keeps(
            '/api/parts/{part}/survey',
            'put',
            '200',
            $this->call('PUT', "/api/parts/$part/survey", [...self::survey(['name' => 'Frame']), 'version' => 1]),
        );
        $planned = $this->call('POST', "/api/parts/$part/route/plan", ['schools' => ['removing' => 'blast']]);
        $this->keeps('/api/parts/{part}/route/plan', 'post', '200', $planned);
        $steps = array_map(
            static fn(mixed $s): array => [
                'step' => self::text($s, 'step'),
                'key' => self::text($s, 'key'),
                'product' => self::at($s, 'product'),
            ],
            self::list($planned, 'steps'),
        );
        $this->keeps(
            '/api/parts/{part}/route',
            'put',
            '200',
            $this->call('PUT', "/api/parts/$part/route", [
                'number' => self::at($planned, 'number'),
                'steps' => array_reverse($steps),
            ]),
        );
        $this->keeps(
            '/api/shapes',
            'post',
            '200',
            $this->call('POST', '/api/shapes', [
                'shapes' => [['kind' => 'blob'], ['kind' => 'strip', 'width' => '1 m', 'length' => '1 m']],
            ]),
        );
        $this->keeps('/api/account', 'patch', '200', $this->call('PATCH', '/api/account', ['units' => 'us']));
        $this->call('DELETE', "/api/jobs/$job");
        self::assertSame(204, $this->code());
        $this->call('GET', "/api/parts/$part/survey");
        self::assertSame(404, $this->code());
    }

    public function testProblemsKeepTheirSchemaToo(): void
    {
        $this->enter('rowan@yard.example');
        foreach (
            [
                ['POST', '/api/jobs', ['name' => 5]],
                ['GET', '/api/jobs/nothing', null],
                ['POST', '/api/compute/film.wet', []],
                ['GET', '/api/nowhere', null],
                ['PUT', '/api/jobs', null],
            ]
            as [$method, $path, $body]
        ) {
            $problem = $this->call($method, $path, $body);
            self::assertSame(
                'application/problem+json',
                $this->client->getResponse()->headers->get('Content-Type'),
                $method . ' ' . $path,
            );
            $this->follows('#/components/schemas/ProblemDocument', $problem);
            self::assertStringNotContainsString('/src/', (string) $this->client->getResponse()->getContent());
        }
    }

    public function testTheDescriptionOnDiskIsThisOne(): void
    {
        $written = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/docs/formats/openapi.json'), true);
        self::assertSame($written, $this->description);
    }

    public function testEveryWriteSaysThatItWantsTheToken(): void
    {
        foreach (self::list($this->description, 'paths') as $path => $operations) {
            foreach (self::list($operations) as $verb => $operation) {
                $parameters =
                    is_array($operation) && is_array($operation['parameters'] ?? null)
                        ? array_column($operation['parameters'], 'name')
                        : [];
                self::assertSame('get' !== $verb, in_array('X-Hull-Token', $parameters, true), $verb . ' ' . $path);
            }
        }
    }

    /** @param array<int|string, int> $refused path => status where there is nothing to show */
    private function tryAllReads(string $job, string $part, array $refused = []): void
    {
        $tried = 0;
        $tag = [
            'what' => 'Hatch',
            'part' => self::text($this->call('GET', "/api/parts/$part/survey"), 'slug'),
            'items' => [['what' => 'screw']],
        ];
        $code = self::text($this->call('POST', "/api/jobs/$job/register", $tag), 'tags', 0, 'code');
        $coats = self::list($this->call('GET', "/api/parts/$part/mix"), 'coats');
        $coat = [] === $coats ? 's1' : self::text($coats[0], 'stepKey');
        foreach (self::list($this->description, 'paths') as $path => $operations) {
            if (
                !is_string($path) ||
                !is_array($operations) ||
                !isset($operations['get']) ||
                '/api/health' === $path ||
                str_contains($path, '{photo}')
            ) {
                continue;
            }
            $path .= '/api/understood' === $path ? '?of=length&typed=12%20ft' : '';
            foreach (['metric', 'us'] as $units) {
                $this->call('PATCH', '/api/account', ['units' => $units]);
                $answer = $this->call(
                    'GET',
                    strtr($path, [
                        '{job}' => $job,
                        '{part}' => $part,
                        '{step}' => $coat,
                        '{film}' => 'epoxy+urethane',
                        '{question}' => 'removing',
                        '{answer}' => 'blast',
                        '{substrate}' => 'carbon-steel',
                        '{below}' => 'alkyd-enamel',
                        '{above}' => 'clear-2k',
                        '{code}' => $code,
                    ]),
                );
                self::assertSame($refused[$path] ?? 200, $this->code(), $path);
                if (!isset($refused[$path])) {
                    $this->keeps(explode('?', $path)[0], 'get', '200', $answer);
                }
                ++$tried;
            }
        }
        self::assertGreaterThan(20, $tried);
    }

    private function keeps(string $path, string $verb, string $status, mixed $answer): void
    {
        $schema = self::list(
            $this->description,
            'paths',
            $path,
            $verb,
            'responses',
            $status,
            'content',
            'application/json',
            'schema',
        );
        if (isset($schema['$ref']) && is_string($schema['$ref'])) {
            $this->follows($schema['$ref'], $answer);
        }
    }

    private function follows(string $reference, mixed $answer): void
    {
        $schema = json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$ref' => $reference,
            'components' => $this->description['components'] ?? [],
        ]);
        $result = (new Validator())->validate(
            json_decode((string) $this->client->getResponse()->getContent()),
            (string) $schema,
        );
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            $reference . ' ' . (null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error))),
        );
        self::assertNotNull($answer);
    }
}
