<?php

declare(strict_types=1);

namespace Hull\Piece;

/** What has to have come of the earlier work before the later one may begin. */
enum Ready: string
{
    /** It is done. */
    case Done = 'done';
    /** The film it laid is dry to handle: it marks no more under a hand, a soft strap, its own weight. */
    case Handle = 'handle';
    /** The film it laid is hard throughout. */
    case Cured = 'cured';
}
