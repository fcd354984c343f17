<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * What was typed, brought to the letters and marks that the parser knows: fractions, quotes, minus signs, spaces,
 * commas.
 */
final class Typed
{
    private const FRACTIONS = [
        '½' => '1/2',
        '¼' => '1/4',
        '¾' => '3/4',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
        '⅕' => '1/5',
        '⅖' => '2/5',
        '⅗' => '3/5',
        '⅘' => '4/5',
    ];
    private const MARKS = [
        '’' => "'",
        '‘' => "'",
        '′' => "'",
        '`' => "'",
        '´' => "'",
        '”' => '"',
        '“' => '"',
        '″' => '"',
        '„' => '"',
        '−' => '-',
        '–' => '-',
        '℃' => '°C',
        '℉' => '°F',
        'º' => '°',
        '˚' => '°',
        '×' => ' x ',
        '⁄' => '/',
        '∕' => '/',
        '^2' => '2',
        '^3' => '3',
        '㎡' => 'm2',
        '㎜' => 'mm',
        '㎝' => 'cm',
        'µ' => 'u',
        'μ' => 'u',
    ];
    private const THIN = '\x{00A0}\x{202F}\x{2009}\x{2007}\x{2008}\x{200A}';

    /** @throws InvalidQuantity for a comma that may be either */
    public static function plain(string $text, Dimension $dimension): string
    {
        if (1 !== preg_match('//u', $text)) {
            throw InvalidQuantity::because('This is not text.', $dimension);
        }
        $text = strtr($text, self::MARKS);
        // Between digits such a space parts thousands; elsewhere it is a space.
        $text = (string) preg_replace('/(?<=[0-9])[' . self::THIN . '](?=[0-9]{3}(?![0-9]))/u', '', $text);
        $text = (string) preg_replace('/[' . self::THIN . '\s]+/u', ' ', $text);
        $text = (string) preg_replace_callback(
            '/(?<![0-9.,])[0-9]{1,3}(?: [0-9]{3})+(?! ?[0-9\/])/',
            static fn(array $m): string => str_replace(' ', '', $m[0]),
            $text,
        );
        foreach (self::FRACTIONS as $sign => $digits) {
            $text = (string) preg_replace('/(?<=[0-9]) ?' . $sign . '/u', ' ' . $digits, $text);
            $text = str_replace($sign, $digits, $text);
        }
        $text = self::commas($text, $dimension);
        // "mm." and "in." are abbreviated; a number may end in a dot.
        $text = (string) preg_replace('/(?<=[A-Za-z%"\'])\.(?=[\s\/]|$)/u', '', $text);
        $text = (string) preg_replace('/(?<=[0-9])\.(?=[\s]|$)/u', '', $text);
        $text = (string) preg_replace('/\s+per\s+(?!cent)|\s+\/\s*|\/\s+/ui', '/', trim($text));

        return str_replace("''", '"', $text);
    }

    private static function commas(string $text, Dimension $dimension): string
    {
        // 1,500.5 and 1.500,5 say themselves which mark is which.
        $text = (string) preg_replace_callback(
            '/[0-9]{1,3}(?:,[0-9]{3})+(?=\.[0-9])/',
            static fn(array $m): string => str_replace(',', '', $m[0]),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/([0-9]{1,3}(?:\.[0-9]{3})+),([0-9]+)/',
            static fn(array $m): string => str_replace('.', '', $m[1]) . '.' . $m[2],
            $text,
        );
        $text = (string) preg_replace('/(?<![0-9,.])([0-9]*),([0-9]{1,2}|[0-9]{4,})(?![0-9,])/', '$1.$2', $text);
        $text = (string) preg_replace('/(?<![0-9,.])(0|[0-9]{4,}),([0-9]{3})(?![0-9,])/', '$1.$2', $text);
        if (1 === preg_match('/([0-9]{1,3}),([0-9]{3})(?![0-9])/', $text, $m)) {
            throw InvalidQuantity::because(
                sprintf('"%s" may be %s%s or %s.%s.', $m[0], $m[1], $m[2], $m[1], $m[2]),
                $dimension,
            );
        }
        if (str_contains($text, ',')) {
            throw InvalidQuantity::because(sprintf('"%s" has a comma that is no decimal.', $text), $dimension);
        }

        return $text;
    }
}
