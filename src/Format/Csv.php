<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Gallon;

/** Tables as CSV: comma, quotes where needed, one line a row, the first line names the columns. */
final class Csv
{
    private const MOST_ROWS = 2000;

    /**
     * @param list<string> $head
     * @param iterable<list<string|int|float>> $rows
     */
    public static function write(array $head, iterable $rows): string
    {
        $memory = fopen('php://memory', 'r+');
        if (false === $memory) {
            throw new \LogicException('No memory.');
        }
        foreach ([$head, ...$rows] as $row) {
            fputcsv($memory, array_map(self::harmless(...), $row), ',', '"', '');
        }
        rewind($memory);

        return (string) stream_get_contents($memory);
    }

    /** A table program takes a cell that begins with one of these for a formula; a mark before it keeps it text. */
    private static function harmless(string|int|float $value): string
    {
        $cell = (string) $value;
        $isNumber = 1 === preg_match('/^-[0-9.]+(?: ?[A-Za-z°%\/0-9]+)?$/', $cell);

        return !$isNumber && 1 === preg_match('/^[=+@\t\r-]/', $cell) ? "'" . $cell : $cell;
    }

    /**
     * Rows by column name; comma, semicolon or tab, whichever the first line has. Refusals name the line.
     *
     * @param list<string> $columns known ones
     * @param list<string> $required
     *
     * @return list<Node> one to a row, with what is filled in; the pointer of a node is "/line 3"
     */
    public static function read(string $text, array $columns, array $required, Gallon $gallon = Gallon::Us): array
    {
        $lines = preg_split('/\R/', trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $text)));
        $lines = false === $lines ? [] : $lines;
        $counts = array_map(static fn(string $mark): int => substr_count($lines[0] ?? '', $mark), [
            ',' => ',',
            ';' => ';',
            "\t" => "\t",
        ]);
        arsort($counts);
        $mark = array_key_first($counts);
        $cells = static fn(string $line): array => array_map(
            static fn(?string $c): string => (string) preg_replace('/^\'(?=[=+@-])/', '', trim((string) $c)),
            str_getcsv($line, $mark, '"', ''),
        );
        $head = array_map(mb_strtolower(...), $cells($lines[0] ?? ''));
        $strange = array_diff($head, $columns);
        if ([] !== $strange || [] !== array_diff($required, $head)) {
            throw new InvalidInput(
                '/text',
                sprintf(
                    'Line 1: %s.',
                    [] !== $strange
                        ? sprintf('the column "%s" is not known', reset($strange))
                        : sprintf('the column "%s" is missing', array_values(array_diff($required, $head))[0]),
                ),
                'a first line with ' .
                    implode(', ', $required) .
                    ' and, if wanted, ' .
                    implode(', ', array_diff($columns, $required)),
            );
        }
        if (count($lines) > self::MOST_ROWS + 1) {
            throw new InvalidInput(
                '/text',
                sprintf('The table has %d rows.', count($lines) - 1),
                sprintf('at most %d rows', self::MOST_ROWS),
            );
        }
        $rows = [];
        foreach (array_slice($lines, 1, null, true) as $number => $line) {
            if ('' === trim($line)) {
                continue;
            }
            $values = $cells($line);
            if (count($values) > count($head)) {
                throw new InvalidInput(
                    '/text',
                    sprintf('Line %d has more cells than columns.', $number + 1),
                    'text with a comma in it stands in quotes',
                );
            }
            $row = array_filter(
                array_combine(array_slice($head, 0, count($values)), $values),
                static fn(string $v): bool => '' !== $v,
            );
            $rows[] = Node::root(['line ' . ($number + 1) => $row], $gallon)->field('line ' . ($number + 1));
        }

        return [] === $rows
            ? throw new InvalidInput('/text', 'The table has no rows.', 'at least one row below the first line')
            : $rows;
    }

    /** The same refusal, said of the text as a whole and with the line. */
    public static function refusal(InvalidInput $e): InvalidInput
    {
        [, $line, $column] = [...explode('/', $e->pointer), '', ''];

        return new InvalidInput(
            '/text',
            sprintf('%s%s: %s', ucfirst($line), '' === $column ? '' : ', ' . $column, $e->getMessage()),
            $e->accepted,
        );
    }
}
