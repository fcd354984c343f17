<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Condition;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Tests\Draw;
use Hull\Tests\Yard;

/**
 * Parts of which something is wanted: material, aim, service, finish, up to three findings and answers drawn freely.
 * What is offered for such a part at all must be plannable.
 */
final readonly class Wishes
{
    private JobReader $reader;

    public function __construct(private Catalogue $catalogue)
    {
        $this->reader = new JobReader($catalogue);
    }

    /** @return Workpiece|null null where it is said at once that it cannot be had */
    public function drawn(int $number): ?Workpiece
    {
        $draw = new Draw('wish ' . $number);
        $c = $this->catalogue;
        $substrate = $c->substrates[$draw->pick('substrate', $c->substrates)];
        $findings = [];
        $occurring = array_filter($c->conditions, static fn(Condition $c): bool => $substrate->isOf($c->families));
        foreach (['first', 'second', 'third'] as $n => $which) {
            if ($n > 0 && $draw->chance('no ' . $which, 2)) {
                continue;
            }
            $condition = $c->conditions[$draw->pick($which, $occurring)];
            $findings[$condition->id] = $draw->pick('grade of ' . $which, $condition->grades);
        }
        $schools = [];
        foreach ($c->schools as $id => $school) {
            if ($draw->chance('school ' . $id, 12) && $substrate->isOf($school->families)) {
                $schools[$id] = $draw->pick('answer ' . $id, $school->answers);
            }
        }

        return $this->piece(
            $substrate->id,
            $draw->pick('aim', $c->aims),
            $draw->pick('service', $c->services),
            $draw->pick('finish', $c->finishes),
            $findings,
            $schools,
        );
    }

    /**
     * @param array<int|string, string> $findings condition => grade
     * @param array<int|string, string> $schools
     */
    public function piece(
        string $substrate,
        string $aim,
        string $service,
        string $finish,
        array $findings,
        array $schools = [],
    ): ?Workpiece {
        $part = [
            'substrate' => $substrate,
            'aim' => $aim,
            'service' => $service,
            'finish' => $finish,
            'conditions' => array_map(
                static fn(int|string $id, string $grade): array => ['id' => (string) $id, 'grade' => $grade],
                array_keys($findings),
                $findings,
            ),
            ...[] === $schools ? [] : ['schools' => $schools],
        ];
        try {
            $job = $this->reader->job(Node::root(Yard::frame($part)));

            return Workpiece::of($this->catalogue, $job->parts[0], $job->place('bay'), Surroundings::none());
        } catch (NoRoute | InvalidInput) {
            return null;
        }
    }
}
