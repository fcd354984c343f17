<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;
use Hull\Surface\AllOf;
use Hull\Surface\AnyOf;
use Hull\Surface\FilmIs;
use Hull\Surface\FilmPast;
use Hull\Surface\FilmPhase;
use Hull\Surface\Predicate;
use Hull\Surface\TopTagged;

/** Reads the predicates of the catalogue: fact, group, film, film_past, top, top_not, any, all. */
final class PredicateReader
{
    /** @param list<string> $tags known tags of products */
    public static function read(Node $node, FactTable $facts, array $tags): Predicate
    {
        $asked = $facts->asked($node);
        if (null !== $asked) {
            return $asked;
        }
        $film = $node->optional('film');
        if (null !== $film) {
            $phases = array_map(static fn(FilmPhase $p): string => $p->value, FilmPhase::cases());

            return new FilmIs(
                array_map(static fn(Node $n): FilmPhase => FilmPhase::from($n->choice($phases)), $film->items()),
            );
        }
        $past = $node->optional('film_past');
        if (null !== $past) {
            return new FilmPast($past->choice(FilmPast::EVENTS));
        }
        foreach (['top' => true, 'top_not' => false] as $key => $wanted) {
            $named = $node->optional($key);
            if (null !== $named) {
                return new TopTagged(
                    array_map(static fn(Node $n): string => $n->choice($tags), $named->items()),
                    $wanted,
                );
            }
        }
        $any = $node->optional('any');
        if (null !== $any) {
            return new AnyOf(array_map(static fn(Node $n): Predicate => self::read($n, $facts, $tags), $any->items()));
        }

        return new AllOf(
            array_map(static fn(Node $n): Predicate => self::read($n, $facts, $tags), $node->field('all')->items()),
        );
    }
}
