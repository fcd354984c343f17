<?php

declare(strict_types=1);

namespace App\Catalog;

use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** YAML without anchors and aliases, which make much of little, and no deeper than a catalogue goes. */
final class PlainYaml
{
    private const MOST_BYTES = 400_000;
    private const MOST_DEPTH = 24;

    /** @throws ParseException with its line */
    public static function parse(string $text): mixed
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw new ParseException(sprintf('The text is longer than %d characters', self::MOST_BYTES), 1);
        }
        $depth = 0;
        foreach (explode("\n", $text) as $number => $line) {
            // What stands in quotes or after a # is words.
            $bare = (string) preg_replace(
                ['/"(?:[^"\\\\]|\\\\.)*"/', "/'(?:[^']|'')*'/", '/(^|\s)#.*$/'],
                ['""', "''", ''],
                $line,
            );
            if (1 === preg_match('/(?:^|[\s\[{,:-])[&*][^\s,\]}]|<<\s*:/', $bare)) {
                throw new ParseException(
                    'Anchors, aliases and merges (&, *, <<) are not read',
                    $number + 1,
                    trim($line),
                );
            }
            $deepest = $depth;
            foreach (str_split((string) preg_replace('/[^\[\]{}]/', '', $bare)) as $mark) {
                $depth += ['[' => 1, '{' => 1, ']' => -1, '}' => -1][$mark] ?? 0;
                $deepest = max($deepest, $depth);
            }
            if ($deepest > self::MOST_DEPTH || strlen($line) - strlen(ltrim($line)) > 4 * self::MOST_DEPTH) {
                throw new ParseException('This goes too deep', $number + 1);
            }
        }

        return Yaml::parse($text);
    }
}
