<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\ScheduleFormat;
use Hull\Bench\NextCoat;
use Hull\Bench\Workpiece;
use Hull\Input\InvalidInput;
use Hull\Schedule\Constraint\Airs;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:windows', 'When each logged film of a job file lets the next coat on, in this weather')]
final class WindowsCommand extends Command
{
    public function __construct(private readonly Airing $airing)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        Airing::asks($this);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $asked = $this->airing->read($input);
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $json = 'json' === Airing::option($input, 'format');
        $rows = [];
        foreach ($asked->plan->routes as $id => $route) {
            $rows = [...$rows, ...self::rows($asked->plan->pieces[$id]->routed($route), $asked->airs, $asked->at)];
        }
        if ($json) {
            $output->writeln(
                Files::json(['at' => $asked->at->format('Y-m-d\TH:i:s\Z'), 'coats' => $rows]),
                OutputInterface::OUTPUT_RAW,
            );
        }
        foreach ($json ? [] : $rows as $row) {
            $output->writeln(
                sprintf(
                    '%s, %s: laid %s, opens %s, closes %s%s',
                    $row['part'],
                    $row['film'],
                    $row['laid'],
                    $row['opens'] ?? 'never',
                    $row['closes'] ?? 'never',
                    null === $row['next']
                        ? ''
                        : sprintf(
                            '; the next may begin %s to %s',
                            $row['next']['from'] ?? 'never',
                            $row['next']['until'] ?? 'any time',
                        ),
                ),
            );
        }
        if ([] === $rows && !$json) {
            $output->writeln('No coat is logged yet.');
        }

        return self::SUCCESS;
    }

    /**
     * @return list<array{
     *     part: string,
     *     film: string,
     *     step: string,
     *     laid: string,
     *     touch: string|null,
     *     opens: string|null,
     *     closes: string|null,
     *     full: string|null,
     *     next: array{from: string|null, until: string|null, advice: list<string>}|null,
     * }>
     */
    private static function rows(Workpiece $piece, Airs $airs, \DateTimeImmutable $at): array
    {
        $replayed = $piece->replay($at, $airs->at($piece->place->id)->series());
        $instant = static fn(?float $hour): ?string => null === $hour ? null : ScheduleFormat::instant($hour);
        $next = NextCoat::of($piece, $replayed);
        $rows = [];
        foreach ($replayed->coats as $coat) {
            $rows[] = [
                'part' => $piece->part->name,
                'film' => $coat->product->name,
                'step' => $coat->stepKey,
                'laid' => ScheduleFormat::instant($coat->laidAt),
                'touch' => $instant($coat->touchAt),
                'opens' => $instant($coat->opensAt),
                'closes' => $instant($coat->closesAt),
                'full' => $instant($coat->fullAt),
                'next' =>
                    $next?->stepKey === $coat->stepKey
                        ? [
                            'from' => $instant($next->span->earliest),
                            'until' => $instant($next->span->latest),
                            'advice' => array_map(strval(...), $next->advice),
                        ]
                        : null,
            ];
        }

        return $rows;
    }
}
