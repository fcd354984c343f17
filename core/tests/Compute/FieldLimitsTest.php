<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Computation;
use Hull\Compute\Field;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Dimension;
use Hull\Quantity\Quantity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Every field of every formula with nothing, too much, less than nothing, half of one: a number that can be, or a
 * refusal that names the field.
 */
final class FieldLimitsTest extends TestCase
{
    /** Larger than this nothing in a yard is, in any unit of record. */
    private const HUGE = 1e13;

    /**
     * @return iterable<string, array{Computation, array<int|string, mixed>, Field, Field|null}> formula, good inputs,
     *     field, the list it
     *     stands in
     */
    public static function fields(): iterable
    {
        $seen = [];
        foreach (WorkedNumbersTest::numbers() as [$name, $inputs]) {
            $formula = Yard::catalogue()->formulas()->find($name) ?? throw new \LogicException($name);
            foreach ($formula->inputs as $field) {
                foreach (
                    [] === $field->of
                        ? [[$field, null]]
                        : array_map(static fn(Field $f): array => [$f, $field], $field->of)
                    as [$one, $list]
                ) {
                    $pair = $name . ' ' . $one->name;
                    if (
                        null !== $one->dimension() &&
                        !isset($seen[$pair]) &&
                        (null === $list || isset($inputs[$list->name]))
                    ) {
                        $seen[$pair] = true;
                        yield $pair => [$formula, $inputs, $one, $list];
                    }
                }
            }
        }
    }

    /** @param array<int|string, mixed> $inputs */
    #[DataProvider('fields')]
    public function testIsANumberThatCanBeOrARefusalThatNamesTheField(
        Computation $formula,
        array $inputs,
        Field $field,
        ?Field $list,
    ): void {
        foreach (self::values($field) as $value) {
            $given = $inputs;
            if (null === $list) {
                $given[$field->name] = $value;
            } else {
                self::assertIsArray($given[$list->name]);
                self::assertIsArray($given[$list->name][0]);
                $given[$list->name][0][$field->name] = $value;
            }
            $what = sprintf('%s with %s = %g', $formula->name, $field->name, $value);
            try {
                foreach ($formula->fromNode(Node::root($given))->outcome->values as $output) {
                    if ($output instanceof Quantity) {
                        self::assertLessThan(self::HUGE, abs($output->value()), $what);
                    }
                }
            } catch (InvalidInput $e) {
                self::assertMatchesRegularExpression('#^/\w+#', $e->pointer, $what);
                self::assertNotSame('', $e->accepted, $what);
            }
        }
    }

    public function testThereAreMoreThanAHundredPairs(): void
    {
        self::assertGreaterThan(96, count([...self::fields()]));
    }

    /** @return list<float> */
    private static function values(Field $field): array
    {
        return match ($field->dimension()) {
            Dimension::Percentage => [0.0, 0.5, 1.0, 1.5, 10.0, -0.1, 1e9],
            Dimension::RelativeHumidity => [0.0, 0.0005, 1.0, -0.1, 1.2],
            Dimension::Temperature => [-273.15, -243.12, -100.0, -1.0, 0.0, 60.0, 150.0, 1000.0, 1e9],
            Dimension::Count => [0.0, 1.0, 2.9, -1.0, 1e9, 1e15],
            default => [0.0, -1.0, 1e-12, 1.0, 1e12],
        };
    }

    /**
     * @return iterable<string, array{string, array<int|string, mixed>, string, string}> formula, inputs, field, what
     *     is accepted
     */
    public static function refusals(): iterable
    {
        yield 'all of the paint is lost' => [
            'film.aerosol',
            ['volume' => '400 mL', 'solids' => '18 %', 'loss' => '100 %', 'dft' => '25 um'],
            'loss',
            'a percentage from 0 up to 95 %',
        ];
        yield 'a pail that makes nothing' => [
            'pour.prism',
            ['length' => '1 m', 'width' => '1 m', 'depth' => '40 mm', 'pail' => '0 L'],
            'pail',
            'a volume from 100 mL up to 1000 m³',
        ];
        yield 'a supply that gives nothing' => [
            'bath.electrolysis',
            ['volume' => '60 L', 'area' => '0.4 m2', 'supply' => '0 A'],
            'supply',
            'a current from 0.1 A up to 200 A',
        ];
        yield 'ten times as much thinner as paint' => [
            'film.wet',
            ['solids' => '50 %', 'dft' => '60 um', 'thinner' => '1000 %'],
            'thinner',
            'a percentage from 0 up to 100 %',
        ];
        yield 'nine tenths of a hole' => [
            'area.plate',
            ['length' => '1 m', 'width' => '1 m', 'holes' => 2.9],
            'holes',
            'a whole number from 0 up to 10000',
        ];
        yield 'air colder than the formula' => [
            'climate.saturation-pressure',
            ['temperature' => '-243.12 C'],
            'temperature',
            'a temperature from -60 °C up to 100 °C',
        ];
        yield 'a bath that freezes' => [
            'bath.acid',
            ['volume' => '10 L', 'strength' => '50 g/L', 'temperature' => '2 C', 'part' => 'zinc'],
            'temperature',
            'a temperature from 5 °C up to 60 °C',
        ];
        yield 'more wanted than there is' => [
            'mix.dilution',
            ['stock' => '5 %', 'wanted' => '9 %', 'total' => '1 L'],
            'wanted',
            'a wanted strength at or below the stock',
        ];
        yield 'inserts larger than the hollow' => [
            'pour.prism',
            ['length' => '1 m', 'width' => '1 m', 'depth' => '1 mm', 'inserts' => '10 L'],
            'inserts',
            'inserts smaller than the hollow',
        ];
    }

    /** @param array<int|string, mixed> $inputs */
    #[DataProvider('refusals')]
    public function testNonsenseIsRefusedWithWhatIsAccepted(
        string $name,
        array $inputs,
        string $field,
        string $accepted,
    ): void {
        try {
            Yard::catalogue()->formulas()->find($name)?->fromNode(Node::root($inputs));
            self::fail('taken');
        } catch (InvalidInput $e) {
            self::assertSame(['/' . $field, $accepted], [$e->pointer, $e->accepted]);
        }
    }
}
