<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule\Exact;

/** An integer program, written in the LP format and solved by the solver of Debian's package coinor-cbc. */
final class LinearProgram
{
    /** Less than this is no better. */
    private const SAME = 1e-4;

    /** @var array<int, float> cost by column */
    private array $costs = [];

    /** @var array<int, array{float, float}> bounds of columns that are not binary */
    private array $bounds = [];

    /** @var list<string> */
    private array $rows = [];

    public static function isThere(): bool
    {
        return '' !== trim((string) shell_exec('command -v cbc'));
    }

    public function binary(float $cost): int
    {
        $this->costs[] = $cost;

        return count($this->costs) - 1;
    }

    public function between(float $least, float $most, float $cost): int
    {
        $column = $this->binary($cost);
        $this->bounds[$column] = [$least, $most];

        return $column;
    }

    /** @param array<int, float> $terms factor by column */
    public function row(array $terms, string $relation, float $limit): void
    {
        if ([] === $terms) {
            return;
        }
        $this->rows[] = sprintf(' r%d: %s %s %.6F', count($this->rows), self::sum($terms), $relation, $limit);
    }

    /** @return array<int, float>|false|null columns that are not 0; null where nothing is below, false out of time */
    public function solve(float $below, int $seconds): array|false|null
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lp');
        rename($file, $file . '.lp');
        $program = [
            'Minimize',
            ' obj: ' . self::sum(array_filter($this->costs, static fn(float $c): bool => 0.0 !== $c)),
            'Subject To',
            ...$this->rows,
        ];
        $program[] = 'Bounds';
        foreach ($this->bounds as $column => [$least, $most]) {
            $program[] = sprintf(' %.6F <= x%d <= %.6F', $least, $column, $most);
        }
        $program[] = 'Binaries';
        foreach (array_keys(array_diff_key($this->costs, $this->bounds)) as $column) {
            $program[] = ' x' . $column;
        }
        file_put_contents($file . '.lp', implode("\n", [...$program, 'End', '']));
        $below = is_finite($below) ? sprintf('cutoff %.6F', $below - self::SAME) : '';
        $said = (string) shell_exec("cbc $file.lp $below sec $seconds solve solution $file.sol 2>&1");
        $solution = is_file($file . '.sol') ? (string) file_get_contents($file . '.sol') : '';
        array_map(unlink(...), array_filter([$file . '.lp', $file . '.sol'], is_file(...)));
        $first = explode("\n", $solution)[0];

        return match (true) {
            str_starts_with($first, 'Optimal') => self::taken($solution),
            str_starts_with($first, 'Infeasible'), str_starts_with($first, 'Integer infeasible') => null,
            str_starts_with($first, 'Stopped') => false,
            default => throw new \RuntimeException('The solver says: ' . substr($first . "\n" . $said, -2000)),
        };
    }

    /** @return array<int, float> */
    private static function taken(string $solution): array
    {
        $taken = [];
        foreach (explode("\n", $solution) as $line) {
            if (1 === preg_match('/^[\s*]*\d+ x(\d+)\s+(\S+)/', $line, $is) && (float) $is[2] > 0.5) {
                $taken[(int) $is[1]] = (float) $is[2];
            }
        }

        return $taken;
    }

    /** @param array<int, float> $terms */
    private static function sum(array $terms): string
    {
        $sum = [];
        foreach (array_chunk($terms, 12, true) as $some) {
            $line = '';
            foreach ($some as $column => $factor) {
                $line .= sprintf(' %s %.6F x%d', $factor < 0.0 ? '-' : '+', abs($factor), $column);
            }
            $sum[] = $line;
        }

        return ltrim(implode("\n", $sum), ' ');
    }
}
