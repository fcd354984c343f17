<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Job\TaggedItem;

/** What holds a part, read from the words of its tie: "six M10 bolts, rubber washers" are 6 bolts M10 and a washer. */
final class HeldBy
{
    private const NUMBERS = [
        'a' => 1,
        'an' => 1,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
    ];
    private const MOST = 999;
    private const SIZE = '/\b(M\d+(?:[.,]\d+)?(?:\s*[x×]\s*\d+(?:[.,]\d+)?)*|\d+(?:\/\d+)?\s*(?:mm|in))\b/u';

    /** @return list<TaggedItem> */
    public static function read(string $by): array
    {
        $things = [];
        foreach ((array) preg_split('/\s*(?:[,;]|\band\b)\s*/u', $by) as $words) {
            $thing = self::thing(trim((string) $words));
            if (null !== $thing) {
                $things[] = $thing;
            }
        }

        return $things;
    }

    private static function thing(string $words): ?TaggedItem
    {
        $size = 1 === preg_match(self::SIZE, $words, $found) ? $found[1] : '';
        $words = trim((string) preg_replace('/\s+/u', ' ', '' === $size ? $words : str_replace($size, '', $words)));
        $count = 1;
        if (1 === preg_match('/^(\d+(?=\s*[x×]\s)|\w+)(?:\s*[x×])?\s+(.+)$/u', $words, $parts)) {
            $number = ctype_digit($parts[1]) ? (int) $parts[1] : self::NUMBERS[mb_strtolower($parts[1])] ?? null;
            if (null !== $number && $number >= 1 && $number <= self::MOST) {
                [$count, $words] = [$number, $parts[2]];
            }
        }

        return '' === $words ? null : new TaggedItem(mb_substr($words, 0, 80), mb_substr($size, 0, 40), $count);
    }
}
