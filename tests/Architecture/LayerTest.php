<?php

declare(strict_types=1);

namespace App\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

final class LayerTest
{
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

    public function testQuantitiesKnowNothingElseOfTheCore(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Hull\Quantity'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('Hull\Route'),
                Selector::inNamespace('Hull\Surface'),
                Selector::inNamespace('Hull\Catalog'),
                Selector::inNamespace('Hull\Compute'),
                Selector::inNamespace('Hull\Job'),
                Selector::inNamespace('Hull\Bench'),
            )
            ->because('they are the ground everything stands on');
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
                Selector::classname(\App\Api\Desk::class),
                Selector::classname(\App\Api\SessionController::class),
            )
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Doctrine'))
            ->because('one place loads rows and one place writes them');
    }
}
