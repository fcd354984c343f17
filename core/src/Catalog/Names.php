<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Node;

/** What may be named in the catalogue's data, by kind: ids of entries, families, tags; grows as kinds are read. */
final class Names
{
    /** @var array<int|string, list<string>> kind => what there is of it */
    private array $of = [];

    /** @param list<string> $ids */
    public function add(string $kind, array $ids): void
    {
        $this->of[$kind] = $ids;
    }

    /** @return list<string> */
    public function of(string $kind): array
    {
        return $this->of[$kind] ?? throw new \LogicException('Nothing of "' . $kind . '" is known yet.');
    }

    public function knows(string $kind): bool
    {
        return isset($this->of[$kind]);
    }

    /** @return list<string> names that must be known */
    public function ids(string $kind, ?Node $list): array
    {
        return self::known($list, $this->of($kind));
    }

    /**
     * @param list<string> $allowed
     *
     * @return list<string>
     */
    public static function known(?Node $list, array $allowed): array
    {
        return array_map(static fn(Node $n): string => $n->choice($allowed), $list?->items() ?? []);
    }

    /** @return list<string> */
    public static function texts(?Node $list): array
    {
        return array_map(static fn(Node $n): string => $n->text(), $list?->items() ?? []);
    }

    /** @return list<string> every text that entries of these kinds list under a field */
    public static function gathered(Node $data, string $field, string ...$kinds): array
    {
        $texts = [];
        foreach ($kinds as $kind) {
            foreach ($data->field($kind)->items() as $n) {
                $texts = [...$texts, ...self::texts($n->optional($field))];
            }
        }

        return array_values(array_unique($texts));
    }

    /** @return list<string> */
    public static function in(Node $list): array
    {
        return array_map(static fn(Node $n): string => $n->field('id')->text(), $list->items());
    }
}
