<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use App\Persistence\MayBeRemoved;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A job as stored; its places in the form of the job file. */
#[ORM\Entity]
#[ORM\Table(name: 'job')]
#[ORM\Index(name: 'job_workshop', columns: ['workshop_id', 'created_at'])]
#[ORM\Index(name: 'job_open', columns: ['workshop_id', 'created_at'], options: ['where' => 'closed_at IS NULL'])]
#[ORM\Index(name: 'job_closed', columns: ['workshop_id', 'closed_at'], options: ['where' => 'closed_at IS NOT NULL'])]
class JobRow implements BelongsToWorkshop, MayBeRemoved
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $version = 1;

    /** @var list<array<int|string, mixed>> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true])]
    public array $places = [];

    /** @var list<string> gear, skills and tastes the workshop does without on this job */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $without = [];

    /** @var list<array<int|string, mixed>> work cards, in the form of the job file */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $cards = [];

    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $due = null;

    /** What was paid for it, and what it is to be sold for, minor units. */
    #[ORM\Column(nullable: true)]
    public ?int $bought = null;

    #[ORM\Column(nullable: true)]
    public ?int $sale = null;

    /** A closed book: it is read, and nothing in it is written until it is opened again. */
    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $closedAt = null;

    /** Put away among those that are seldom looked for; only a closed one is. */
    #[ORM\Column(options: ['default' => false])]
    public bool $archived = false;

    /** @var list<array<string, mixed>> its parts as they were when it was closed, see App\Work\ClosedBooks */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $book = [];

    /** Removed, and no longer seen; it can be brought back for a while. */
    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $removedAt = null;

    /** @var Collection<int, PartRow> */
    #[ORM\OneToMany(targetEntity: PartRow::class, mappedBy: 'job', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['position' => 'ASC'])]
    public Collection $parts;

    /** @var Collection<int, TagRow> the strip-down register */
    #[ORM\OneToMany(targetEntity: TagRow::class, mappedBy: 'job', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $tags;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        #[ORM\Column(length: 120)] public string $name,
        #[ORM\Column(type: 'text')] public string $note,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $createdAt,
    ) {
        $this->id = Uuid::v7();
        $this->parts = new ArrayCollection();
        $this->tags = new ArrayCollection();
    }
}
