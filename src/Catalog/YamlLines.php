<?php

declare(strict_types=1);

namespace App\Catalog;

/**
 * Finds the line of a YAML text on which a JSON pointer stands: block lists and maps by indentation; what is written
 * on one line is that line.
 */
final class YamlLines
{
    /** @return int 1 for the first line */
    public static function of(string $text, string $pointer): int
    {
        $lines = preg_split('/\R/', $text);
        $lines = false === $lines ? [] : $lines;
        $from = 0;
        $to = count($lines);
        $indent = -1;
        $found = 0;
        foreach (array_slice(explode('/', $pointer), 1) as $segment) {
            $key = strtr($segment, ['~1' => '/', '~0' => '~']);
            $next = ctype_digit($key)
                ? self::item($lines, $from, $to, $indent, (int) $key)
                : self::field($lines, $from, $to, $indent, $key);
            if (null === $next) {
                break;
            }
            [$found, $from, $to, $indent] = $next;
        }

        return $found + 1;
    }

    /**
     * @param list<string> $lines
     *
     * @return array{int, int, int, int}|null line, first and last line of what is in it, its indentation
     */
    private static function item(array $lines, int $from, int $to, int $indent, int $number): ?array
    {
        $at = null;
        $seen = -1;
        for ($i = $from; $i < $to; ++$i) {
            if (
                1 !== preg_match('/^( *)- /', $lines[$i] . ' ', $match) ||
                strlen($match[1]) < max(0, $indent) ||
                (null !== $at && strlen($match[1]) !== $at)
            ) {
                continue;
            }
            $at ??= strlen($match[1]);
            if (++$seen === $number) {
                return [$i, $i, self::end($lines, $i + 1, $to, $at), $at + 1];
            }
        }

        return null;
    }

    /**
     * @param list<string> $lines
     *
     * @return array{int, int, int, int}|null
     */
    private static function field(array $lines, int $from, int $to, int $indent, string $key): ?array
    {
        for ($i = $from; $i < $to; ++$i) {
            if (
                1 === preg_match('/^([ -]*)["\']?' . preg_quote($key, '/') . '["\']?\s*:/', $lines[$i], $match) &&
                strlen($match[1]) > $indent
            ) {
                return [$i, $i + 1, self::end($lines, $i + 1, $to, strlen($match[1])), strlen($match[1]) - 1];
            }
        }

        return null;
    }

    /**
     * @param list<string> $lines
     *
     * @return int the first line that is not indented deeper
     */
    private static function end(array $lines, int $from, int $to, int $indent): int
    {
        for ($i = $from; $i < $to; ++$i) {
            if (
                '' !== trim($lines[$i]) &&
                !str_starts_with(ltrim($lines[$i]), '#') &&
                strspn($lines[$i], ' ') <= $indent &&
                !(
                    strspn($lines[$i], ' ') === $indent &&
                    str_starts_with(ltrim($lines[$i]), '- ') &&
                    !str_starts_with(ltrim($lines[$from - 1]), '- ')
                )
            ) {
                return $i;
            }
        }

        return $to;
    }
}
