<?php

declare(strict_types=1);

namespace App\Photo;

use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Uuid;

/** Under which paths the two files of a photo lie: below the yard's own folder, by its number. */
final readonly class PhotoPaths
{
    private const UUID = '[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}';

    public function __construct(private Connection $db) {}

    public static function isOne(string $path): bool
    {
        return 1 === preg_match('~^' . self::UUID . '/' . self::UUID . '(-small)?\.jpg$~D', $path);
    }

    public static function large(Uuid $workshop, Uuid $photo): string
    {
        return "$workshop/$photo.jpg";
    }

    public static function small(Uuid $workshop, Uuid $photo): string
    {
        return "$workshop/$photo-small.jpg";
    }

    /** @return list<string> of all photos there are, of every yard */
    public function all(): array
    {
        return $this->of('');
    }

    /** @return list<string> of the photos of one yard */
    public function ofWorkshop(string $workshop): array
    {
        return $this->of(' WHERE workshop_id = ?', $workshop);
    }

    /** @return list<string> */
    private function of(string $which, string ...$values): array
    {
        $paths = [];
        $rows = $this->db->executeQuery(
            'SELECT workshop_id, id FROM photo' . $which . ' ORDER BY id',
            array_values($values),
        );
        foreach ($rows->iterateNumeric() as [$workshop, $photo]) {
            if (is_string($workshop) && is_string($photo)) {
                [$workshop, $photo] = [Uuid::fromString($workshop), Uuid::fromString($photo)];
                array_push($paths, self::large($workshop, $photo), self::small($workshop, $photo));
            }
        }

        return $paths;
    }
}
