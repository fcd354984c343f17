<?php

declare(strict_types=1);

namespace App\Words;

use App\Api\Sentences;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Yaml\Yaml;

/**
 * Everything that the core, the server and the catalogue say, as a template for translators in gettext's format: the
 * templates of messages and other phrases from the source, and the sentences of the catalogue.
 */
final readonly class SaidWords
{
    /** Rooms whose phrases come before a reader; refusals and figures of the console do not go through a translator. */
    private const SOURCES = ['core/src', 'src/Api', 'src/Plan', 'src/Work'];
    /** Two words or more, of letters, not a query, a path or a format with its own places. */
    private const PHRASE = '/^(?!SELECT |.*%[\\d.+]*[a-z])[A-Za-z"{][^<>|=]*[a-z}]{2,}[:,;."]* [a-z{"(][^<>|=]*$/';

    public function __construct(#[Autowire('%kernel.project_dir%')] private string $root) {}

    public function template(): string
    {
        $places = $this->ofSource() + $this->ofCatalogue();
        $lines = ['msgid ""', 'msgstr "Content-Type: text/plain; charset=UTF-8\n"', ''];
        foreach ($places as $said => $place) {
            $text = addcslashes((string) $said, "\"\\\n");
            $lines = [...$lines, "#. $place", "msgid \"$text\"", 'msgstr ""', ''];
        }

        return implode("\n", $lines);
    }

    /** @return array<int|string, string> phrase => class */
    private function ofSource(): array
    {
        $said = [];
        foreach (self::SOURCES as $folder) {
            foreach ($this->files($folder, 'php') as $file) {
                foreach (self::phrases((string) file_get_contents("$this->root/$file")) as $phrase) {
                    $said[$phrase] ??= self::className($file);
                }
            }
        }

        return $said;
    }

    private static function className(string $file): string
    {
        return strtr(basename(dirname($file)) . '/' . basename($file, '.php'), '/', '\\');
    }

    /** @return list<string> below the root, in order */
    private function files(string $folder, string $kind): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$this->root/$folder")) as $file) {
            if ($file instanceof \SplFileInfo && $kind === $file->getExtension()) {
                $files[] = substr($file->getPathname(), strlen($this->root) + 1);
            }
        }
        sort($files);

        return $files;
    }

    /**
     * Strings that are put together out of several lines are one.
     *
     * @return list<string>
     */
    private static function phrases(string $source): array
    {
        $phrases = [];
        $phrase = null;
        $skips = false;
        foreach (\PhpToken::tokenize($source) as $token) {
            if ($token->is([\T_WHITESPACE, \T_COMMENT, \T_DOC_COMMENT]) || '.' === $token->text) {
                continue;
            }
            if ($token->is(\T_CONSTANT_ENCAPSED_STRING)) {
                $phrase .= self::unquoted($token->text);
                continue;
            }
            if (null !== $phrase && !$skips && 1 === preg_match(self::PHRASE, $phrase)) {
                $phrases[] = $phrase;
            }
            $phrase = null;
            // What is thrown is a refusal: a problem document in English.
            $skips = $token->is([\T_THROW, \T_ATTRIBUTE]) || ($skips && ';' !== $token->text && ']' !== $token->text);
        }

        return $phrases;
    }

    private static function unquoted(string $literal): string
    {
        return '"' === $literal[0]
            ? stripcslashes(substr($literal, 1, -1))
            : strtr(substr($literal, 1, -1), ["\\'" => "'", '\\\\' => '\\']);
    }

    /** @return array<int|string, string> sentence => file */
    private function ofCatalogue(): array
    {
        $said = [];
        foreach ($this->files('catalog', 'yaml') as $file) {
            $found = [];
            self::sentences(Yaml::parseFile("$this->root/$file"), false, $found);
            $said += array_fill_keys($found, $file);
        }

        return $said;
    }

    /** @param list<string> $found */
    private static function sentences(mixed $entry, bool $isSaid, array &$found): void
    {
        if (is_string($entry) && $isSaid && str_contains($entry, ' ')) {
            $found[] = $entry;
        }
        foreach (is_array($entry) ? $entry : [] as $key => $value) {
            self::sentences($value, is_int($key) ? $isSaid : isset(Sentences::SAID[$key]), $found);
        }
    }
}
