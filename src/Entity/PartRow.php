<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use App\Persistence\MayBeRemoved;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A part as stored; its survey in the form of the job file, its routes by version, its log by line. */
#[ORM\Entity]
#[ORM\Table(name: 'part')]
class PartRow implements BelongsToWorkshop, MayBeRemoved
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

    /** Removed, and no longer seen; it can be brought back for a while. */
    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $removedAt = null;

    /** @var Collection<int, RouteRow> */
    #[ORM\OneToMany(targetEntity: RouteRow::class, mappedBy: 'part', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $routes;

    /** @var Collection<int, LogRow> */
    #[ORM\OneToMany(targetEntity: LogRow::class, mappedBy: 'part', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $log;

    /** @param array<int|string, mixed> $survey */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'parts')] #[ORM\JoinColumn(nullable: false)] public readonly JobRow $job,
        #[ORM\Column] public readonly int $position,
        /** @var array<int|string, mixed> */
        #[ORM\Column(type: 'json', options: ['jsonb' => true])] public array $survey,
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $job->workshop;
        $this->routes = new ArrayCollection();
        $this->log = new ArrayCollection();
    }

    public function latestRoute(): ?RouteRow
    {
        $last = $this->routes->last();

        return false === $last ? null : $last;
    }
}
