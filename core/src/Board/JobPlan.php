<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Job\Job;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Piece\Precedence;
use Hull\Piece\Precedences;
use Hull\Piece\Whereabouts;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Surface\Product;

/**
 * The routes of all parts and zones of a job, and the order in which they are worked together.
 *
 * Zones alike in material, condition, service, finish, schools and place are planned as one, on their area together:
 * equal work then reads the same and can be shared. Deterministic.
 */
final readonly class JobPlan
{
    /**
     * @param array<int|string, Workpiece> $pieces by part id
     * @param array<int|string, Route> $routes by part id
     * @param array<int|string, string> $unrouted parts without a route => why
     * @param list<SharedAction> $actions
     * @param list<Precedence> $precedences between the parts
     * @param list<Precedence> $broken those that the routes themselves make impossible
     */
    private function __construct(
        public array $pieces,
        public array $routes,
        public array $unrouted,
        public array $actions,
        public array $precedences,
        public array $broken,
    ) {}

    /** Plans afresh; a route the job file carries is kept. */
    public static function of(Catalogue $catalogue, Job $job): self
    {
        $pieces = [];
        $alike = [];
        $unrouted = [];
        foreach ($job->parts as $part) {
            try {
                $piece = Workpiece::of(
                    $catalogue,
                    $part,
                    $job->place($part->place),
                    Surroundings::of($catalogue, $job, $part),
                );
                $pieces[$part->id] = $piece;
                if (null === $part->route) {
                    $alike[self::kind($piece)][] = $part->id;
                }
            } catch (NoRoute $e) {
                $unrouted[$part->id] = $e->getMessage();
            }
        }
        $routes = array_map(static fn(Workpiece $p): ?Route => $p->part->route, $pieces);
        foreach ($alike as $ids) {
            try {
                $route = self::largest($pieces, $ids)->plan();
            } catch (NoRoute $e) {
                $unrouted += array_fill_keys($ids, $e->getMessage());
                continue;
            }
            foreach ($ids as $id) {
                $routes[$id] = $route;
            }
        }
        $planned = array_filter($routes, static fn(?Route $r): bool => null !== $r);

        $precedences = Precedences::of(
            $catalogue,
            array_map(static fn(Workpiece $p): Part => $p->part, $pieces),
            $planned,
        );
        $routed = array_map(
            static fn(Workpiece $p): Workpiece => $p->routed($planned[$p->part->id]),
            array_intersect_key($pieces, $planned),
        );
        $merger = new Merger($catalogue, $pieces, $precedences, Whereabouts::all($routed));

        return new self($pieces, $planned, $unrouted, $merger->merged($planned), $precedences, $merger->broken);
    }

    /** What decides a route: two zones with the same answer are worked alike. */
    private static function kind(Workpiece $piece): string
    {
        $part = $piece->part;
        $extents = $piece->context->extents;
        ksort($extents);

        return implode('|', [
            $piece->surveyed->key(),
            json_encode($extents, \JSON_THROW_ON_ERROR),
            $part->substrate,
            implode('+', $part->services()),
            $part->finish,
            $part->place,
            $part->method,
            $part->exposure,
            json_encode($piece->context->schools, \JSON_THROW_ON_ERROR),
            $piece->context->system->id,
            implode('+', array_map(static fn(Product $p): string => $p->id, $piece->context->system->coats())),
            self::size($piece->context->area()->m2()),
        ]);
    }

    /** Sizes in steps of about three, from a hand to a hull. */
    private static function size(float $m2): string
    {
        return (string) (int) round(2.0 * log10(max($m2, 0.001)));
    }

    /**
     * @param array<int|string, Workpiece> $pieces
     * @param non-empty-list<string> $ids
     */
    private static function largest(array $pieces, array $ids): Workpiece
    {
        usort(
            $ids,
            static fn(string $a, string $b): int => [$pieces[$b]->context->area()->m2(), $a] <=> [
                $pieces[$a]->context->area()->m2(),
                $b,
            ],
        );

        return $pieces[$ids[0]];
    }
}
