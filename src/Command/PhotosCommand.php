<?php

declare(strict_types=1);

namespace App\Command;

use App\Photo\PhotoFiles;
use App\Photo\StorageAway;
use App\Photo\Transfer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:photos', 'Whether all photos are where HULL_PHOTOS says; brings them there from another place')]
final class PhotosCommand extends Command
{
    public function __construct(private readonly PhotoFiles $files, private readonly Transfer $transfer)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption(
            'from',
            null,
            InputOption::VALUE_REQUIRED,
            'The place they were at, as in HULL_PHOTOS: database, file:///FOLDER, s3://...',
        )->addOption('clear', null, InputOption::VALUE_NONE, 'What has arrived is removed there');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $from = $input->getOption('from');
        $clear = true === $input->getOption('clear');
        try {
            if (!is_string($from)) {
                $missing = $this->transfer->missing();
            } elseif ($this->files->at($from)->place() === $this->files->place()) {
                $output->writeln('<error>--from: that is where they are kept. Name another place.</error>');

                return self::INVALID;
            } else {
                $done = $this->transfer->from($from, $clear);
                $missing = $done['missing'];
                $output->writeln(sprintf('%d files brought, %d were here.', $done['brought'], $done['there']));
            }
        } catch (\InvalidArgumentException $e) {
            $output->writeln(sprintf('<error>%s</error>', $e->getMessage()));

            return self::INVALID;
        } catch (StorageAway $e) {
            $output->writeln(sprintf('<error>%s</error>', $e->getMessage()));

            return self::FAILURE;
        }
        foreach ($missing as $path) {
            $output->writeln("<error>Missing: $path</error>");
        }
        if ([] === $missing) {
            $output->writeln(sprintf('All photos are in %s.', $this->files->place()));
        }

        return [] === $missing ? self::SUCCESS : self::FAILURE;
    }
}
