<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Job\Job;
use Hull\Job\Part;

/** What is around a part: what the workshop is without, what the place holds, and what the part is fixed to. */
final readonly class Surroundings
{
    private const NEAR = [
        'soft' => 'near-soft',
        'plastic' => 'near-soft',
        'light-metal' => 'near-light-metal',
        'zinc' => 'near-light-metal',
    ];

    /**
     * @param list<string> $without
     * @param array<int|string, float> $facts
     */
    private function __construct(public array $without, public array $facts) {}

    public static function none(): self
    {
        return new self([], []);
    }

    public function lackingNothing(): self
    {
        return new self([], $this->facts);
    }

    public static function of(Catalogue $catalogue, Job $job, Part $part): self
    {
        $facts = [];
        $own = $catalogue->substrate($part->substrate);
        foreach ($job->place($part->place)->hazards as $hazard) {
            $facts[$catalogue->hazards[$hazard]->fact] = 1.0;
        }
        foreach ($job->parts as $other) {
            if ($other->id === $part->id) {
                continue;
            }
            $substrate = $catalogue->substrate($other->substrate);
            if ($other->piece() === $part->piece()) {
                foreach (self::NEAR as $family => $fact) {
                    if ($substrate->isOf([$family]) && !$own->isOf([$family])) {
                        $facts[$fact] = 1.0;
                    }
                }
            }
            if ($part->mountedOn === $other->id) {
                $facts['mounted'] = 1.0;
                if ('none' !== $own->kin && 'none' !== $substrate->kin && $own->kin !== $substrate->kin) {
                    $facts['unlike-metal'] = 1.0;
                }
            }
        }

        return new self($job->without, $facts);
    }
}
