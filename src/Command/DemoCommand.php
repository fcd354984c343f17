<?php

declare(strict_types=1);

namespace App\Command;

use App\Catalog\Catalogues;
use App\Device\WeatherService;
use App\Entity\Account;
use App\Entity\TinRow;
use App\Entity\Workshop;
use App\Persistence\WorkshopScope;
use App\Plan\PlanDocument;
use App\Work\JobBook;
use App\Work\TinLedger;
use App\Work\YardAir;
use App\Work\YardPlan;
use App\Work\YardSettings;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\LogEntry;
use Hull\Job\Part;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\Quantity\Duration;
use Hull\Schedule\Calendar\Crew;
use Hull\Store\Movement;
use Hull\Store\MovementKind;
use Hull\Store\Supplier;
use Hull\Store\TinReader;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Yaml\Yaml;

#[AsCommand('hull:demo', 'Loads the demo yard Cinder Quay once, and an empty workshop beside it')]
final class DemoCommand extends Command
{
    public const EMAIL = 'rowan@cinderquay.example';
    public const EMPTY_EMAIL = 'new@cinderquay.example';
    public const PASSWORD = 'red-lead-and-tallow';
    /** The last line of each demo log is put this long before now, so that its windows are live. */
    private const LAST_LINE_AGO_H = 5.0;
    private const EXPECTED = '+9 days';

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly AccountCommand $accounts,
        private readonly Files $files,
        private readonly JobBook $jobs,
        private readonly YardSettings $settings,
        private readonly WorkshopScope $scope,
        private readonly ClockInterface $clock,
        private readonly TinLedger $room,
        private readonly Catalogues $catalogues,
        private readonly WeatherService $weather,
        private readonly YardAir $air,
        private readonly YardPlan $plans,
        private readonly string $directory,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null !== $this->em->getRepository(Account::class)->findOneBy(['email' => self::EMAIL])) {
            return self::SUCCESS;
        }
        $this->accounts->make(self::EMPTY_EMAIL, 'Wren Tallow', new Workshop('Empty slip'), self::PASSWORD);
        $yard = $this->accounts->make(self::EMAIL, 'Rowan Cinder', new Workshop('Cinder Quay'), self::PASSWORD)
            ->workshop;
        $this->scope->enter($yard);
        $own = Node::root(Yaml::parseFile($this->directory . '/yard.yaml'));
        $this->furnish($yard, $own);
        $paths = glob($this->directory . '/*.json');
        foreach (false === $paths ? [] : $paths as $path) {
            $this->jobs->import($yard, $this->broughtUpToDate($this->files->job($path), $own));
        }
        $this->plan($yard);
        $output->writeln('Demo loaded.');

        return self::SUCCESS;
    }

    /** The shelf of the yard: ages in days before now, so that what ends soon ends soon. */
    private function stock(Workshop $yard, Node $own): void
    {
        $reader = new TinReader($this->catalogues->for($yard));
        $now = $this->clock->now();
        $day = static fn(?Node $days): ?string => null === $days
            ? null
            : $now->modify(sprintf('%+d days', $days->integer(-3000, 3000)))->format('Y-m-d');
        $tins = [];
        foreach ($own->field('shelf')->items() as $n) {
            $tins = [
                ...$tins,
                ...$reader->tins(
                    Node::root(
                        array_filter(
                            [
                                ...array_map(
                                    static fn(Node $f): mixed => $f->value,
                                    array_intersect_key($n->fields(), array_flip(TinReader::FIELDS)),
                                ),
                                'received' => $day($n->optional('received_days')),
                                'label' => $day($n->optional('label_days')),
                            ],
                            static fn(mixed $v): bool => null !== $v,
                        ),
                    ),
                    $now,
                ),
            ];
        }
        $this->room->receive($yard, $tins);
        foreach ($own->field('shelf')->items() as $n) {
            $used = $n->optional('used');
            if (null === $used) {
                continue;
            }
            foreach (
                array_slice(
                    array_filter(
                        $this->room->rows(),
                        static fn(TinRow $t): bool => $t->batch === $n->optional('batch')?->value,
                    ),
                    0,
                    1,
                )
                as $row
            ) {
                $this->room->move(
                    $row,
                    new Movement(
                        MovementKind::Used,
                        $this->room->state($row)->left::parse($used->text()),
                        $now->modify(sprintf('%+d days', $n->field('used_days')->integer(-3000, 0))),
                        null,
                        'before the ledger began',
                    ),
                );
            }
        }
        $this->settings->suppliers(
            $yard,
            array_map(
                static fn(Node $s): Supplier => new Supplier(
                    $s->field('name')->text(),
                    $s->field('days')->integer(0, 99),
                    array_map(static fn(Node $k): string => $k->choice(Supplier::KINDS), $s->field('sells')->items()),
                ),
                $own->field('sellers')->items(),
            ),
        );
    }

    /**
     * A plan in mild weather, then a cold night in the forecast and the plan that follows from it; where that night
     * moves nothing, as on the eve of a Sunday, a cold week.
     */
    private function plan(Workshop $yard): void
    {
        $this->air->refresh($yard);
        foreach (
            [
                'mild' => 'the week as it looked',
                'cold-night' => 'a cold night is coming',
                'cold-week' => 'a cold week is coming',
            ]
            as $scenario => $note
        ) {
            $forecast = $this->weather->ask($scenario)->forecast();
            if (null === $forecast) {
                return;
            }
            $this->air->keep($yard, $forecast);
            if (PlanDocument::of($this->plans->plan($yard, $note, later: false))->isMoved()) {
                return;
            }
        }
    }

    private function furnish(Workshop $yard, Node $own): void
    {
        $this->settings->crew($yard, Crew::read($own->field('crew')));
        $yard->without = [];
        $this->stock($yard, $own);
        $local = array_map(static fn(Node $n): string => $n->text(2000), $own->field('local')->fields());
        $this->settings->general(
            $yard,
            $own->field('currency')->text(3),
            $own->field('hour_rate')->money(),
            $own->field('voc_limit')->integer(1, 1_000_000),
            $local,
        );
    }

    /** What was ordered is yet to come. */
    private function awaited(Tag $tag): Tag
    {
        $day = $this->clock->now()->modify(self::EXPECTED)->format('Y-m-d');

        return $tag->holding(
            array_map(
                static fn(TaggedItem $i): TaggedItem => null === $i->expected ? $i : $i->expectedOn($day),
                $tag->items,
            ),
        );
    }

    private function broughtUpToDate(Job $job, Node $own): Job
    {
        $days = $own->field('due_days')->optional($job->name)?->integer(1, 365);

        return new Job(
            name: $job->name,
            note: $job->note,
            places: $job->places,
            parts: array_map(function (Part $part) use ($own): Part {
                $last = $part->log[count($part->log) - 1] ?? null;
                if (null === $last) {
                    return $part;
                }
                $ago =
                    $own->field('last_line_ago')->optional($part->id)?->quantity(Duration::class) ??
                    Duration::hours(self::LAST_LINE_AGO_H);
                $shift = $this->clock->now()->getTimestamp() - (int) ($ago->h() * 3600.0) - $last->at->getTimestamp();

                return $part->with(
                    $part->route,
                    array_map(
                        static fn(LogEntry $e): LogEntry => $e->movedTo($e->at->modify(sprintf('%+d seconds', $shift))),
                        $part->log,
                    ),
                );
            }, $job->parts),
            without: $job->without,
            cards: $job->cards,
            register: array_map($this->awaited(...), $job->register),
            bought: $job->bought,
            sale: $job->sale,
            due: null === $days ? $job->due : $this->clock->now()->modify(sprintf('+%d days', $days))->format('Y-m-d'),
        );
    }
}
