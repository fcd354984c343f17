<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\QuantitiesController;
use App\Format\Csv;
use Hull\Board\JobPlan;
use Hull\Board\Shopping;
use Hull\Catalog\Catalogue;
use Hull\Input\InvalidInput;
use Hull\Quantity\UnitSystem;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:shop', 'What a job still needs, product by product, and the packs that cover it')]
final class ShopCommand extends Command
{
    public function __construct(
        private readonly Files $files,
        private readonly Catalogue $shipped,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')->addOption(
            'format',
            null,
            InputOption::VALUE_REQUIRED,
            'text or csv',
            'text',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $path = $input->getArgument('file');
            $plan = $this->files->plan($this->files->job(is_string($path) ? $path : ''));
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $shopping = $this->shopping($plan);
        if ('csv' === $input->getOption('format')) {
            $output->write(
                Csv::write(QuantitiesController::COLUMNS, QuantitiesController::rows(array_values($shopping->needs))),
                false,
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        foreach ($shopping->needs as $need) {
            $output->writeln(
                sprintf(
                    '%s: %s%s; buy %s (%s left over), about %s',
                    $need->name,
                    $need->amount->format(UnitSystem::Metric),
                    [] === $need->coats
                        ? ''
                        : sprintf(' for %d %s', count($need->coats), 1 === count($need->coats) ? 'coat' : 'coats'),
                    QuantitiesController::packs($need),
                    $need->purchase->leftover->format(UnitSystem::Metric),
                    $need->purchase->price->text(),
                ),
            );
        }
        foreach ($shopping->unmeasured as $name) {
            $output->writeln(sprintf('%s: by what is found', $name));
        }
        $output->writeln(sprintf('In all about %s, by typical prices.', $shopping->price()->rounded()));
        foreach ($plan->unrouted as $id => $why) {
            $output->writeln(sprintf('%s is not counted: %s', $id, $why));
        }

        return self::SUCCESS;
    }

    private function shopping(JobPlan $plan): Shopping
    {
        $pieces = [];
        $done = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
            $done[$id] = $pieces[$id]->replay($this->clock->now());
        }

        return Shopping::of($this->shipped, $pieces, $done);
    }
}
