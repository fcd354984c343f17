<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 13: films go on what holds them. */
final readonly class FilmsGoTogether implements Law
{
    private const ETCH = ['self-etch', 'wash-primer'];
    private const EPOXY = [
        'epoxy-primer-2k',
        'epoxy-primer-fast',
        'zinc-rich',
        'epoxy-lining',
        'epoxy-mastic',
        'tie-barrier',
    ];
    private const ALKYD = [
        'alkyd-primer',
        'alkyd-enamel',
        'dtm-enamel',
        'enamel-aerosol',
        'topside-1k',
        'spar-varnish',
    ];
    private const COLOUR = [
        'alkyd-enamel',
        'enamel-aerosol',
        'acrylic-lacquer',
        'urethane-colour-2k',
        'marine-pu',
        'topside-1k',
        'clear-2k',
        'clear-2k-aerosol',
        'textured-liner',
    ];
    private const STRONG = [
        'urethane-colour-2k',
        'clear-2k',
        'clear-2k-aerosol',
        'acrylic-lacquer',
        'surfacer-2k',
        'primer-sealer-2k',
    ];

    private const HIDES = ['spot-prime', 'fill-over-coating', 'fill-over-metal', 'fill-over-epoxy', 'fair-epoxy'];

    public const CLEAR = ['clear-2k', 'clear-2k-aerosol', 'spar-varnish', 'clear-lacquer'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $below = null;
        $films = array_map(
            static fn(int $at): string => (string) $work->steps[$at]->product,
            $work->where([Steps::COAT]),
        );
        $shows = [] !== $films && [] === array_diff($films, self::CLEAR);
        foreach ($shows ? $work->where(self::HIDES) : [] as $at) {
            $breaches[] = new Breach(13, $at, $work->steps[$at]->step . ' hides what shall show');
        }
        foreach ($work->where([Steps::COAT]) as $at) {
            $film = (string) $work->steps[$at]->product;
            $says = match (true) {
                'clear' === $work->wants && !in_array($film, self::CLEAR, true) => $film . ' hides what shall show',
                null === $below => self::onBare($film, $work),
                default => self::over($film, $below),
            };
            if (null !== $says) {
                $breaches[] = new Breach(13, $at, $says);
            }
            $below = $film;
        }

        return $breaches;
    }

    private static function onBare(string $film, Work $work): ?string
    {
        $bare = null !== $work->first([...Steps::STRIPS, ...Steps::BATHS]) || !$work->has('old-coating');

        return match (true) {
            !$bare => null,
            in_array($film, self::COLOUR, true) && $work->isOf(Steps::FERROUS) => $film . ' on bare iron',
            in_array($film, self::ALKYD, true) && $work->isOf([...Steps::ZINC, ...Steps::ALUMINIUM]) => $film .
                ' straight on zinc or aluminium',
            'peelable-film' === $film && $work->isOf(Steps::FERROUS) => 'a peelable film straight on bare steel',
            default => null,
        };
    }

    private static function over(string $film, string $below): ?string
    {
        return match (true) {
            in_array($film, self::EPOXY, true) && in_array($below, self::ETCH, true) => "$film over $below",
            in_array($film, self::STRONG, true) && in_array($below, self::ALKYD, true) => "$film lifts $below",
            'cavity-wax' === $below || ('silicone-roof' === $below && 'silicone-roof' !== $film) => "$film over $below",
            'peelable-film' === $below && 'peelable-film' !== $film => "$film over $below",
            default => null,
        };
    }
}
