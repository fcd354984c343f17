<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something to wear or stand by. Of one kind the higher rank covers the lower. */
final readonly class Protection
{
    public function __construct(
        public string $id,
        public string $name,
        public string $guards,
        public int $rank,
        public string $change,
    ) {}

    /**
     * The worst of each kind.
     *
     * @param list<self> $all
     *
     * @return list<self>
     */
    public static function worst(array $all): array
    {
        $worst = [];
        foreach ($all as $one) {
            if (!isset($worst[$one->guards]) || $worst[$one->guards]->rank < $one->rank) {
                $worst[$one->guards] = $one;
            }
        }
        ksort($worst);

        return array_values($worst);
    }
}
