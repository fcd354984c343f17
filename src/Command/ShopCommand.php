<?php

declare(strict_types=1);

namespace App\Command;

use Hull\Input\InvalidInput;
use Hull\Job\JobPlan;
use Hull\Job\Need;
use Hull\Job\Shopping;
use Hull\Pack\Pack;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:shop', 'What a job still needs, product by product, and the packs that cover it')]
final class ShopCommand extends Command
{
    private const COLUMNS = ['product', 'needed_l', 'thinner_l', 'coats', 'packs', 'bought_l', 'left_over_l', 'price'];

    public function __construct(private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or csv', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $path = $input->getArgument('file');
            $plan = $this->files->plan($this->files->job(is_string($path) ? $path : ''));
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $shopping = self::shopping($plan);
        if ('csv' === $input->getOption('format')) {
            $this->csv($shopping, $output);

            return self::SUCCESS;
        }
        foreach ($shopping->needs as $need) {
            $output->writeln(sprintf('%s: %s for %d %s; buy %s (%s left over), about %s', $need->product->name, self::volume($need->paint), count($need->coats), 1 === count($need->coats) ? 'coat' : 'coats', self::packs($need), self::volume($need->purchase->leftover), $need->purchase->price->rounded()));
        }
        if ([] !== $shopping->discs) {
            $output->writeln('Discs and sheets: '.implode(', ', array_map(static fn (int $grit, int $count): string => sprintf('%d x P%d', $count, $grit), array_keys($shopping->discs), $shopping->discs)));
        }
        $output->writeln(sprintf('Paint in all about %s, by typical prices.', $shopping->price()->rounded()));
        foreach ($plan->without as $id => $why) {
            $output->writeln(sprintf('%s is not counted: %s', $id, $why));
        }

        return self::SUCCESS;
    }

    private static function shopping(JobPlan $plan): Shopping
    {
        $pieces = [];
        $done = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
            $done[$id] = $pieces[$id]->replay(new \DateTimeImmutable());
        }

        return Shopping::of($pieces, $done);
    }

    private function csv(Shopping $shopping, OutputInterface $output): void
    {
        $memory = fopen('php://memory', 'r+');
        if (false === $memory) {
            throw new \LogicException('No memory.');
        }
        fputcsv($memory, self::COLUMNS, ',', '"', '');
        foreach ($shopping->needs as $need) {
            fputcsv($memory, [$need->product->name, self::litres($need->paint), self::litres($need->thinner), count($need->coats), self::packs($need), self::litres($need->purchase->bought), self::litres($need->purchase->leftover), $need->purchase->price->text()], ',', '"', '');
        }
        rewind($memory);
        $output->write((string) stream_get_contents($memory), false, OutputInterface::OUTPUT_RAW);
    }

    private static function litres(Volume $volume): string
    {
        return sprintf('%.3F', $volume->litresValue());
    }

    private static function volume(Volume $volume): string
    {
        return $volume->format(UnitSystem::Metric);
    }

    private static function packs(Need $need): string
    {
        return implode(' + ', array_map(static fn (array $p): string => self::count($p[0], $p[1]), $need->purchase->packs));
    }

    private static function count(Pack $pack, int $count): string
    {
        return sprintf('%d x %s', $count, $pack->size->format(UnitSystem::Metric));
    }
}
