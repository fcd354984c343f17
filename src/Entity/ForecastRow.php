<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A forecast as it came; the latest counts, earlier ones show what changed. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'forecast')]
#[ORM\Index(name: 'forecast_of_workshop', columns: ['workshop_id', 'at'])]
class ForecastRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    /**
     * @param int $firstHour since 1970 UTC
     * @param list<array{0: float, 1: float, 2: float, 3: float, 4?: float}> $hours C, humidity 0 to 1, wind m/s,
     *     rain mm, sun W/m2
     */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 120)] public readonly string $source,
        #[ORM\Column] public readonly int $firstHour,
        #[ORM\Column(type: 'json', options: ['jsonb' => true])] public readonly array $hours,
    ) {
        $this->id = Uuid::v7();
    }
}
