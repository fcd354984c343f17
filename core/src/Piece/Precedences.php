<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Catalogue;
use Hull\Job\Part;
use Hull\Job\Route;

/**
 * What has to be done before what between the parts of a piece, from how they hang together and what their routes do:
 * off before and on after, neighbours out of each other's dust, top before bottom, handed over together. The merger and
 * the schedule read it from here.
 */
final class Precedences
{
    /**
     * @param array<int|string, Part> $parts of one job
     * @param array<int|string, Route> $routes under the same keys
     *
     * @return list<Precedence> with the parts under these keys
     */
    public static function of(Catalogue $catalogue, array $parts, array $routes): array
    {
        $all = new Lanes($catalogue, $parts, $routes);
        (new OffAndOn($all))->find();
        (new SideBySide($all))->find();
        (new HandOver($all))->find();

        return $all->found();
    }
}
