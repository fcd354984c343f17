<?php

declare(strict_types=1);

namespace Hull\Tests\Job;

use Hull\Compute\Registry;
use Hull\Input\Node;
use Hull\Job\StartShape;
use Hull\JobFile\ShapeReader;
use PHPUnit\Framework\TestCase;

/** Every kind of shape that can be added has an area at once. */
final class StartShapeTest extends TestCase
{
    public function testEveryKindStartsWithAnArea(): void
    {
        $kinds = 0;
        foreach (Registry::standard()->all() as $computation) {
            if (!str_starts_with($computation->name, 'area.')) {
                continue;
            }
            $kind = substr($computation->name, 5);
            $typed = ['kind' => $kind, 'name' => $kind];
            foreach ($computation->inputs as $field) {
                $start = StartShape::of($kind, $field->name);
                $typed += null === $start ? [] : [$field->name => $start->value()];
            }
            self::assertGreaterThan(0.0, ShapeReader::shape(Node::root($typed), 1)->area()->m2(), $kind);
            ++$kinds;
        }
        self::assertSame(17, $kinds);
        self::assertNull(StartShape::of('plate', 'holes'));
    }
}
