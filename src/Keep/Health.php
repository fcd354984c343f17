<?php

declare(strict_types=1);

namespace App\Keep;

use App\Api\View\HealthPart;
use App\Api\View\HealthView;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;
use Psr\Clock\ClockInterface;

/** Which part of the instance is down, and since when. */
final readonly class Health
{
    /** A worker that searches a plan on is silent for about a minute; longer than this it is not there, s. */
    private const SILENT_S = 150;

    /** @param string $folder where it is kept since when the database is away, which cannot keep that itself */
    public function __construct(
        private Connection $db,
        private Pulse $pulse,
        private ClockInterface $clock,
        private string $folder,
    ) {}

    public function view(): HealthView
    {
        $mark = $this->folder . '/database-away';
        try {
            $this->db->executeQuery('SELECT 1');
            $seen = $this->pulse->parts();
            if (is_file($mark)) {
                @unlink($mark);
            }
        } catch (Exception) {
            if (!is_file($mark)) {
                @file_put_contents($mark, $this->clock->now()->format(\DATE_ATOM));
            }

            return new HealthView(false, [
                new HealthPart('database', false, trim((string) @file_get_contents($mark)), true),
            ]);
        }
        $worker = $seen[Pulse::WORKER]['seen'] ?? null;
        $awake = null !== $worker && $this->clock->now()->getTimestamp() - $worker->getTimestamp() < self::SILENT_S;
        $parts = [
            new HealthPart('database', true, null, true),
            new HealthPart(Pulse::WORKER, $awake, $awake ? null : $worker?->format(\DATE_ATOM), true),
        ];
        foreach ([Pulse::WEATHER, Pulse::SENSORS, Pulse::PHOTOS] as $service) {
            $down = $seen[$service]['down'] ?? null;
            if (isset($seen[$service])) {
                $parts[] = new HealthPart($service, null === $down, $down?->format(\DATE_ATOM), false);
            }
        }

        return new HealthView($awake, $parts);
    }
}
