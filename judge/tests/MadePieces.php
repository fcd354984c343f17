<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Service;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\Link;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\JobFile\JobReader;
use Hull\Route\Finding;
use Hull\Tests\Draw;
use Hull\Tests\Yard;
use Judge\Act;
use Judge\Member;
use Judge\Piece;

/** Made-up pieces by number: two to twelve parts of any material that hang together in any way. */
final readonly class MadePieces
{
    private const TIES = [
        'zone',
        'zone',
        'zone',
        'mounted-on',
        'mounted-on',
        'mounted-on',
        'covers',
        'seals',
        'inside',
        'bonded-to',
        'beside',
        'stands-on',
    ];
    private const SIZES = [2, 2, 3, 3, 4, 4, 5, 6, 8, 10, 12];
    private const YELLOWS = ['rigid-plastic', 'low-energy'];
    private const TONES = ['light' => 0, 'middling' => 0, 'dark' => 0];
    private const SHAPE = ['kind' => 'strip', 'width' => '0.4 m', 'length' => '2 m'];

    /** @param list<array<string, string>> $places in place of the heated bay and the shed */
    public function __construct(private Catalogue $catalogue, private array $places = []) {}

    public function job(int $number): Job
    {
        $draw = new Draw('piece ' . $number);
        $parts = [];
        $count = self::SIZES[(int) $draw->pick('size', self::SIZES)];
        for ($n = 0; $n < $count; ++$n) {
            $parts[] = $this->part($draw, $n, $parts);
        }
        $there = [] === $this->places ? [] : ['places' => $this->places];

        return (new JobReader($this->catalogue))->job(Node::root([...Yard::frame(), ...$there, 'parts' => $parts]));
    }

    /**
     * @param list<array<int|string, mixed>> $before
     *
     * @return array<int|string, mixed>
     */
    private function part(Draw $draw, int $n, array $before): array
    {
        $host = [] === $before ? null : $before[(int) $draw->pick("host of $n", $before)];
        $tie = null === $host ? '' : self::TIES[(int) $draw->pick("tie of $n", self::TIES)];
        $whole = null === $host ? '' : $host['zone_of'] ?? $host['id'];
        $like = 'zone' === $tie && !$draw->chance("$n of its own", 3) ? $host : null;
        $own =
            null === $like
                ? $this->made($draw, $n)
                : array_intersect_key($like, array_flip(['substrate', 'service', 'finish', 'conditions']));
        $link = [
            'as' => $tie,
            'to' => $whole,
            ...$draw->chance("$n stays", 6) && !in_array($tie, ['beside', 'bonded-to'], true) ? ['stays' => true] : [],
            ...$draw->chance("$n carries", 4) ? ['loaded' => true] : [],
            ...$draw->chance("$n in turn", 3) ? ['order' => 1 + ($n % 3)] : [],
        ];

        $isThere = isset($link['stays']) && !in_array($tie, ['', 'zone', 'same-as'], true);
        $carrier = array_values(array_filter($before, static fn(array $p): bool => $isThere && $p['id'] === $whole));

        return [
            'id' => 'p' . $n,
            'name' => 'Part ' . $n,
            ...$own,
            'shapes' => [self::SHAPE],
            'place' => $carrier[0]['place'] ?? $this->place($draw, $n),
            ...[] !== $this->places && $draw->chance("$n is heavy", 6)
                ? ['room' => ['long' => '2 m', 'wide' => '0.5 m', 'weight' => '60 kg']]
                : [],
            ...'zone' === $tie ? ['zone_of' => $whole] : [],
            ...'zone' === $tie || null === $host ? [] : ['links' => [$link]],
            ...$draw->chance("$n has bores", 8) ? ['covered' => [['kind' => 'bore', 'across' => '20 mm']]] : [],
            ...$draw->chance("$n is coated all over", 12) ? ['covered' => [['kind' => 'nothing']]] : [],
            ...[] === $this->places ? [] : ['in_sun' => $draw->pick("tone of $n", self::TONES)],
            ...$draw->chance("$n has a spot", 2) ? ['spot' => self::spot($draw, $n)] : [],
        ];
    }

    private function place(Draw $draw, int $n): string
    {
        if ([] === $this->places) {
            return $draw->chance("$n elsewhere", 6) ? 'shed' : 'bay';
        }

        return $draw->pick(
            $draw->chance("$n elsewhere", 6) ? "place of $n" : 'place of all',
            array_column($this->places, null, 'id'),
        );
    }

    /** It may be that little is done to what it hangs on, so that it stays there. */
    private static function hangsOn(Part $part, Part $host): bool
    {
        return [] !== array_filter($part->links, static fn(Link $l): bool => $l->to === $host->id);
    }

    /** Something else of the job begins where it ends: a zone, a part beside it, one that may stay on it. */
    public static function isEdged(Job $job, Part $part): bool
    {
        foreach ($job->parts as $other) {
            $ties = [...$part->links, ...array_filter($other->links, static fn(Link $l): bool => $l->to === $part->id)];
            if (
                ($other->id !== $part->id && $other->piece() === $part->piece()) ||
                [] !== array_filter($ties, static fn(Link $l): bool => $l->stays || Relation::Beside === $l->as) ||
                self::hangsOn($other, $part)
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> */
    private static function spot(Draw $draw, int $n): array
    {
        return [
            'level' => (int) $draw->pick("level of $n", [0, 1, 2]),
            'side' => $draw->chance("$n inside", 4) ? 'inside' : 'outside',
            'exit' => (int) $draw->pick("exit of $n", [0, 1, 2]),
        ];
    }

    /** @return array<string, mixed> */
    private function made(Draw $draw, int $n): array
    {
        $substrate = $this->catalogue->substrate($draw->pick("substrate of $n", $this->catalogue->substrates));
        $occur = array_filter($this->catalogue->conditions, static fn($c): bool => $substrate->isOf($c->families));
        $conditions = [];
        foreach (['first', 'second'] as $which) {
            $id = $draw->pick("$which of $n", $occur);
            $grade = $draw->pick("grade of $which of $n", $this->catalogue->conditions[$id]->grades);
            $conditions[$id] = ['id' => $id, 'grade' => $grade, 'extent' => '40 %'];
        }
        // Of two findings in forty it is nearly never one of these, and no gel was ever timed.
        if ($substrate->isOf(self::YELLOWS) && $draw->chance("$n is yellowed", 2)) {
            $conditions['yellowing'] = ['id' => 'yellowing', 'grade' => 'heavy', 'extent' => '100 %'];
        }
        $suits = static fn(Service $s): bool => $s->suits($substrate);
        $service = $draw->pick("service of $n", array_filter($this->catalogue->services, $suits));
        $finish = $draw->pick("finish of $n", $this->catalogue->finishes);
        $aim = $draw->pick("wish of $n", $this->catalogue->aims);
        $isWished =
            $draw->chance("$n has a wish", 3) &&
            null !==
                (new Wishes($this->catalogue))->piece(
                    substrate: $substrate->id,
                    aim: $aim,
                    service: $service,
                    finish: $finish,
                    findings: array_map(static fn(array $c): string => $c['grade'], $conditions),
                );

        return [
            'substrate' => $substrate->id,
            'conditions' => array_values($conditions),
            'service' => $service,
            'finish' => $finish,
            ...$isWished ? ['aim' => $aim] : [],
        ];
    }

    /** @param list<SharedAction>|null $actions in place of those of the plan */
    public static function piece(Job $job, JobPlan $plan, ?array $actions = null): Piece
    {
        $members = [];
        foreach ($job->parts as $part) {
            if (isset($plan->routes[$part->id])) {
                $members[$part->id] = self::member($plan->pieces[$part->id], $plan);
            }
        }

        return new Piece(
            $members,
            array_map(
                static fn(SharedAction $a): Act => new Act($a->step, Keys::of($a->zones), $a->product, $a->colour),
                $actions ?? $plan->actions,
            ),
        );
    }

    private static function member(Workpiece $piece, JobPlan $plan): Member
    {
        $part = $piece->part;
        $there = array_filter($part->links, static fn(Link $l): bool => isset($plan->routes[$l->to]));
        $found = array_map(static fn(Observed $o): string => $o->condition, $part->conditions);
        $isSafety = in_array('safety-part', $found, true);

        return new Member(
            id: $part->id,
            substrate: $part->substrate,
            place: $part->place,
            zoneOf: null === $part->zoneOf || !isset($plan->routes[$part->zoneOf]) ? null : $part->zoneOf,
            ties: array_values(
                array_map(static fn(Link $l): array => [$l->as->value, $l->to, $l->stays, $l->loaded], $there),
            ),
            turn: null === $part->spot
                ? null
                : ['inside' === $part->spot->side ? 0 : 1, -$part->spot->level, $part->spot->exit],
            isSafety: $isSafety,
            signs: $isSafety
                ? array_values(
                    array_map(
                        static fn(Finding $f): string => (string) $f->says,
                        array_filter(
                            $piece->findings($plan->routes[$part->id]),
                            static fn(Finding $f): bool => $f->mayBeTaken,
                        ),
                    ),
                )
                : [],
        );
    }
}
