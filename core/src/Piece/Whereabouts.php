<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Job\RouteStep;

/**
 * Where a part is, step by step: where its carrier stands until it is off and from when it is put back on, in between
 * where it is worked itself.
 */
final readonly class Whereabouts
{
    private Stand $own;
    private Stand $before;
    private Stand $after;

    /** @var array<int|string, int> key of the step => which it is; nothing for what hangs on nothing */
    private array $steps;

    /** Which step takes it off; -1 where it is off, or goes along with what it hangs on. */
    private int $off;

    /** From which step on it is back on, or what it hangs on is. */
    private int $on;

    /** No step takes it off. */
    private bool $staysOn;

    /**
     * @param string $at key of the place in which it is worked, among all places of the yard
     * @param Hanging|null $hanging null for what hangs on nothing
     * @param array<int|string, float> $finished key of what is done => hour, where it is asked of what is left
     */
    public function __construct(Workpiece $piece, string $at, ?Hanging $hanging = null, array $finished = [])
    {
        $steps = null === $hanging ? [] : $piece->route()->steps;
        $lane = new Lane($piece->part, Route::of($steps), $piece->context->catalogue());
        $off = $lane->takenOff();
        $this->steps = array_flip(array_map(static fn(RouteStep $s): string => $s->key, $steps));
        $this->staysOn = null !== $hanging && null === $off;
        $this->off = null === $off || isset($finished[$lane->key($off)]) ? -1 : $off;
        $on = true === $hanging?->isFitted ? $lane->puttingOn()[0] ?? null : $lane->putOn();
        $this->on = ($this->staysOn ? $lane->handedOver() : $on) ?? \PHP_INT_MAX;
        $own = Stand::of($piece, $at);
        $this->own = $this->staysOn ? $hanging->along ?? $own : $own;
        $this->before = $hanging->off ?? $own;
        $this->after = $hanging->on ?? $own;
    }

    /**
     * @param array<int|string, Workpiece> $pieces of one job, with their routes, each worked in its own place
     *
     * @return array<int|string, self> under the same keys
     */
    public static function all(array $pieces): array
    {
        $places = array_map(static fn(Workpiece $p): string => $p->place->id, $pieces);
        $hanging = Hanging::all($pieces, $places);
        $all = [];
        foreach ($pieces as $key => $piece) {
            $all[$key] = new self($piece, $places[$key], $hanging[$key] ?? null);
        }

        return $all;
    }

    /** Where a step is worked. */
    public function at(string $step): Stand
    {
        $at = $this->steps[$step] ?? $this->off + 1;

        return match (true) {
            $at <= $this->off => $this->before,
            $at >= $this->on => $this->after,
            default => $this->own,
        };
    }

    /** It stands on the floor by itself when a step is worked, not on what carries it. */
    public function isOff(string $step): bool
    {
        return !$this->staysOn && $this->at($step) === $this->own;
    }

    /** Where it lies from the end of a step on; null for before all of them. */
    public function since(?string $step): Stand
    {
        $at = $this->steps[$step ?? ''] ?? -1;

        return match (true) {
            $at < $this->off => $this->before,
            $at >= $this->on => $this->after,
            default => $this->own,
        };
    }
}
