<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Compute\Inputs;
use Hull\Compute\Registry;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Shape;
use Hull\Quantity\InvalidQuantity;

/** Shapes of a part with their dimensions. */
final class ShapeReader
{
    /** @return list<Shape> */
    public static function shapes(?Node $list): array
    {
        $shapes = [];
        foreach ($list?->items(200) ?? [] as $index => $n) {
            $shapes[] = self::shape($n, $index + 1);
        }

        return $shapes;
    }

    /**
     * @param int $number it is called by where it has no name
     *
     * @throws InvalidInput for a kind nobody knows, dimensions it does not have, or more than 100 000 m2
     */
    public static function shape(Node $n, int $number): Shape
    {
        $registry = Registry::standard();
        $kinds = [];
        foreach ($registry->all() as $computation) {
            if (str_starts_with($computation->name, 'area.')) {
                $kinds[] = substr($computation->name, strlen('area.'));
            }
        }
        $computation =
            $registry->find('area.' . $n->field('kind')->choice($kinds)) ?? throw new \LogicException('No such shape.');
        $dimensions = is_array($n->value) ? array_diff_key($n->value, ['kind' => 1, 'name' => 1]) : [];
        $shape = new Shape(
            $n->optional('name')?->text(80) ?? 'Shape ' . $number,
            $computation,
            Inputs::read($n->holding($dimensions), $computation->inputs),
        );
        try {
            $area = $shape->area()->m2();
        } catch (InvalidQuantity $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        } catch (InvalidInput $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        }
        if ($area > 100000.0) {
            throw $n->refuse('That is more than 100 000 m².', 'dimensions of a part; check the units');
        }

        return $shape;
    }
}
