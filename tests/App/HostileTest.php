<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Catalog\PlainYaml;
use App\Format\Csv;
use App\Work\Picture;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Yaml\Exception\ParseException;

/** What is sent to do harm is refused before it is decoded, or kept without its sting. */
final class HostileTest extends ApiCase
{
    /** @return iterable<string, array{string}> */
    public static function bombs(): iterable
    {
        $level = static fn(string $name, string $of): string => sprintf(
            "%s: &%s [%s]\n",
            $name,
            $name,
            implode(',', array_fill(0, 9, $of)),
        );
        yield 'aliases of aliases' => [
            $level('a', 'x') .
            $level('b', '*a') .
            $level('c', '*b') .
            $level('d', '*c') .
            $level('e', '*d') .
            $level('f', '*e') .
            $level('g', '*f'),
        ];
        yield 'a merge' => ["a:\n  <<: {b: c}\n"];
        yield 'a pit' => [str_repeat('[', 40) . str_repeat(']', 40)];
        yield 'a staircase' => [
            implode("\n", array_map(static fn(int $n): string => str_repeat(' ', $n) . 'a:', range(0, 120))),
        ];
        yield 'too long' => [str_repeat("# words\n", 60_000)];
    }

    #[DataProvider('bombs')]
    public function testYamlThatMakesMuchOfLittleIsNotRead(string $text): void
    {
        $this->enter('rowan@yard.example');
        $this->change('PUT', '/api/workshop/catalogue', ['text' => $text]);
        self::assertSame(422, $this->code());
        $this->change('POST', '/api/store/sheets', ['text' => $text]);
        self::assertSame(422, $this->code());
        self::assertLessThan(200_000_000, memory_get_peak_usage());
        $this->expectException(ParseException::class);
        PlainYaml::parse($text);
    }

    public function testMarksInWordsAreWords(): void
    {
        self::assertSame(
            ['a' => 'this & that', 'b' => '5 * 3', 'c' => "it's *so*"],
            PlainYaml::parse("a: this & that\nb: 5 * 3\nc: \"it's *so*\" # &here\n"),
        );
    }

    public function testABodyIsLookedAtBeforeItIsDecoded(): void
    {
        $this->call('GET', '/api/session');
        $many =
            '{' .
            implode(',', array_map(static fn(int $n): string => sprintf('"%d": 0', $n * 65536), range(0, 25_000))) .
            '}';
        foreach (
            ['/api/sign-in' => str_repeat(' ', 5000), '/api/jobs' => $many, '/api/crew' => str_repeat(' ', 2_100_000)]
            as $path => $body
        ) {
            $this->call('POST', $path, raw: $body);
            self::assertSame(413, $this->code(), $path);
        }
        $this->call('POST', '/api/sign-in', raw: '{"email": {"a": 1}, "password": []}');
        self::assertContains($this->code(), [400, 401, 403, 422]);
    }

    public function testACellOfATableIsNoFormula(): void
    {
        $csv = Csv::write(['name', 'value'], [['=1+1', '-5.0 C'], ['@SUM(A1)', '+44'], ['-1+1', '-5']]);
        self::assertSame("name,value\n'=1+1,\"-5.0 C\"\n'@SUM(A1),'+44\n'-1+1,-5\n", $csv);
        $rows = Csv::read($csv, ['name', 'value'], ['name']);
        self::assertSame(
            ['=1+1', '@SUM(A1)', '-1+1'],
            array_map(static fn(\Hull\Input\Node $n): string => $n->field('name')->text(), $rows),
            'read back as it was',
        );
    }

    public function testAPictureIsWrittenAnewUprightAndWithoutWhatTheCameraAdds(): void
    {
        $image = imagecreatetruecolor(3000, 1500);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        // Orientation 6: the camera was held on its side. Words ride along.
        $tiff =
            "II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\x0e\x01" .
            "\x02\0\x09\0\0\0\x26\0\0\0\0\0\0\0SECRETS!\0";
        $exif = "\xFF\xE1" . pack('n', strlen($tiff) + 8) . "Exif\0\0" . $tiff;
        $picture = Picture::anew(base64_encode(substr($jpeg, 0, 2) . $exif . substr($jpeg, 2)));
        self::assertSame([1200, 2400], [$picture->width, $picture->height], 'turned upright, no side over 2400');
        self::assertStringNotContainsString('SECRETS', $picture->bytes);
        $small = getimagesizefromstring($picture->small);
        self::assertSame(400, is_array($small) ? $small[1] : 0);
    }
}
