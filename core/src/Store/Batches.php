<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Quantity\Message;
use Hull\Surface\Product;

/** Two batches of a colour are seldom quite alike, and side by side on one piece it is seen. */
final class Batches
{
    /** Tag of what is seen. */
    private const SEEN = 'colour';

    /**
     * @param list<string> $laid batches that lie on the piece already; empty where nobody wrote one down
     * @param list<string> $from batches that the next coat would be poured from
     *
     * @return string|Message what to do about it; empty where nothing has to be done
     */
    public static function says(Product $product, array $laid, array $from): string|Message
    {
        [$laid, $from] = [self::known($laid), self::known($from)];
        if (!in_array(self::SEEN, $product->tags, true)) {
            return '';
        }
        $other = array_values(array_diff($from, $laid));
        if ([] !== $laid && [] !== $other) {
            return Message::of(
                'On this piece lies batch {laid}, on the shelf is {other}. Try both on one card, in the light of its ' .
                    'place; where they differ, end the old batch at an edge or a break and coat whole faces with ' .
                    'the new.',
                laid: self::list($laid),
                other: self::list($other),
            );
        }

        return count($from) < 2
            ? ''
            : Message::of(
                'It takes batches {batches}. Pour them together and stir before the first coat, so ' .
                    'that there is one colour.',
                batches: self::list($from),
            );
    }

    /**
     * @param list<string> $batches
     *
     * @return list<string> each once
     */
    private static function known(array $batches): array
    {
        return array_values(array_unique(array_filter($batches, static fn(string $b): bool => '' !== $b)));
    }

    /** @param non-empty-list<string> $batches */
    private static function list(array $batches): string|Message
    {
        $last = array_pop($batches);

        return [] === $batches ? $last : Message::of('{several} and {last}', several: $batches, last: $last);
    }
}
