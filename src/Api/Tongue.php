<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Translation\TranslatorBagInterface;

/**
 * What the core and the catalogue say, in the language of whoever asks: by the English sentence or its template, from
 * gettext files (docs/translating.md). English stands in the source and has none.
 */
final readonly class Tongue
{
    public const ENGLISH = 'en';
    /** Of translations: words of the server, beside those of the framework. */
    public const DOMAIN = 'said';

    public function __construct(
        #[Autowire(service: 'translator')] private TranslatorBagInterface $translator,
        #[Autowire('%hull.words_dir%')] private string $folder,
    ) {}

    /** The one the interface speaks; it says so in the header of its requests. */
    public function of(Request $request): string
    {
        return $request->getPreferredLanguage([self::ENGLISH, ...$this->languages()]) ?? self::ENGLISH;
    }

    /** @return list<string> those there are beside English, by their tags; a file of the folder each */
    public function languages(): array
    {
        $files = glob(sprintf('%s/%s.*.po', $this->folder, self::DOMAIN));

        return array_map(
            static fn(string $file): string => substr(basename($file, '.po'), strlen(self::DOMAIN . '.')),
            false === $files ? [] : $files,
        );
    }

    /** @return (\Closure(string): ?string)|null by English; null where nothing is translated */
    public function words(string $language): ?\Closure
    {
        if (self::ENGLISH === $language) {
            return null;
        }
        $catalogue = $this->translator->getCatalogue($language);

        return static function (string $english) use ($catalogue): ?string {
            $said = $catalogue->defines($english, self::DOMAIN) ? $catalogue->get($english, self::DOMAIN) : '';

            return '' === $said ? null : $said;
        };
    }
}
