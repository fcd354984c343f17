<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Field;
use Hull\Compute\Inputs;
use Hull\Input\Node;
use Hull\Quantity\Quantity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same truth in every unit: each worked number again with each input typed in each unit there is. */
final class UnitInvarianceTest extends TestCase
{
    /** @return iterable<string, array{string, array<int|string, mixed>}> */
    public static function numbers(): iterable
    {
        foreach (WorkedNumbersTest::numbers() as $case => [$name, $inputs]) {
            yield $case => [$name, $inputs];
        }
    }

    /** @param array<int|string, mixed> $inputs */
    #[DataProvider('numbers')]
    public function testTheUnitTypedChangesNothing(string $name, array $inputs): void
    {
        $computation = Yard::catalogue()->formulas()->find($name);
        self::assertNotNull($computation);
        $first = $computation->fromNode(Node::root($inputs));
        $units = max([
            1,
            ...array_map(
                static fn(Field $f): int => count($f->dimension()?->units() ?? []),
                self::flat($computation->inputs),
            ),
        ]);
        for ($unit = 0; $unit < $units; ++$unit) {
            $again = $computation->fromNode(Node::root(self::typed($computation->inputs, $first->inputs, $unit)));
            foreach ($first->outcome->values as $output => $value) {
                $output = (string) $output;
                $then = $again->outcome->values[$output];
                if ($value instanceof Quantity) {
                    self::assertInstanceOf(Quantity::class, $then);
                    self::assertEqualsWithDelta(
                        $value->value(),
                        $then->value(),
                        1e-6 * max(1.0, abs($value->value())),
                        "$output in unit $unit",
                    );
                } else {
                    self::assertSame($value, $then, $output);
                }
            }
        }
    }

    /**
     * @param list<Field> $fields
     *
     * @return list<Field>
     */
    private static function flat(array $fields): array
    {
        return array_merge(
            ...array_map(static fn(Field $f): array => [] === $f->of ? [$f] : self::flat($f->of), $fields),
        );
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<int|string, mixed> every quantity as text in its unit of that number
     */
    private static function typed(array $fields, Inputs $inputs, int $unit): array
    {
        $typed = [];
        foreach ($fields as $field) {
            $value = $inputs->values[$field->name] ?? null;
            if ($value instanceof Quantity) {
                $units = $value::dimension()->units();
                $in = $units[$unit % count($units)];
                $typed[$field->name] = trim(
                    sprintf(
                        '%.12F %s',
                        $in->fromRecord($value->value()),
                        'ratio' === $in->symbol() ? '' : $in->symbol(),
                    ),
                );
                if ('ratio' === $in->symbol()) {
                    $typed[$field->name] = $value->value();
                }
            } elseif (is_array($value)) {
                $typed[$field->name] = array_map(
                    static fn(Inputs $row): array => self::typed($field->of, $row, $unit),
                    $value,
                );
            } elseif (null !== $value) {
                $typed[$field->name] = $value instanceof \Hull\Quantity\MixRatio ? $value->text() : $value;
            }
        }

        return $typed;
    }
}
