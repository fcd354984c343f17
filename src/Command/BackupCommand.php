<?php

declare(strict_types=1);

namespace App\Command;

use App\Keep\Backup;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:backup', 'Everything there is into one archive, photos too, while work goes on')]
final class BackupCommand extends Command
{
    public const KEEP = 14;

    public function __construct(private readonly Backup $backup, private readonly string $folder)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('to', InputArgument::OPTIONAL, 'File or folder', $this->folder)
            ->addOption(
                'note',
                null,
                InputOption::VALUE_REQUIRED,
                'Word in its name; one with a note is never cleared',
                '',
            )
            ->addOption(
                'keep',
                null,
                InputOption::VALUE_REQUIRED,
                'How many to keep in the folder',
                (string) self::KEEP,
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$to, $note, $keep] = [$input->getArgument('to'), $input->getOption('note'), $input->getOption('keep')];
        if (!is_string($keep) || !ctype_digit($keep) || (int) $keep < 1) {
            $output->writeln('<error>--keep: a whole number from 1 up.</error>');

            return self::INVALID;
        }
        if (!is_string($note) || 1 !== preg_match('/^[a-z0-9-]{0,30}$/', $note)) {
            $output->writeln('<error>--note: up to 30 small letters, digits and dashes.</error>');

            return self::INVALID;
        }
        if ($this->backup->isEmpty()) {
            $output->writeln('There is nothing to back up yet.');

            return self::SUCCESS;
        }
        $to = is_string($to) ? $to : $this->folder;
        if ($to === $this->folder && !is_dir($to)) {
            mkdir($to, 0700, true);
        }
        try {
            $archive = $this->backup->make($to, $note);
        } catch (\RuntimeException $e) {
            $output->writeln(sprintf('<error>%s Nothing was kept.</error>', $e->getMessage()));

            return self::FAILURE;
        }
        if (is_dir($to)) {
            $this->backup->keep($to, (int) $keep);
        }
        $megabytes = (int) filesize($archive->path) / 1e6;
        $output->writeln(
            sprintf(
                '%s: %d rows, %d files of photos, %.1f MB.',
                $archive->path,
                array_sum($archive->rows),
                count($archive->photos),
                $megabytes,
            ),
        );
        foreach ($archive->missing as $path) {
            $output->writeln("<comment>Not where photos are kept: $path</comment>");
        }

        return self::SUCCESS;
    }
}
