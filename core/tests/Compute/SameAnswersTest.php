<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Computation;
use Hull\Compute\Field;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\InvalidQuantity;
use Hull\Tests\Drawn;
use Hull\Tests\Kept;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every formula gives what it gave, for its worked numbers and for others drawn around them, what it refuses among
 * them. The worked numbers say what is right; this says that nothing else has changed.
 */
final class SameAnswersTest extends TestCase
{
    private const DRAWS = 8;

    /** @return iterable<string, array{string}> */
    public static function formulas(): iterable
    {
        foreach (Yard::catalogue()->formulas()->all() as $formula) {
            yield $formula->name => [$formula->name];
        }
    }

    #[DataProvider('formulas')]
    public function testGivesWhatItGave(string $name): void
    {
        $formula = Yard::catalogue()->formulas()->find($name) ?? self::fail('gone');
        $random = new Randomizer(new Mt19937(crc32($name)));
        // What it asks for, within which limits.
        $answers = ['asks' => [Kept::digest($formula->inputSchema()), Kept::digest(self::limits($formula->inputs))]];
        foreach (WorkedNumbersTest::numbers() as $case => [$of, $inputs]) {
            if ($of === $name) {
                $answers[$case] = [self::answer($formula, $inputs)];
                for ($draw = 0; $draw < self::DRAWS; ++$draw) {
                    $answers[$case][] = self::answer($formula, Drawn::like($inputs, $random));
                }
            }
        }
        Kept::same(__DIR__ . '/same-answers.json', $name, $answers, "$name has changed");
    }

    /** @param array<array-key, mixed> $inputs */
    private static function answer(Computation $formula, array $inputs): string
    {
        try {
            $outcome = $formula->fromNode(Node::root($inputs))->outcome;
        } catch (InvalidInput $refused) {
            return 'refused ' . Kept::digest([$refused->getMessage(), $refused->accepted, $refused->pointer]);
        } catch (InvalidQuantity $refused) {
            return 'refused ' . Kept::digest($refused->getMessage());
        }

        return Kept::digest([$outcome->values, $outcome->warnings]);
    }

    /**
     * @param list<Field> $fields
     *
     * @return list<mixed>
     */
    private static function limits(array $fields): array
    {
        return array_map(
            static fn(Field $f): mixed => null === $f->quantity ? self::limits($f->of) : $f->accepted(),
            $fields,
        );
    }
}
