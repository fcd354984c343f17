<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PartRow;
use App\Entity\PhotoRow;
use App\Entity\TagRow;
use App\Photo\PhotoFiles;
use App\Photo\PhotoPaths;
use App\Photo\StorageAway;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Input\InvalidInput;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The photos of parts. */
final readonly class Album
{
    public const MOMENTS = ['before', 'during', 'after'];
    private const MOST_PHOTOS = 200;

    public function __construct(
        private EntityManagerInterface $em,
        private PhotoFiles $files,
        private ClockInterface $clock,
    ) {}

    /** @return list<PhotoRow> oldest first */
    public function of(PartRow $part): array
    {
        return $this->em->getRepository(PhotoRow::class)->findBy(['part' => $part], ['at' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * @param list<TagRow> $tags
     *
     * @return list<PhotoRow> oldest first
     */
    public function ofTags(array $tags): array
    {
        return $this->em->getRepository(PhotoRow::class)->findBy(['tag' => $tags], ['at' => 'ASC', 'id' => 'ASC']);
    }

    /**
     * Its files are written before its row, so that no row is without them; files without a row are cleared away.
     *
     * @throws StorageAway
     */
    public function keep(PartRow $part, string $moment, string $caption, string $base64, ?TagRow $tag = null): PhotoRow
    {
        if ($this->em->getRepository(PhotoRow::class)->count(['part' => $part]) >= self::MOST_PHOTOS) {
            throw new InvalidInput(
                '/image',
                'This part has all the photos it can have.',
                sprintf('up to %d photos for a part', self::MOST_PHOTOS),
            );
        }
        $picture = Picture::anew($base64);
        $row = new PhotoRow(
            part: $part,
            moment: $moment,
            caption: $caption,
            type: Picture::TYPE,
            width: $picture->width,
            height: $picture->height,
            at: $this->clock->now(),
            tag: $tag,
        );
        $this->files->put(PhotoPaths::large($row->workshop->id, $row->id), $picture->bytes);
        $this->files->put(PhotoPaths::small($row->workshop->id, $row->id), $picture->small);
        $this->em->persist($row);
        $this->em->flush();

        return $row;
    }

    /**
     * The picture itself, or one small enough for a list.
     *
     * @throws StorageAway
     */
    public function picture(PhotoRow $row, bool $small): string
    {
        $path = $small
            ? PhotoPaths::small($row->workshop->id, $row->id)
            : PhotoPaths::large($row->workshop->id, $row->id);

        return $this->files->get($path) ?? throw new NotFoundHttpException("$path is not where photos are kept.");
    }

    public function find(string $id): PhotoRow
    {
        $row = Uuid::isValid($id)
            ? $this->em->getRepository(PhotoRow::class)->findOneBy(['id' => Uuid::fromString($id)])
            : null;

        return $row ?? throw new NotFoundHttpException();
    }

    /** Its files go with the next clearing (App\Photo\Unclaimed), not from under a backup that reads them. */
    public function remove(PhotoRow $row): void
    {
        $this->em->remove($row);
        $this->em->flush();
    }
}
