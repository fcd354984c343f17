<?php

declare(strict_types=1);

namespace Hull\Tests\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\InvalidQuantity;
use Hull\Tests\Drawn;
use Hull\Tests\Kept;
use Hull\Tests\Yard;
use Hull\WorkCard\Figure;
use Hull\WorkCard\Kind;
use Hull\WorkCard\Kinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every card says and draws what it did, for its sample and for others drawn around it. */
final class SameCardsTest extends TestCase
{
    private const DRAWS = 24;

    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (Kinds::by(Yard::catalogue()->figures) as $id => $kind) {
            if ('can-job' !== $id) {
                yield (string) $id => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function testSaysAndDrawsWhatItDid(Kind $kind): void
    {
        $random = new Randomizer(new Mt19937(crc32($kind->id())));
        $cards = [self::card($kind, $kind->sample())];
        for ($draw = 0; $draw < self::DRAWS; ++$draw) {
            $cards[] = self::card($kind, Drawn::like($kind->sample(), $random));
        }
        Kept::same(__DIR__ . '/same-cards.json', $kind->id(), $cards, "the card {$kind->id()} has changed");
    }

    public function testTheCanJobOfAPart(): void
    {
        $cards = [];
        foreach ([['small_or_lattice' => true], ['small_or_lattice' => true, 'shapes' => []]] as $change) {
            $piece = Yard::workpiece(
                [
                    'substrate' => 'aluminium-wrought',
                    'conditions' => [],
                    'service' => 'exterior-sheltered',
                    'schools' => ['first-film' => 'etch'],
                    ...$change,
                ],
                ['compressor', 'spray-gun', 'isocyanate'],
            );
            $cards[] = self::card(Kinds::by(Yard::catalogue()->figures)['can-job'], [], $piece);
        }
        Kept::same(__DIR__ . '/same-cards.json', 'can-job', $cards, 'the card can-job has changed');
    }

    /** @param array<array-key, mixed> $inputs */
    private static function card(Kind $kind, array $inputs, ?Workpiece $piece = null): string
    {
        try {
            $card = $kind->work(Inputs::read(Node::root($inputs), $kind->fields()), $piece);
        } catch (InvalidInput | InvalidQuantity $refused) {
            return 'refused ' . Kept::digest($refused->getMessage());
        }

        return Kept::digest([
            $card->drawing,
            $card->cautions,
            array_map(strval(...), $card->steps),
            array_map(static fn(Figure $f): array => [$f->label, $f->from->outcome->values], $card->figures),
            $card->warnings(),
        ]);
    }
}
