<?php

declare(strict_types=1);

namespace Hull\Film;

/** The ways of putting paint on that are known. */
final readonly class Methods
{
    /**
     * @param array<int|string, Method> $all
     * @param list<string> $sprays gear that says of what asks for it that it is sprayed
     */
    public function __construct(public array $all, private array $sprays) {}

    public function get(string $id): Method
    {
        return $this->all[$id] ?? throw new \LogicException('No application method ' . $id . '.');
    }

    /**
     * The way a product is put on: the first of these that lays it, or the first of all that does, those made for it
     * before the rest. What has to be sprayed is not brushed, whatever the part is painted by otherwise.
     *
     * @param list<string> $productTags
     * @param list<string|null> $wanted ids, the one wanted most first
     * @param list<string> $requires gear, skills and tastes the product needs
     */
    public function for(array $productTags, array $wanted, array $requires = []): Method
    {
        $made = static fn(Method $m): bool => [] !== array_intersect($m->lays, $productTags);
        $first = array_map($this->get(...), array_filter($wanted, is_string(...)));
        foreach ([...$first, ...array_filter($this->all, $made), ...$this->all] as $method) {
            if ($method->suits($productTags) && ($made($method) || $method->isSprayed() || !$this->askFor($requires))) {
                return $method;
            }
        }
        throw new \LogicException('No method lays ' . implode(', ', $productTags) . '.');
    }

    /**
     * What is put on so is in the air.
     *
     * @param list<string> $requires gear, skills and tastes the product needs
     */
    public function spray(string $method, array $requires): bool
    {
        return $this->get($method)->isSprayed() || $this->askFor($requires);
    }

    /** @param list<string> $requires */
    private function askFor(array $requires): bool
    {
        return [] !== array_intersect($requires, $this->sprays);
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
