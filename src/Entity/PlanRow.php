<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A schedule of the whole yard, by version; one that is wanted waits here for the worker. */
#[ORM\Entity]
#[ORM\Table(name: 'yard_plan')]
#[ORM\UniqueConstraint(columns: ['workshop_id', 'version'])]
#[ORM\Index(name: 'yard_plan_wanted', columns: ['at'])]
class PlanRow implements BelongsToWorkshop
{
    public const WANTED = 'wanted';
    public const WORKING = 'working';
    public const DONE = 'done';
    public const FAILED = 'failed';

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\Column(length: 10)]
    public string $status = self::WANTED;

    /** Orders worked out so far. */
    #[ORM\Column]
    public int $done = 0;

    #[ORM\Column]
    public int $tries = 0;

    /** @var array<int|string, mixed> see App\Plan\PlanDocument */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $body = [];

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        #[ORM\Column] public readonly int $version,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 500)] public readonly string $note,
    ) {
        $this->id = Uuid::v7();
    }
}
