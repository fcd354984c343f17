<?php

declare(strict_types=1);

namespace App\Api;

/** What the front end was built into, as its manifest has it, and what of it a page needs first. */
final readonly class BuiltFiles
{
    private const ENTRY = 'index.html';
    /** What the first page shows to somebody and to nobody; others fetch theirs when they are opened. */
    public const TODAY = 'src/screens/today/Today.tsx';
    public const SIGN_IN = 'src/shell/SignIn.tsx';
    /** The font of nearly every word; others are few or wait for their words. */
    private const FONT = '/archivo-latin-standard-normal.*\.woff2$/';

    /** @param array<int|string, mixed> $manifest */
    private function __construct(private array $manifest) {}

    /** Null while nothing has been built. */
    public static function read(string $file): ?self
    {
        $manifest = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        $files = is_array($manifest) ? new self($manifest) : null;

        return null === $files?->script() ? null : $files;
    }

    public function script(): ?string
    {
        return $this->texts(self::ENTRY, 'file')[0] ?? null;
    }

    /** @return list<string> */
    public function styles(): array
    {
        return $this->texts(self::ENTRY, 'css');
    }

    public function font(): ?string
    {
        foreach ($this->texts(self::ENTRY, 'assets') as $asset) {
            if (1 === preg_match(self::FONT, $asset)) {
                return $asset;
            }
        }

        return null;
    }

    /**
     * @param string|null $screen that is shown first
     *
     * @return list<string> scripts that are wanted at once, so that none waits to be named by another
     */
    public function early(?string $screen): array
    {
        $files = [];
        $wanted = [self::ENTRY, ...null === $screen ? [] : [$screen]];
        $seen = [];
        while (null !== ($name = array_shift($wanted))) {
            if (!isset($seen[$name])) {
                $seen[$name] = true;
                $files = [...$files, ...$this->texts($name, 'file')];
                $wanted = [...$wanted, ...$this->texts($name, 'imports')];
            }
        }

        return $files;
    }

    /** @return list<string> */
    private function texts(string $name, string $field): array
    {
        $entry = $this->manifest[$name] ?? null;

        return is_array($entry) ? array_values(array_filter((array) ($entry[$field] ?? []), is_string(...))) : [];
    }
}
