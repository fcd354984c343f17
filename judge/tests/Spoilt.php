<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Tests\Yard;

/** The catalogue with something wrong in it. */
final readonly class Spoilt
{
    /** @param array<int|string, list<mixed>> $data */
    private function __construct(private array $data) {}

    public static function yard(): self
    {
        return new self(Yard::data());
    }

    public function catalogue(): Catalogue
    {
        return CatalogueReader::read($this->data);
    }

    public function withoutRules(string ...$rules): self
    {
        $kept = array_filter($this->data['rules'], static fn(mixed $r): bool => !in_array(self::id($r), $rules, true));

        return new self([...$this->data, 'rules' => array_values($kept)]);
    }

    /** Facts that nothing undoes. */
    public function withLasting(string ...$facts): self
    {
        return $this->each(
            'facts',
            $facts,
            static fn(array $f): array => array_diff_key($f, ['lost_unless' => 0, 'lost_by' => 0]),
        );
    }

    /** Facts that hold however old they are, and in any rain. */
    public function withoutHours(string ...$facts): self
    {
        return $this->each(
            'facts',
            $facts,
            static fn(array $f): array => array_diff_key(
                $f,
                array_flip(['lasts_h', 'lasts_outdoors_h', 'lost_in_rain']),
            ),
        );
    }

    /** Facts that nothing asks about where it asks about a group. */
    public function withoutGroups(string ...$facts): self
    {
        return $this->each('facts', $facts, static fn(array $f): array => array_diff_key($f, ['groups' => 0]));
    }

    /** Nothing lays anything bare, as far as the engine knows. */
    public function withNothingBare(): self
    {
        return $this->each('facts', null, static function (array $f): array {
            $groups = is_array($f['groups'] ?? null)
                ? array_values(array_filter($f['groups'], static fn(mixed $g): bool => 'protecting' !== $g))
                : [];

            return [...array_diff_key($f, ['stops_under_film' => 0]), 'groups' => $groups];
        });
    }

    public function withLongWindows(): self
    {
        return $this->each('products', null, static function (array $p): array {
            $cure = is_array($p['cure'] ?? null) ? $p['cure'] : [];
            $closes = is_array($cure['recoat_max'] ?? null) ? $cure['recoat_max'] : [];
            $longer = array_map(static fn(mixed $h): mixed => is_numeric($h) ? 10 * $h : $h, $closes);

            return [] === $closes ? $p : [...$p, 'cure' => ['recoat_max' => $longer] + $cure];
        });
    }

    /** Nothing raises any dust, and nobody minds it. */
    public function withoutDust(): self
    {
        return $this->each('working', null, static fn(array $w): array => array_diff_key($w, ['dusty' => 0]));
    }

    /** Ovens may be left on. */
    public function withoutWatch(): self
    {
        return $this->each('working', null, static fn(array $w): array => array_diff_key($w, ['attended' => 0]));
    }

    /** Nothing goes by the eye. */
    public function withoutDaylight(): self
    {
        return $this->each('working', null, static fn(array $w): array => array_diff_key($w, ['daylight' => 0]));
    }

    /** Sparks may fly in vapour, acid meet bleach. */
    public function withoutInterlocks(): self
    {
        return new self([...$this->data, 'interlocks' => []]);
    }

    /** Others stay in where isocyanate is sprayed. */
    public function withoutIsocyanate(): self
    {
        return $this->each('limits', null, static fn(array $l): array => array_diff_key($l, ['kept_clear' => 0]));
    }

    /** What asks for a gun is brushed on a part that is. */
    public function withoutGuns(): self
    {
        return $this->each('limits', null, static fn(array $l): array => array_diff_key($l, ['sprays' => 0]));
    }

    public function withoutAir(): self
    {
        return $this->each('supplies', null, static fn(array $s): array => array_diff_key($s, ['air' => 0]));
    }

    public function withoutDwells(): self
    {
        return $this->each('steps', null, static function (array $s): array {
            $takes = is_array($s['takes'] ?? null) ? $s['takes'] : [];
            $waits = in_array('wait', is_array($s['tags'] ?? null) ? $s['tags'] : [], true);

            return $waits ? $s : [...$s, 'takes' => array_diff_key($takes, ['wait_h' => 0, 'wait_for' => 0])];
        });
    }

    /** @param string|null $fact only what it asks of this one; else it asks for nothing any more */
    public function withoutNeeds(string $step, ?string $fact = null): self
    {
        return $this->each('steps', [$step], static function (array $s) use ($fact): array {
            $needs = is_array($s['needs'] ?? null) ? $s['needs'] : [];
            $asks = static fn(mixed $n): bool => null === $fact || (is_array($n) && $fact === ($n['fact'] ?? null));

            return [...$s, 'needs' => array_values(array_filter($needs, static fn(mixed $n): bool => !$asks($n)))];
        });
    }

    /** Of what may be done at several places in an order, this is done last. */
    public function withLast(string $step): self
    {
        $is = static fn(mixed $s): bool => $step === self::id($s);
        $rest = array_filter($this->data['steps'], static fn(mixed $s): bool => !$is($s));

        return new self([...$this->data, 'steps' => [...$rest, ...array_filter($this->data['steps'], $is)]]);
    }

    /** A condition that puts one more fact on the part. */
    public function withFact(string $condition, string $fact): self
    {
        return $this->each('conditions', [$condition], static function (array $c) use ($fact): array {
            $grades = is_array($c['grades'] ?? null) ? $c['grades'] : [];

            return [
                ...$c,
                'grades' => array_map(static function (mixed $g) use ($fact): mixed {
                    $facts = is_array($g) && is_array($g['facts'] ?? null) ? $g['facts'] : [];

                    return is_array($g) ? [...$g, 'facts' => [...$facts, $fact => 1]] : $g;
                }, $grades),
            ];
        });
    }

    /** Foundations that begin with this film have another one below it. */
    public function withFirst(string $film, string $below): self
    {
        return $this->each('foundations', null, static function (array $f) use ($film, $below): array {
            $layers = is_array($f['layers'] ?? null) ? array_values($f['layers']) : [];
            $first = is_array($layers[0] ?? null) ? $layers[0]['product'] ?? null : null;

            return $film === $first
                ? [...$f, 'layers' => [['product' => $below, 'coats' => 1, 'role' => 'grip'], ...$layers]]
                : $f;
        });
    }

    public function withoutPace(): self
    {
        $nothing = ['least' => 0, 'most' => 0, 'setup' => 0];

        return $this->each(
            'methods',
            null,
            static fn(array $m): array => isset($m['pace']) ? [...$m, 'pace' => $nothing] : $m,
        );
    }

    /** Steps that take so many minutes to set up that others are done in their place. */
    public function withSetUp(int $minutes, string ...$steps): self
    {
        return $this->taking('setup_min', $minutes, $steps);
    }

    /** What is done in places is so everywhere. */
    public function withoutAllOver(): self
    {
        return $this->each('facts', null, static fn(array $f): array => array_diff_key($f, ['all_over' => 0]));
    }

    /** Mixing is laid out for a short pot whatever there is to coat. */
    public function withEveryPotTooSmall(): self
    {
        return $this->each('rules', null, static fn(array $r): array => array_diff_key($r, ['beyond_pot' => 0]));
    }

    /** Chemistry, or what is named, may stay on as long as one likes. */
    public function withoutDryingOn(string ...$facts): self
    {
        return $this->each(
            'facts',
            [] === $facts ? null : $facts,
            static fn(array $f): array => array_diff_key($f, ['off_within_h' => 0]),
        );
    }

    /** Steps after which so many hours pass. */
    public function withWait(int $hours, string ...$steps): self
    {
        return $this->taking('wait_h', $hours, $steps);
    }

    /** Steps that take so many minutes a square metre. */
    public function withMinutes(float $each, string ...$steps): self
    {
        return $this->taking('min_per_m2', $each, $steps);
    }

    /** @param array<int|string, string> $steps */
    private function taking(string $what, int|float $much, array $steps): self
    {
        return $this->each('steps', $steps, static function (array $s) use ($what, $much): array {
            $takes = is_array($s['takes'] ?? null) ? $s['takes'] : [];

            return [...$s, 'takes' => [...$takes, $what => $much]];
        });
    }

    public function withSolids(string $product, string $solids): self
    {
        return $this->each('products', [$product], static fn(array $p): array => [...$p, 'solids' => $solids]);
    }

    /**
     * @param array<int|string, string>|null $ids of the entries that are changed; null for all of the kind
     * @param \Closure(array<mixed>): array<mixed> $change
     */
    private function each(string $kind, ?array $ids, \Closure $change): self
    {
        $changed = array_map(
            static fn(mixed $e): mixed => is_array($e) && (null === $ids || in_array(self::id($e), $ids, true))
                ? $change($e)
                : $e,
            $this->data[$kind],
        );

        return new self([...$this->data, $kind => $changed]);
    }

    private static function id(mixed $entry): mixed
    {
        return is_array($entry) ? $entry['id'] ?? null : null;
    }
}
