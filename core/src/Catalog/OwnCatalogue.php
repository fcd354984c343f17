<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\InvalidInput;

/**
 * A workshop's own products, steps, supplies, film systems, rules, facts, conditions, methods, paces, kinds of places
 * and of cure beside the shipped ones, in the same form; and its figures in place of shipped ones.
 *
 * Own systems are looked at first, so that they win where they fit equally well; an own step stands at the end of its
 * phase.
 */
final readonly class OwnCatalogue
{
    public const KINDS = [
        'supplies',
        'products',
        'steps',
        'systems',
        'rules',
        'facts',
        'conditions',
        'methods',
        'paces',
        'places',
        'figures',
        'cures',
    ];

    /**
     * @param array<int|string, list<mixed>> $data shipped and own
     * @param array<int|string, array<int>> $where kind => index in the whole of each own entry
     * @param array<int|string, list<string>> $ids kind => ids of the own entries
     */
    private function __construct(public array $data, private array $where, public array $ids) {}

    /**
     * @param array<int|string, list<mixed>> $shipped
     *
     * @throws InvalidInput where the own part is not of the form
     */
    public static function over(array $shipped, mixed $own): self
    {
        if (null === $own) {
            return new self($shipped, [], []);
        }
        if (!is_array($own) || ([] !== $own && array_is_list($own))) {
            throw new InvalidInput(
                '',
                'This is not a catalogue.',
                'a list of entries under ' . implode(', ', self::KINDS),
            );
        }
        $where = [];
        $ids = [];
        foreach ($own as $kind => $entries) {
            if (!in_array($kind, self::KINDS, true)) {
                throw new InvalidInput(
                    '/' . $kind,
                    sprintf('Nothing of the kind "%s" can be added.', $kind),
                    implode(', ', self::KINDS),
                );
            }
            if (!is_array($entries) || !array_is_list($entries)) {
                throw new InvalidInput('/' . $kind, 'This is not a list.', 'entries that begin with "- id:"');
            }
            foreach ($entries as $entry) {
                $ids[$kind][] = is_array($entry) && is_string($entry['id'] ?? null) ? $entry['id'] : '';
            }
            [$shipped[$kind], $where[$kind]] = match ($kind) {
                'systems' => [[...$entries, ...$shipped[$kind] ?? []], array_keys($entries)],
                'steps' => self::inPhase($shipped[$kind] ?? [], $entries),
                'figures' => self::inPlace($shipped[$kind] ?? [], $entries),
                default => [
                    [...$shipped[$kind] ?? [], ...$entries],
                    array_map(static fn(int $i): int => $i + count($shipped[$kind] ?? []), array_keys($entries)),
                ],
            };
        }

        return new self($shipped, $where, $ids);
    }

    /** The catalogue of the workshop; what is wrong is refused with its place in the own part. */
    public function read(): Catalogue
    {
        try {
            return CatalogueReader::read($this->data);
        } catch (InvalidInput $e) {
            throw new InvalidInput($this->ownPointer($e->pointer), $e->getMessage(), $e->accepted);
        }
    }

    private function ownPointer(string $pointer): string
    {
        $parts = explode('/', $pointer);
        $own = array_search((int) ($parts[2] ?? -1), $this->where[$parts[1] ?? ''] ?? [], true);
        if (false === $own) {
            return '';
        }
        $parts[2] = (string) $own;

        return implode('/', $parts);
    }

    /**
     * Own figures stand where the shipped ones of that id stood, each of which they must know.
     *
     * @param list<mixed> $shipped
     * @param list<mixed> $own
     *
     * @return array{list<mixed>, list<int>}
     *
     * @throws InvalidInput for an own table without a row that the shipped one has
     */
    private static function inPlace(array $shipped, array $own): array
    {
        $where = [];
        foreach ($own as $number => $table) {
            $at = count($shipped);
            foreach ($shipped as $index => $known) {
                if (is_array($known) && is_array($table) && ($known['id'] ?? null) === ($table['id'] ?? null)) {
                    $at = $index;
                    self::knowsAll($table, $known, '/figures/' . $number . '/rows');
                }
            }
            $shipped[$at] = $table;
            $where[] = $at;
        }

        return [array_values($shipped), $where];
    }

    /**
     * @param array<array-key, mixed> $own
     * @param array<array-key, mixed> $shipped
     */
    private static function knowsAll(array $own, array $shipped, string $pointer): void
    {
        $ids = static fn(array $table): array => array_filter(
            array_column(is_array($table['rows'] ?? null) ? $table['rows'] : [], 'id'),
            is_string(...),
        );
        $lacks = array_diff($ids($shipped), $ids($own));
        if ([] !== $lacks) {
            throw new InvalidInput($pointer, 'Figures that parts may ask for are missing.', implode(', ', $lacks));
        }
    }

    /**
     * @param list<mixed> $shipped
     * @param list<mixed> $own
     *
     * @return array{list<mixed>, list<int>}
     */
    private static function inPhase(array $shipped, array $own): array
    {
        $phase = static fn(mixed $entry): mixed => is_array($entry) ? $entry['phase'] ?? null : null;
        $steps = array_map(static fn(mixed $s): array => [$s, -1], $shipped);
        foreach ($own as $number => $entry) {
            $after = count($steps);
            for ($i = count($steps) - 1; $i >= 0; --$i) {
                if ($phase($steps[$i][0]) === $phase($entry)) {
                    $after = $i + 1;
                    break;
                }
            }
            array_splice($steps, $after, 0, [[$entry, $number]]);
        }
        $where = [];
        foreach ($steps as $index => [, $number]) {
            if ($number >= 0) {
                $where[$number] = $index;
            }
        }
        ksort($where);

        return [array_map(static fn(array $s): mixed => $s[0], $steps), array_values($where)];
    }
}
