<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What of a part is covered, with what, and from when to when. */
final readonly class MaskingView
{
    /**
     * @param string|Message $obstacle why there is no route to mask for; empty where there is one
     * @param list<MaskingLineView> $lines
     * @param list<MaskedFaceView> $faces the part laid out flat, with what is covered on it
     * @param string|Message $staysSays how long the tape is on, and which may stay so long
     * @param bool $tooLong no tape may
     * @param list<MaskingNeed> $needs what is taken from the store or bought
     * @param list<TaggedItemView> $plugs what goes in, counted, for the register
     */
    public function __construct(
        public string $partId,
        public string $jobId,
        public string $slug,
        public string $name,
        public string|Message $obstacle,
        public array $lines,
        public array $faces,
        public string|Message $staysSays,
        public bool $tooLong,
        public array $needs,
        public array $plugs,
    ) {}
}
