<?php

declare(strict_types=1);

namespace Hull\Film;

/** The ways of putting paint on that are known. */
final readonly class Methods
{
    /** @param array<int|string, Method> $all */
    public function __construct(public array $all) {}

    public function get(string $id): Method
    {
        return $this->all[$id] ?? throw new \LogicException('No application method ' . $id . '.');
    }

    /**
     * The way a product is put on: the first of these that lays it, or the first of all that does.
     *
     * @param list<string> $productTags
     * @param list<string|null> $wanted ids, the one wanted most first
     */
    public function for(array $productTags, array $wanted): Method
    {
        foreach ([...array_filter($wanted, is_string(...)), ...array_keys($this->all)] as $id) {
            if ($this->get((string) $id)->suits($productTags)) {
                return $this->get((string) $id);
            }
        }
        throw new \LogicException('No method lays ' . implode(', ', $productTags) . '.');
    }

    /** @return non-empty-list<string> ids of those a part can be painted by */
    public function offered(): array
    {
        return $this->ids(static fn(Method $m): bool => $m->offered);
    }

    /** @return non-empty-list<string> ids of those whose loss is known */
    public function withLoss(): array
    {
        return $this->ids(static fn(Method $m): bool => null !== $m->lossPoints);
    }

    /** @return non-empty-list<string> ids of those whose pace is known */
    public function withPace(): array
    {
        return $this->ids(static fn(Method $m): bool => null !== $m->pace);
    }

    /**
     * @param \Closure(Method): bool $of
     *
     * @return non-empty-list<string>
     */
    private function ids(\Closure $of): array
    {
        $ids = array_values(array_map(static fn(Method $m): string => $m->id, array_filter($this->all, $of)));

        return [] === $ids ? throw new \LogicException('No method of painting is known.') : $ids;
    }
}
