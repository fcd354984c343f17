<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Catalog\CatalogueLoader;
use App\Catalog\PackedCatalogue;
use App\Catalog\Shared;
use Hull\Catalog\CatalogueReader;
use Hull\Quantity\Area;
use Hull\Quantity\Length;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** What is packed says what was read, with each value in it once. */
final class SharedTest extends TestCase
{
    public function testTheCatalogueComesOutAsItWasRead(): void
    {
        $catalogue = CatalogueReader::read((new CatalogueLoader(dirname(__DIR__, 2) . '/catalog', '', true))->data());
        $shared = Shared::of($catalogue);
        $said = hash('xxh128', var_export($catalogue, true));
        self::assertSame($said, hash('xxh128', var_export($shared, true)), 'the same in every field');
        $file = sys_get_temp_dir() . '/hull-packed-' . bin2hex(random_bytes(4));
        (new PackedCatalogue($file))->write($catalogue);
        self::assertLessThan(0.7 * strlen(serialize($catalogue)), (int) filesize($file));
        self::assertSame($said, hash('xxh128', var_export((new PackedCatalogue($file))->read(), true)));
        (new Filesystem())->remove($file);
    }

    public function testEqualValuesAreOneAndUnequalOnesStayApart(): void
    {
        $holder = new class ([
            Length::metres(2),
            Length::metres(2),
            Length::metres(3),
            Area::squareMetres(2),
            2,
            2.0,
            '2',
        ]) {
            /** @param list<mixed> $of */
            public function __construct(public readonly array $of) {}
        };
        $of = Shared::of($holder)->of;
        self::assertEquals($holder->of, $of);
        self::assertSame($of[0], $of[1]);
        self::assertNotSame($of[0], $of[2]);
        self::assertNotSame($of[0], $of[3], 'a length is no area');
        self::assertSame([2, 2.0, '2'], array_slice($of, 4));
    }
}
