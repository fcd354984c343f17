<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use App\Persistence\MayBeRemoved;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A line of the strip-down register as stored, in the form of the job file. */
#[ORM\Entity]
#[ORM\Table(name: 'tag')]
#[ORM\UniqueConstraint(columns: ['job_id', 'number'])]
#[ORM\UniqueConstraint(columns: ['workshop_id', 'code'])]
class TagRow implements BelongsToWorkshop, MayBeRemoved
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $version = 1;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    public readonly Workshop $workshop;

    /** Removed, and no longer seen; its number is not given again. */
    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $removedAt = null;

    /** @param array<int|string, mixed> $written */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'tags')] #[
            ORM\JoinColumn(nullable: false, onDelete: 'CASCADE'),
        ]
        public readonly JobRow $job,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(length: 6)] public readonly string $code,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])] public array $written,
        #[ORM\Column(type: 'instant')] public \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $job->workshop;
    }
}
