<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Entity\TinRow;
use Doctrine\ORM\EntityManagerInterface;

/** Where a workshop names entries of its catalogue. */
final readonly class CatalogueUse
{
    public function __construct(private EntityManagerInterface $em) {}

    /**
     * @param list<string> $ids of entries of the catalogue
     *
     * @return list<string> parts of the workshop that name one of them, in old versions of a route too; places and tins
     */
    public function naming(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        $found = array_map(
            static fn(TinRow $t): string => 'tin ' . ('' === $t->batch ? $t->material : $t->batch),
            $this->em->getRepository(TinRow::class)->findBy(['material' => $ids]),
        );
        foreach ($this->em->getRepository(JobRow::class)->findAll() as $job) {
            foreach ($job->places as $place) {
                if (
                    [] !==
                    array_intersect(self::texts([$place['kind'] ?? null, ...(array) ($place['hazards'] ?? [])]), $ids)
                ) {
                    $found[] = implode('', self::texts([$place['name'] ?? ($place['id'] ?? '')]));
                }
            }
        }
        // What was removed no longer counts: the filter leaves it out.
        foreach ($this->em->getRepository(PartRow::class)->findAll() as $part) {
            if ([] !== array_intersect(self::named($part), $ids)) {
                $found[] = implode('', self::texts([$part->survey['name'] ?? '']));
            }
        }

        return array_values(array_unique($found));
    }

    /** @return list<string> */
    private static function named(PartRow $part): array
    {
        $names = [$part->survey['method'] ?? null, $part->survey['film'] ?? null];
        foreach ((array) ($part->survey['layers'] ?? []) as $layer) {
            $names[] = is_array($layer) ? $layer['layer'] ?? null : null;
            $names[] = is_array($layer) ? $layer['instead'] ?? null : null;
        }
        foreach ((array) ($part->survey['conditions'] ?? []) as $condition) {
            $names[] = is_array($condition) ? $condition['id'] ?? null : null;
        }
        foreach ($part->routes as $route) {
            foreach ($route->steps as $step) {
                $names[] = $step['step'] ?? null;
                $names[] = $step['product'] ?? null;
            }
        }

        return self::texts($names);
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<string>
     */
    private static function texts(array $values): array
    {
        return array_values(array_filter($values, is_string(...)));
    }
}
