<?php

declare(strict_types=1);

namespace App\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

final class LayerTest
{
    public function testTheJudgeSharesNothingWithWhatItJudges(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Judge'))
            ->excluding(Selector::inNamespace('Judge\Tests'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Hull'), Selector::inNamespace('App'))
            ->because('who believes the same facts passes the same faults');
    }

    public function testTheCoreKnowsNeitherApplicationNorFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Hull'))
            ->excluding(Selector::inNamespace('Hull\Tests'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Doctrine'),
                Selector::inNamespace('Psr'),
            )
            ->because('the rules of the job stand alone');
    }

    /** From the ground up; a room knows those before it only. What each is for stands in core/README.md. */
    private const ROOMS = [
        'Quantity',
        'Input',
        'Area',
        'Film',
        'Mix',
        'Pack',
        'Bath',
        'Laminate',
        'Effort',
        'Climate',
        'Cure',
        'Compute',
        'Surface',
        'Catalog',
        'Job',
        'Route',
        'Bench',
        'Store',
        'WorkCard',
        'JobFile',
        'Piece',
        'Board',
        'Schedule\\Calendar',
        'Schedule\\Constraint',
        'Schedule\\Reading',
        'Schedule\\Placing',
        'Schedule\\Search',
        'Schedule\\Replanning',
        'Schedule\\Explaining',
        'Cost',
    ];

    /** @return iterable<Rule> */
    public function testRoomsOfTheCoreLookDownOnly(): iterable
    {
        foreach (self::ROOMS as $n => $room) {
            $above = array_map(
                static fn(string $r): SelectorInterface => Selector::inNamespace('Hull\\' . $r),
                array_slice(self::ROOMS, $n + 1),
            );
            if ([] !== $above) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace('Hull\\' . $room))
                    ->shouldNot()
                    ->dependOn()
                    ->classes(...$above)
                    ->because('rooms have an order, and arrows go one way (core/README.md)');
            }
        }
    }

    public function testEveryRoomOfTheCoreHasAPlaceInTheOrder(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Hull'))
            ->excluding(
                Selector::inNamespace('Hull\Tests'),
                ...array_map(
                    static fn(string $r): SelectorInterface => Selector::inNamespace('Hull\\' . $r),
                    self::ROOMS,
                ),
            )
            ->shouldNot()
            ->exist()
            ->because('a new room is put into the order first');
    }

    public function testEntitiesKnowNoApi(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Entity'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('App\Api'), Selector::inNamespace('App\Work'))
            ->because('rows do not know who shows them');
    }

    public function testScreensDoNotReachPastTheBooks(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Api'))
            ->excluding(
                Selector::classname(\App\Api\YardContext::class),
                Selector::classname(\App\Api\SessionController::class),
            )
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Doctrine'))
            ->because('one place loads rows and one place writes them');
    }
}
