<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\AllOf;
use Hull\Surface\AnyOf;
use Hull\Surface\FactWithin;
use Hull\Surface\Predicate;

/** A predicate taken apart for the relaxed plan: a fact by number, a question about the film, or several of these. */
final readonly class RelaxedCondition
{
    public const FACT = 0;
    public const FILM = 1;
    public const ALL = 2;
    public const ANY = 3;

    /** @param list<self> $of */
    private function __construct(public int $kind, public int $atom, public ?Predicate $film, public array $of) {}

    /** @param \Closure(FactWithin): int $number of a fact */
    public static function of(Predicate $predicate, \Closure $number): self
    {
        if ($predicate instanceof FactWithin) {
            return new self(self::FACT, $number($predicate), null, []);
        }
        if ($predicate instanceof AnyOf || $predicate instanceof AllOf) {
            return new self(
                $predicate instanceof AnyOf ? self::ANY : self::ALL,
                -1,
                null,
                array_map(static fn(Predicate $p): self => self::of($p, $number), $predicate->of),
            );
        }

        return new self(self::FILM, -1, $predicate, []);
    }
}
