<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One version of a part's route. Never changed; a change is a new version. */
#[ORM\Entity]
#[ORM\Table(name: 'route_version')]
#[ORM\UniqueConstraint(columns: ['part_id', 'number'])]
class RouteRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    public readonly Workshop $workshop;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'routes')] #[ORM\JoinColumn(nullable: false)] public readonly PartRow $part,
        #[ORM\Column] public readonly int $number,
        /** @var list<array<int|string, string>> */
        #[ORM\Column(type: 'json', options: ['jsonb' => true])] public readonly array $steps,
        #[ORM\Column(length: 500)] public readonly string $because,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $createdAt,
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $part->workshop;
    }
}
