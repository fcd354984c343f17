<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Replayed;
use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Job\RouteStep;
use Hull\Mix\PotLife;
use Hull\Surface\Product;

/** A coat of a part that could be laid from what is mixed or opened for another one, and what it still needs before. */
final readonly class Ride
{
    /**
     * @param string $key of the step that lays the coat
     * @param list<string> $before names of the steps that come before it, waits among them
     * @param float $hands minutes of work on these
     * @param float|null $hours until the coat could begin, work and waits; null where a wait never ends in this air
     */
    private function __construct(public string $key, public array $before, public float $hands, public ?float $hours) {}

    public static function to(RouteStep $coat, Workpiece $piece, Replayed $done): self
    {
        $ahead = [];
        foreach (Workpiece::remaining($piece->route(), $done) as $step) {
            if ($step->key === $coat->key) {
                break;
            }
            $ahead[$step->key] = true;
        }
        [$before, $hands, $hours] = [[], 0.0, 0.0];
        foreach ([] === $ahead ? [] : RouteLine::of($piece, $piece->route()) as $line) {
            if (isset($ahead[$line->step->key])) {
                $before[] = $line->name;
                $hands += $line->minutes;
                $hours = null === $hours || null === $line->waitHours ? null : $hours + $line->waitHours;
            }
        }

        return new self($coat->key, $before, $hands, null === $hours ? null : $hours + $hands / 60.0);
    }

    /** Before what is mixed of it gels; what has no pot life waits in its tin. */
    public function isInTime(Product $product): bool
    {
        $limit = match (true) {
            null !== $product->potLife => $product->potLife->h() * PotLife::USABLE,
            default => $product->shelf->activated?->h() ?? \INF,
        };

        return null !== $this->hours && $this->hours <= $limit;
    }
}
