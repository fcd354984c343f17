<?php

declare(strict_types=1);

namespace App\Tests\App;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Writes this and that in a yard: bodies for what the API takes, by chance from a seed; some of it is refused. */
final class Meddler
{
    private const DOCS = __DIR__ . '/../../docs/formats/';

    public const SLUGS = ['engine-frame', 'plate', 'rail'];

    private readonly Randomizer $dice;

    /**
     * @param non-empty-list<string> $jobs
     * @param non-empty-list<string> $parts
     */
    public function __construct(int $seed, private readonly array $jobs, private readonly array $parts)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->dice->getInt(0, count($of) - 1)];
    }

    /**
     * @param list<string> $of
     *
     * @return list<string>
     */
    public function some(array $of, int $many): array
    {
        return array_slice($this->dice->shuffleArray($of), 0, $many);
    }

    public function part(): string
    {
        return $this->one($this->parts);
    }

    public function job(): string
    {
        return $this->one($this->jobs);
    }

    public function minutes(): int
    {
        return $this->dice->getInt(0, 90);
    }

    /**
     * A line of the record.
     *
     * @param list<string> $steps keys of the part's route
     *
     * @return array<array-key, mixed>
     */
    public function line(array $steps, string $at): array
    {
        $kind = $this->one(['start', 'finish', 'finish', 'note', 'reading', 'failed', 'still-wet']);
        $air =
            0 === $this->dice->getInt(0, 1)
                ? ['temperature' => $this->dice->getInt(4, 28) . ' C', 'humidity' => $this->dice->getInt(35, 90) . ' %']
                : [];

        return match (true) {
            'note' === $kind || [] === $steps => ['kind' => 'note', 'note' => 'n' . $this->minutes(), 'at' => $at],
            'reading' === $kind => ['kind' => 'reading', 'at' => $at, 'temperature' => '11 C', 'humidity' => '70 %'],
            default => [
                'kind' => $kind,
                'step' => $steps[$this->dice->getInt(0, min(2, count($steps) - 1))],
                'at' => $at,
                ...$air,
            ],
        };
    }

    /** @return array<array-key, mixed> of a part as surveyed otherwise */
    public function survey(string $slug): array
    {
        return ApiCase::survey([
            'id' => $slug,
            'name' => 'Part ' . $this->minutes(),
            'finish' => $this->one(['tidy', 'show', 'tool']),
            'place' => 'bay',
            'color' => 'grey',
        ]);
    }

    /** @return array{string, string, array<array-key, mixed>|null} method, path, body; what needs no version */
    public function plain(string $now): array
    {
        $job = $this->job();
        $part = $this->part();

        /** @var non-empty-list<array{string, string, array<array-key, mixed>|null}> $writes */
        $writes = [
            ['POST', '/api/plan', ['fresh' => 0 === $this->dice->getInt(0, 1)]],
            ['PUT', "/api/jobs/$job/due", ['due' => '2026-0' . $this->dice->getInt(6, 9) . '-11']],
            ['PUT', "/api/jobs/$job", ['name' => 'Job ' . $this->minutes(), 'note' => '']],
            ['PUT', "/api/jobs/$job/without", ['without' => $this->one([[], ['oven'], ['blast', 'oven']])]],
            [
                'POST',
                "/api/jobs/$job/register",
                [
                    'part' => $this->one(self::SLUGS),
                    'what' => 'bolts ' . $this->minutes(),
                    'items' => [['what' => 'bolt', 'count' => 4]],
                ],
            ],
            ['POST', "/api/jobs/$job/close", ['leaving' => true]],
            ['POST', "/api/jobs/$job/reopen", null],
            ['PUT', "/api/jobs/$job/archived", ['archived' => 0 === $this->dice->getInt(0, 1)]],
            ['DELETE', "/api/parts/$part", null],
            ['POST', "/api/parts/$part/restore", null],
            ['DELETE', "/api/jobs/$job", null],
            ['POST', "/api/jobs/$job/restore", null],
            ['POST', "/api/parts/$part/route/plan", ['schools' => ['removing' => $this->one(['blast', 'abrade'])]]],
            ['POST', "/api/parts/$part/photos", ['moment' => 'before', 'image' => WorkshopTest::PICTURE]],
            ['POST', '/api/store/tins', ['material' => 'acetone', 'size' => '1 L', 'count' => 1, 'batch' => '']],
            ['POST', '/api/store/tins', ['material' => 'epoxy-primer-2k', 'size' => '5 L', 'count' => 1]],
            ['POST', '/api/air/readings', $this->readings($now)],
            ['POST', '/api/air/forecast', ['text' => $this->forecast($now)]],
            ['PATCH', '/api/account', ['units' => $this->one(['us', 'metric'])]],
        ];

        return $this->one($writes);
    }

    /** @return array{string, string, array<array-key, mixed>} method, path, body; what the yard keeps about itself */
    public function versioned(): array
    {
        $own = (string) file_get_contents(self::DOCS . 'own-catalogue.example.yaml');
        $sheet = (string) file_get_contents(self::DOCS . 'product-sheet.example.yaml');
        $hours = ['mon' => ['8:00-12:00'], 'wed' => ['13:00-17:00'], 'sat' => ['9:00-12:30']];

        return $this->one([
            ['PUT', '/api/workshop/catalogue', ['text' => $this->one(['', $own])]],
            ['POST', '/api/store/sheets', ['text' => $sheet]],
            ['PUT', '/api/workshop', ['currency' => $this->one(['EUR', 'GBP']), 'local' => (object) []]],
            ['PUT', '/api/workshop/gear', ['without' => $this->one([[], ['oven'], ['compressor']])]],
            ['PUT', '/api/crew', ['people' => [['name' => $this->one(['Wren', 'Teal']), 'hours' => $hours]]]],
            ['PUT', '/api/store/suppliers', ['suppliers' => $this->one([[], [$this->supplier()]])]],
        ]);
    }

    /** @return array{name: string, leadDays: int, sells: list<string>} */
    private function supplier(): array
    {
        return ['name' => 'Low Water Paints', 'leadDays' => $this->dice->getInt(0, 9), 'sells' => ['paint']];
    }

    /** @return array<string, string> */
    private function readings(string $now): array
    {
        return [
            'place' => 'Heated bay',
            'text' => sprintf("at,temperature,humidity\n%s,%d C,%d %%\n", $now, $this->minutes() % 25, 40),
        ];
    }

    private function forecast(string $now): string
    {
        $text = "at,temperature,humidity\n";
        $hour = (int) (ceil((int) strtotime($now) / 3600) * 3600);
        for ($n = 0; $n < 48; ++$n) {
            $at = gmdate('Y-m-d\TH:i:s\Z', $hour + 3600 * $n);
            $text .= sprintf("%s,%d C,%d %%\n", $at, $this->dice->getInt(2, 26), $this->dice->getInt(40, 95));
        }

        return $text;
    }
}
