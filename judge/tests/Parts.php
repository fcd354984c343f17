<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\RouteLine;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Service;
use Hull\Input\Node;
use Hull\Job\Covered;
use Hull\Job\Observed;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Tests\Draw;
use Hull\Tests\Yard;
use Judge\Done;
use Judge\Work;

/** Made-up parts by number, of any material with one to three things found on it, and what is planned for them. */
final readonly class Parts
{
    private const SHAPES = [
        ['kind' => 'strip', 'width' => '0.6 m', 'length' => '2 m'],
        ['kind' => 'plate', 'width' => '0.5 m', 'length' => '0.8 m'],
        ['kind' => 'tube', 'diameter' => '48 mm', 'length' => '3 m'],
        ['kind' => 'strip', 'width' => '3 cm', 'length' => '20 cm'],
    ];

    private const SIDE = ['kind' => 'plate', 'width' => '2 m', 'length' => '4 m'];

    /** @param bool $large sides of a van or a hull instead, 16 m2 */
    public function __construct(private Catalogue $catalogue, private bool $large = false) {}

    public function workpiece(int $number): Workpiece
    {
        $draw = new Draw('judged ' . $number);
        $substrate = $this->catalogue->substrate($draw->pick('substrate', $this->catalogue->substrates));
        $occur = array_filter($this->catalogue->conditions, static fn($c): bool => $substrate->isOf($c->families));
        $conditions = [];
        foreach (['first', 'second', 'third'] as $n => $which) {
            $id = $draw->pick($which, $occur);
            if ((2 !== $n || $draw->chance('a third', 3)) && !isset($conditions[$id])) {
                $grade = $draw->pick('grade of ' . $which, $this->catalogue->conditions[$id]->grades);
                $conditions[$id] = ['id' => $id, 'grade' => $grade, 'extent' => '40 %'];
            }
        }
        $suits = static fn(Service $s): bool => $s->suits($substrate);
        $schools = [];
        foreach ($this->catalogue->schools as $school) {
            if ($substrate->isOf($school->families) && $draw->chance($school->id, 4)) {
                $schools[$school->id] = $draw->pick('answer to ' . $school->id, $school->answers);
            }
        }
        $part = [
            'substrate' => $substrate->id,
            'conditions' => array_values($conditions),
            'shapes' => [$this->large ? self::SIDE : self::SHAPES[(int) $draw->pick('shape', self::SHAPES)]],
            'service' => $draw->pick('service', array_filter($this->catalogue->services, $suits)),
            'finish' => $draw->pick('finish', $this->catalogue->finishes),
            ...[] === $schools ? [] : ['schools' => $schools],
            ...self::bare($draw, $substrate->isOf(['metal'])),
        ];
        if ($draw->chance('a wish', 3)) {
            try {
                return $this->piece([...$part, 'aim' => $draw->pick('aim', $this->catalogue->aims)]);
            } catch (NoRoute) {
                // That cannot be had here: the likely one then.
            }
        }

        return $this->piece($part);
    }

    /** @return array{covered?: list<array<string, string>>} what stays bare of it, where somebody said so */
    private static function bare(Draw $draw, bool $isMetal): array
    {
        if ($draw->chance('a line', 8)) {
            return ['covered' => [['kind' => 'edge', 'along' => '1 m']]];
        }
        $bore = ['kind' => 'bore', 'across' => '20 mm'];
        $seat = ['kind' => 'seat', 'across' => '30 mm', 'along' => '150 mm'];

        return match (true) {
            $isMetal && $draw->chance('bores', 8) => [
                'covered' => $draw->chance('a seat', 3) ? [$bore, $seat] : [$bore],
            ],
            $draw->chance('nothing bare', 8) => ['covered' => [['kind' => 'nothing']]],
            default => [],
        };
    }

    /** @param array<string, mixed> $part */
    private function piece(array $part): Workpiece
    {
        $job = (new JobReader($this->catalogue))->job(Node::root(Yard::frame($part)));

        return Workpiece::of($this->catalogue, $job->parts[0], $job->place('bay'), Surroundings::none());
    }

    /** Who answers how the old paint is taken off, or what colour comes next, does not want it kept. */
    private static function isAskedAnew(Workpiece $piece): bool
    {
        return [] !== array_intersect(['old-paint', 'colour-change'], array_keys($piece->part->schools));
    }

    /**
     * @param list<RouteStep> $steps
     * @param bool $isEdged something else begins where it ends, so that there is an edge to tape whatever was said
     */
    public static function work(Workpiece $piece, array $steps, bool $isEdged = false): Work
    {
        return new Work(
            substrate: $piece->part->substrate,
            found: [
                ...array_map(
                    static fn(Observed $o): string => $o->condition . ':' . $o->grade,
                    $piece->part->conditions,
                ),
                ...array_map(
                    static fn(Covered $c): string => 'stays-bare:' . $c->kind,
                    $isEdged ? [] : $piece->part->covered,
                ),
            ],
            service: $piece->part->service,
            steps: array_map(
                static fn(RouteLine $l): Done => new Done(
                    $l->step->step,
                    $l->step->product,
                    $l->minutes,
                    $l->paint?->litresValue(),
                    $l->minutes / 60.0 + ($l->waitHours ?? 0.0),
                ),
                RouteLine::of($piece, Route::of($steps)),
            ),
            wants: $piece->part->aim ?? (self::isAskedAnew($piece) ? 'coat' : null),
            m2: $piece->context->area()->m2(),
            isInSpots: 'spots' === $piece->context->aim->id,
            spread: array_column(
                array_map(
                    static fn(Observed $o): array => [$o->condition, $o->extent->ratioValue()],
                    $piece->part->conditions,
                ),
                1,
                0,
            ),
        );
    }
}
