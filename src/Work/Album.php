<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PartRow;
use App\Entity\PhotoRow;
use App\Entity\TagRow;
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

    public function __construct(private EntityManagerInterface $em, private ClockInterface $clock) {}

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
            bytes: $picture->bytes,
            small: $picture->small,
            at: $this->clock->now(),
            tag: $tag,
        );
        $this->em->persist($row);
        $this->em->flush();

        return $row;
    }

    public function find(string $id): PhotoRow
    {
        $row = Uuid::isValid($id)
            ? $this->em->getRepository(PhotoRow::class)->findOneBy(['id' => Uuid::fromString($id)])
            : null;

        return $row ?? throw new NotFoundHttpException();
    }

    public function remove(PhotoRow $row): void
    {
        $this->em->remove($row);
        $this->em->flush();
    }
}
