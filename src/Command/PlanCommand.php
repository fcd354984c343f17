<?php

declare(strict_types=1);

namespace App\Command;

use App\Catalog\OwnText;
use App\Format\RouteFormat;
use Hull\Bench\RouteLine;
use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Input\InvalidInput;
use Hull\Input\Keys;
use Hull\Job\Job;
use Hull\Job\Part;
use Hull\Quantity\Duration;
use Hull\Quantity\UnitSystem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:plan', 'Plans the route of every part of a job file; exit 1 when a part has none')]
final class PlanCommand extends Command
{
    public function __construct(private readonly Files $shipped, private readonly OwnText $own)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')
            ->addOption('own', null, InputOption::VALUE_REQUIRED, 'Own catalogue (YAML) to plan with')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $path = $input->getArgument('file');
            $own = $input->getOption('own');
            $files = is_string($own) ? $this->shipped->owning($this->own, $own) : $this->shipped;
            $job = $files->job(is_string($path) ? $path : '');
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        // A plan starts from the survey: routes the file carries are left aside.
        $plan = $files->plan(
            new Job(
                $job->name,
                $job->note,
                $job->places,
                array_map(static fn(Part $p): Part => $p->with(null, []), $job->parts),
                $job->without,
            ),
        );
        'json' === $input->getOption('format')
            ? $output->writeln(Files::json(self::data($plan)), OutputInterface::OUTPUT_RAW)
            : $this->text($plan, $output);
        foreach ($plan->unrouted as $id => $why) {
            $output->writeln(sprintf('%s: %s', $id, $why));
        }

        return [] === $plan->unrouted ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<int|string, mixed> */
    private static function data(JobPlan $plan): array
    {
        $parts = [];
        foreach ($plan->routes as $id => $route) {
            $piece = $plan->pieces[$id];
            $parts[] = [
                'id' => $piece->part->id,
                'name' => $piece->part->name,
                'area' => $piece->context->area()->m2(),
                'system' => $piece->context->system->id,
                'route' => RouteFormat::route($piece, $route),
            ];
        }
        $actions = array_map(
            static fn(SharedAction $a): array => [
                'step' => $a->step,
                'product' => $a->product,
                'place' => $a->place,
                'zones' => Keys::of($a->zones),
                'saved_min' => $a->saved,
            ],
            $plan->actions,
        );

        return ['parts' => $parts, 'together' => $actions];
    }

    private static function figures(RouteLine $line): string
    {
        $parts = [
            ($line->minutes > 0.0 ? Duration::minutes($line->minutes)->format(UnitSystem::Metric) : '') .
            ($line->setUp > 0.0
                ? sprintf(' (%s of it setting up)', Duration::minutes($line->setUp)->format(UnitSystem::Metric))
                : ''),
            null === $line->paint ? '' : $line->paint->format(UnitSystem::Metric),
            null === $line->waitHours ? 'never ready in this air' : '',
            ($line->waitHours ?? 0.0) > 0.0
                ? 'then ' . Duration::hours($line->waitHours ?? 0.0)->format(UnitSystem::Metric)
                : '',
        ];
        $said = array_filter($parts, static fn(string $p): bool => '' !== $p);

        return [] === $said ? '' : ' · ' . implode(', ', $said);
    }

    private function text(JobPlan $plan, OutputInterface $output): void
    {
        foreach ($plan->routes as $id => $route) {
            $piece = $plan->pieces[$id];
            $output->writeln(
                sprintf(
                    '%s (%.3g m2, %s)',
                    $piece->part->name,
                    $piece->context->area()->m2(),
                    $piece->context->system->id,
                ),
            );
            $output->writeln(
                sprintf('     %s: %s', $piece->context->aim->name, lcfirst($piece->context->system->name)),
            );
            foreach (RouteLine::of($piece, $route) as $index => $line) {
                $output->writeln(sprintf('%3d  %s%s', $index + 1, $line->name, self::figures($line)));
                foreach ([...array_column($line->cautions, 'name'), $line->note] as $mind) {
                    if ('' !== $mind) {
                        $output->writeln('     ! ' . $mind);
                    }
                }
            }
        }
        $shared = array_filter(
            $plan->actions,
            static fn(SharedAction $a): bool => count($a->zones) > 1 && $a->saved > 0.0,
        );
        if ([] !== $shared) {
            $output->writeln(
                sprintf(
                    'Done together: %d actions, %.0f minutes of setting up saved',
                    count($shared),
                    array_sum(array_map(static fn(SharedAction $a): float => $a->saved, $shared)),
                ),
            );
            foreach ($shared as $action) {
                $output->writeln(
                    sprintf(
                        '     %s%s: %s',
                        $action->step,
                        null === $action->product ? '' : ' ' . $action->product,
                        implode(', ', array_keys($action->zones)),
                    ),
                );
            }
        }
    }
}
