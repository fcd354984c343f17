<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Component\Filesystem\Filesystem;

/** What is answered from what was kept, held against the same worked out anew. */
trait KeptReads
{
    /** @return list<string> everything of a yard, a job and a part that is answered again */
    private static function reads(string $job, string $part): array
    {
        $yard = ['today', 'jobs', 'closed-jobs', 'plan', 'plan/next', 'plan/floor', 'store', 'catalogue'];

        return [
            ...array_map(static fn(string $r): string => "/api/$r", $yard),
            ...array_map(static fn(string $r): string => "/api/parts/$part/$r", [
                'route',
                'windows',
                'survey',
                'record',
                'masking',
                'photos',
                'films',
            ]),
            ...array_map(static fn(string $r): string => "/api/jobs/$job/$r", [
                'board',
                'quantities',
                'register',
                'cards',
            ]),
        ];
    }

    /**
     * @param list<string> $reads
     *
     * @return list<string> those whose answer is another one when it is worked out anew
     */
    private function faults(array $reads): array
    {
        $answers = [];
        foreach ($reads as $read) {
            $this->call('GET', $read);
            $answers[] = [$read, $this->code(), $this->client->getResponse()->getContent()];
        }
        // Emptying a pool looks into thousands of folders that were made before; without them it is as empty.
        (new Filesystem())->remove(self::getContainer()->getParameter('kernel.cache_dir') . '/pools');
        $faults = [];
        foreach ($answers as [$read, $code, $content]) {
            $this->call('GET', $read);
            if ($this->code() !== $code || $this->client->getResponse()->getContent() !== $content) {
                $faults[] = $read;
            }
        }

        return $faults;
    }
}
