<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Command\CheckCommand;
use App\Command\PlanCommand;
use App\Command\ScheduleCommand;
use App\Command\ShopCommand;
use App\Command\WindowsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Routing\RouterInterface;

/**
 * Opens everything that can be opened of a yard: each GET route the router knows, and each console command on its job
 * files.
 */
trait EveryRead
{
    /**
     * These work out every other way, every pair of films or every half of a month, and take seconds.
     *
     * @var list<string>
     */
    private static array $slow = [
        'api_alternatives',
        'api_answers',
        'api_beside',
        'api_compatibility_row',
        'api_plan_year',
    ];

    /**
     * @param bool $slow what takes seconds as well
     *
     * @return list<string> "path: what is wrong" for every answer that is no answer
     */
    protected function faultsOfEveryRead(bool $slow = false): array
    {
        $faults = [];
        foreach ($this->reads($slow) as $path) {
            $this->call('GET', $path);
            if ($this->code() >= 400) {
                $faults[] = sprintf(
                    '%s: %d %s',
                    $path,
                    $this->code(),
                    substr((string) $this->client->getResponse()->getContent(), 0, 400),
                );
            }
        }

        return $faults;
    }

    /** @return list<string> */
    protected function faultsOfTheConsole(string $job, bool $slow = false): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'job');
        file_put_contents($file, (string) json_encode($this->call('GET', "/api/jobs/$job/file")));
        $faults = [];
        try {
            foreach (
                [
                    PlanCommand::class,
                    CheckCommand::class,
                    ShopCommand::class,
                    WindowsCommand::class,
                    ...$slow ? [ScheduleCommand::class] : [],
                ]
                as $class
            ) {
                $command = self::getContainer()->get($class);
                self::assertInstanceOf(Command::class, $command);
                $tester = new CommandTester($command);
                try {
                    $code = $tester->execute([
                        'file' => $file,
                        ...ShopCommand::class === $class ? [] : ['--format' => 'json'],
                    ]);
                } catch (\Throwable $e) {
                    $faults[] = sprintf('%s: %s', $class, $e->getMessage());
                    continue;
                }
                if ($code > 1) {
                    $faults[] = sprintf('%s: %s', $class, substr($tester->getDisplay(), 0, 400));
                }
            }
        } finally {
            unlink($file);
        }

        return $faults;
    }

    /**
     * @return list<string> paths; fails on a route with a placeholder that is not filled here, so that a new one is
     *                      opened too
     */
    private function reads(bool $slow): array
    {
        $jobs = self::list($this->call('GET', '/api/jobs'), 'jobs');
        $values = ['job' => [], 'part' => [], 'step' => [], 'photo' => [], 'code' => []];
        foreach ($jobs as $job) {
            $url = '/api/jobs/' . ($values['job'][] = self::text($job, 'id'));
            foreach (self::list($this->call('GET', $url . '/register'), 'tags') as $tag) {
                $values['code'][] = self::text($tag, 'code');
            }
            foreach (self::list($job, 'parts') as $part) {
                $id = $values['part'][] = self::text($part, 'id');
                $steps = $this->call('GET', "/api/parts/$id/route")['steps'] ?? [];
                foreach (is_array($steps) ? $steps : [] as $step) {
                    $values['step'][$id][] = self::text($step, 'key');
                }
                foreach (self::list($this->call('GET', "/api/parts/$id/photos"), 'photos') as $photo) {
                    $values['photo'][] = self::text($photo, 'id');
                }
            }
        }
        $paths = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $name => $route) {
            if (
                ['GET'] !== $route->getMethods() ||
                in_array($name, ['front', 'calendar_feed', 'api_health'], true) ||
                (!$slow && in_array($name, self::$slow, true))
            ) {
                continue;
            }
            $paths = [...$paths, ...$this->filled($name, $route->getPath(), $values)];
        }

        return $paths;
    }

    /**
     * @param array<string, array<array-key, mixed>> $values
     *
     * @return list<string>
     */
    private function filled(string $name, string $path, array $values): array
    {
        preg_match_all('/\{(\w+)\}/', $path, $found);
        $paths = [];
        switch (implode(' ', $found[1])) {
            case '':
                return match ($name) {
                    'api_air_as_if', 'api_air_hours' => $this->ofAPlace($path),
                    'api_understood' => [$path . '?of=length&typed=12%27%204'],
                    default => [$path],
                };
            case 'job':
            case 'part':
            case 'photo':
            case 'code':
                foreach ($values[$found[1][0]] as $id) {
                    $paths[] = str_replace('{' . $found[1][0] . '}', is_string($id) ? $id : '', $path);
                }

                return $paths;
            case 'part step':
                foreach ($values['step'] as $part => $keys) {
                    foreach (is_array($keys) ? $this->coats((string) $part) : [] as $key) {
                        $paths[] = str_replace(['{part}', '{step}'], [(string) $part, rawurlencode($key)], $path);
                    }
                }

                return $paths;
            case 'part film':
                foreach (array_slice($values['part'], 0, 1) as $part) {
                    $paths[] = str_replace(
                        ['{part}', '{film}'],
                        [is_string($part) ? $part : '', rawurlencode('epoxy+urethane')],
                        $path,
                    );
                }

                return $paths;
            case 'part question':
            case 'part question answer':
                foreach (array_slice($values['part'], 0, 1) as $part) {
                    $paths[] = str_replace(
                        ['{part}', '{question}', '{answer}'],
                        [is_string($part) ? $part : '', 'removing', 'blast'],
                        $path,
                    );
                }

                return $paths;
            case 'substrate':
            case 'substrate below':
            case 'substrate below above':
                return [
                    str_replace(
                        ['{substrate}', '{below}', '{above}'],
                        ['carbon-steel', 'epoxy-primer-2k', 'urethane-colour-2k'],
                        $path,
                    ),
                ];
            default:
                self::fail("Nothing here fills $path");
        }
    }

    /** @return list<string> */
    private function ofAPlace(string $path): array
    {
        $places = self::list($this->call('GET', '/api/plan'), 'places');

        return [] === $places ? [] : [$path . '?heat=22%20C&place=' . rawurlencode(self::text($places, 0, 'name'))];
    }

    /** @return list<string> keys of the coats of a part that have a mix card */
    private function coats(string $part): array
    {
        $coats = $this->call('GET', "/api/parts/$part/mix")['coats'] ?? [];

        return array_values(
            array_map(static fn(mixed $c): string => self::text($c, 'stepKey'), is_array($coats) ? $coats : []),
        );
    }
}
