<?php

declare(strict_types=1);

namespace App\Photo;

use Aws\S3\S3Client;
use Doctrine\DBAL\Connection;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnixVisibility\PortableVisibilityConverter;
use Psr\Clock\ClockInterface;

/** Where photos are kept, as it stands in a setting: the database, a folder, or a bucket of an object store. */
final readonly class PhotoAddress
{
    public const ACCEPTED = 'database, file:///FOLDER, s3://KEY:SECRET@HOST[:PORT]/BUCKET[/PATH][?region=NAME&plain=1]';
    private const DATABASE = 'database';
    /** A store that takes no connection so long, gives and takes nothing so long, or does not end, is away: s. */
    private const CONNECT_S = 1.0;
    private const SILENT_S = 2;
    private const ANSWER_S = 30.0;
    private const PRIVATE = ['visibility' => 'private', 'directory_visibility' => 'private'];

    /** @param array<string, string> $bucket endpoint, key, secret, bucket, prefix, region; none for the others */
    private function __construct(private string $folder, private array $bucket) {}

    /** @throws \InvalidArgumentException without a word of what stood there, since that may hold a secret */
    public static function of(string $setting): self
    {
        if ('' === $setting || self::DATABASE === $setting) {
            return new self('', []);
        }
        if (1 === preg_match('~^file:///(?<folder>[^?#\0]+)$~', $setting, $is)) {
            return new self('/' . rawurldecode($is['folder']), []);
        }
        $is = parse_url($setting);
        $path = explode('/', trim($is['path'] ?? '', '/'), 2);
        parse_str($is['query'] ?? '', $query);
        if (
            's3' !== ($is['scheme'] ?? '') ||
            !isset($is['host'], $is['user'], $is['pass']) ||
            1 !== preg_match('/^[a-z0-9][a-z0-9.-]{1,62}$/', $path[0]) ||
            [] !== array_diff_key($query, ['region' => 0, 'plain' => 0])
        ) {
            throw new \InvalidArgumentException(
                'What HULL_PHOTOS or --from says is no place for photos. Accepted: ' . self::ACCEPTED . '.',
            );
        }
        $region = $query['region'] ?? '';
        $scheme = '1' === ($query['plain'] ?? '') ? 'http' : 'https';

        return new self('', [
            'endpoint' => $scheme . '://' . $is['host'] . (isset($is['port']) ? ':' . $is['port'] : ''),
            'key' => rawurldecode($is['user']),
            'secret' => rawurldecode($is['pass']),
            'bucket' => $path[0],
            'prefix' => rawurldecode($path[1] ?? ''),
            'region' => is_string($region) && '' !== $region ? $region : 'us-east-1',
        ]);
    }

    public function isDatabase(): bool
    {
        return '' === $this->folder && [] === $this->bucket;
    }

    /** For people and logs: without key and secret. */
    public function name(): string
    {
        return match (true) {
            $this->isDatabase() => 'the database',
            [] === $this->bucket => $this->folder,
            default => rtrim("{$this->bucket['endpoint']}/{$this->bucket['bucket']}/{$this->bucket['prefix']}", '/'),
        };
    }

    public function open(Connection $db, ClockInterface $clock): FilesystemOperator
    {
        return new Filesystem(
            match (true) {
                $this->isDatabase() => new DatabaseAdapter($db, $clock),
                [] === $this->bucket => new LocalFilesystemAdapter(
                    $this->folder,
                    PortableVisibilityConverter::fromArray([], 'private'),
                    lazyRootCreation: true,
                ),
                default => new AwsS3V3Adapter($this->client(), $this->bucket['bucket'], $this->bucket['prefix']),
            },
            self::PRIVATE,
        );
    }

    private function client(): S3Client
    {
        return new S3Client([
            'version' => 'latest',
            'region' => $this->bucket['region'],
            'endpoint' => $this->bucket['endpoint'],
            'use_path_style_endpoint' => true,
            'credentials' => ['key' => $this->bucket['key'], 'secret' => $this->bucket['secret']],
            'use_aws_shared_config_files' => false,
            // Stores that speak this interface know the older check of contents; not all of them the newer ones.
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
            'retries' => 0,
            'http' => [
                'connect_timeout' => self::CONNECT_S,
                'timeout' => self::ANSWER_S,
                'curl' => [\CURLOPT_LOW_SPEED_LIMIT => 1, \CURLOPT_LOW_SPEED_TIME => self::SILENT_S],
            ],
        ]);
    }
}
