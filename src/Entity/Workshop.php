<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Hull\Quantity\Gallon;
use Symfony\Component\Uid\Uuid;

/** A yard: owns jobs, parts, routes and the record. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop')]
class Workshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    /** @var array<int|string, string> local rules, topic => what the workshop wrote */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '{}'])]
    public array $local = [];

    /** Most solvent a day may put into the air, grams; null for no limit. */
    #[ORM\Column(nullable: true)]
    public ?int $vocLimit = null;

    /** What an hour of work is worth, minor units; null when it is not counted. */
    #[ORM\Column(nullable: true)]
    public ?int $hourRate = null;

    #[ORM\Column(length: 3, options: ['default' => 'GBP'])]
    public string $currency = 'GBP';

    /** Own products and steps in the form of the catalogue (YAML). */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    public string $ownCatalogue = '';

    /** @var list<array<int|string, mixed>> sheets of the workshop's own tins, one to a class of product */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $sheets = [];

    /** @var list<array{name: string, leadDays: int, sells: list<string>}> */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $suppliers = [];

    /** @var array<int|string, mixed> who works when, as the core reads it; empty for the usual hours */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '[]'])]
    public array $crew = [];

    /** @var list<string>|null gear, skills and products it does without on every job; null until it was asked */
    #[ORM\Column(type: 'json', nullable: true, options: ['jsonb' => true])]
    public ?array $without = null;

    /** Secret part of the address of the calendar; null while there is none. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $calendarKey = null;

    /** The gallon that is meant where nobody says which; quarts, pints and fluid ounces go with it. */
    #[ORM\Column(length: 10, enumType: Gallon::class, options: ['default' => 'us'])]
    public Gallon $gallon = Gallon::Us;

    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $version = 1;

    /** @var array<int|string, int> how often each of the things a workshop keeps about itself was changed */
    #[ORM\Column(type: 'json', options: ['jsonb' => true, 'default' => '{}'])]
    private array $editions = [];

    /** One step of the scale at the bench, grams. */
    #[ORM\Column(type: 'float', options: ['default' => 1])]
    public float $scaleStepG = 1.0;

    public function __construct(
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(length: 60)] public readonly string $timezone = 'Europe/London',
    ) {
        $this->id = Uuid::v7();
    }

    /** The version of one of the things it keeps about itself: settings, crew, suppliers, sheets, catalogue. */
    public function edition(string $of): int
    {
        return $this->editions[$of] ?? 1;
    }

    /** @param int|null $seen the version that was changed; null for whoever has seen none, such as the demo */
    public function nextEdition(string $of, ?int $seen): void
    {
        if (null !== $seen && $seen !== $this->edition($of)) {
            throw new StaleVersion();
        }
        $this->editions[$of] = $this->edition($of) + 1;
    }
}
