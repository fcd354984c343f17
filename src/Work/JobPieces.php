<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Route\NoRoute;

/** The parts of a job as the core works with them, with what the record says of each; by row id. */
final readonly class JobPieces
{
    /**
     * @param array<int|string, Workpiece> $pieces
     * @param array<int|string, Replayed> $done
     * @param array<int|string, string> $unrouted parts without a route => why
     */
    private function __construct(public array $pieces, public array $done, public array $unrouted) {}

    public static function of(RowMapper $stored, JobRow $row, \DateTimeImmutable $now): self
    {
        $pieces = [];
        $done = [];
        $unrouted = [];
        foreach ($row->parts as $part) {
            $id = (string) $part->id;
            try {
                $piece = $stored->workpiece($part);
                $piece->route();
                $done[$id] = $piece->replay($now);
                $pieces[$id] = $piece;
            } catch (NoRoute $e) {
                $unrouted[$id] = $e->getMessage();
            }
        }

        return new self($pieces, $done, $unrouted);
    }
}
