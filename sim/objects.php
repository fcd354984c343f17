<?php

declare(strict_types=1);

/*
 * A stand-in for an object store with the S3 interface, over HTTP on its own port: put, get, head, delete and list in
 * one bucket, for who signs with the right key (AWS Signature Version 4). Files lie in a folder, a name each.
 *
 * Run: php -S 127.0.0.1:8093 sim/objects.php
 */

const BUCKET = 'photos';
const KEY = 'cinder-quay';
const SECRET = 'slip-and-winch';
const PAGE = 1000;

$folder = getenv('OBJECTS_STATE') ?: sys_get_temp_dir() . '/hull-objects-' . getenv('OBJECTS_PORT');
@mkdir($folder, 0700, true);
$body = (string) file_get_contents('php://input');
$uri = parse_url($_SERVER['REQUEST_URI']);

/** @param array<string, scalar> $elements */
$answer = static function (int $status, string $root, array $elements, string $more = ''): bool {
    http_response_code($status);
    header('Content-Type: application/xml');
    $xml = '';
    foreach ($elements as $name => $value) {
        $xml .= "<$name>" . htmlspecialchars((string) $value, ENT_XML1) . "</$name>";
    }
    echo 'HEAD' === $_SERVER['REQUEST_METHOD'] ? '' : "<?xml version=\"1.0\"?><$root>$xml$more</$root>";

    return true;
};
$refuse = static fn(int $status, string $code): bool => $answer($status, 'Error', [
    'Code' => $code,
    'Message' => "$code.",
]);

// The signature is made again from what came, and compared.
$headers = array_change_key_case(getallheaders());
$signed =
    '~^AWS4-HMAC-SHA256 Credential=([^/]+)/(\d{8}/[^/]+/s3/aws4_request), ?SignedHeaders=([^,]+), ?Signature=(\w+)~';
if (1 !== preg_match($signed, $headers['authorization'] ?? '', $is) || KEY !== $is[1]) {
    return $refuse(403, 'AccessDenied');
}
[, , $scope, $names, $signature] = $is;
$claimed = $headers['x-amz-content-sha256'] ?? '';
if ('UNSIGNED-PAYLOAD' !== $claimed && hash('sha256', $body) !== $claimed) {
    return $refuse(400, 'XAmzContentSHA256Mismatch');
}
parse_str($uri['query'] ?? '', $query);
ksort($query);
$canonical = implode("\n", [
    $_SERVER['REQUEST_METHOD'],
    $uri['path'],
    http_build_query($query, '', '&', PHP_QUERY_RFC3986),
    ...array_map(static fn(string $n): string => $n . ':' . trim($headers[$n] ?? ''), explode(';', $names)),
    '',
    $names,
    $claimed,
]);
$key = 'AWS4' . SECRET;
foreach (explode('/', $scope) as $part) {
    $key = hash_hmac('sha256', $part, $key, true);
}
$text = implode("\n", ['AWS4-HMAC-SHA256', $headers['x-amz-date'] ?? '', $scope, hash('sha256', $canonical)]);
if (!hash_equals(hash_hmac('sha256', $text, $key), $signature)) {
    return $refuse(403, 'SignatureDoesNotMatch');
}

[, $bucket, $object] = explode('/', rawurldecode($uri['path']) . '/', 3);
$object = rtrim($object, '/');
if (BUCKET !== $bucket) {
    return $refuse(404, 'NoSuchBucket');
}
$file = $folder . '/' . rawurlencode($object);
if ('' === $object && 'GET' === $_SERVER['REQUEST_METHOD']) {
    $prefix = rawurlencode((string) ($query['prefix'] ?? ''));
    $found = [];
    foreach (scandir($folder) ?: [] as $name) {
        if (is_file("$folder/$name") && str_starts_with($name, $prefix)) {
            $found[] = $name;
        }
    }
    $from = (int) ($query['continuation-token'] ?? 0);
    $most = min(PAGE, (int) ($query['max-keys'] ?? PAGE));
    $more = count($found) > $from + $most;
    $contents = '';
    foreach (array_slice($found, $from, $most) as $name) {
        $contents .= sprintf(
            '<Contents><Key>%s</Key><LastModified>%s</LastModified><Size>%d</Size></Contents>',
            htmlspecialchars(rawurldecode($name), ENT_XML1),
            gmdate('Y-m-d\TH:i:s.000\Z', (int) filemtime("$folder/$name")),
            filesize("$folder/$name"),
        );
    }

    return $answer(
        200,
        'ListBucketResult',
        [
            'Name' => BUCKET,
            'KeyCount' => substr_count($contents, '<Key>'),
            'IsTruncated' => $more ? 'true' : 'false',
            ...$more ? ['NextContinuationToken' => $from + $most] : [],
        ],
        $contents,
    );
}
switch ($_SERVER['REQUEST_METHOD']) {
    case 'PUT':
        // Whole or not at all.
        file_put_contents("$folder/.part", $body);
        rename("$folder/.part", $file);
        header('ETag: "' . md5($body) . '"');

        return true;
    case 'DELETE':
        @unlink($file);
        http_response_code(204);

        return true;
    case 'GET':
    case 'HEAD':
        if (!is_file($file)) {
            return $refuse(404, 'NoSuchKey');
        }
        header('Content-Type: image/jpeg');
        header('Content-Length: ' . filesize($file));
        header('ETag: "' . md5_file($file) . '"');
        header('Last-Modified: ' . gmdate('D, d M Y H:i:s \G\M\T', (int) filemtime($file)));
        if ('GET' === $_SERVER['REQUEST_METHOD']) {
            readfile($file);
        }

        return true;
}

return $refuse(405, 'MethodNotAllowed');
