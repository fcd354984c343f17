<?php

declare(strict_types=1);

namespace Hull\Piece;

/** What has to have come of the earlier work before the later one may begin. */
enum Ready: string
{
    /** It is done. */
    case Done = 'done';
    /** The film it laid is dry to handle: it takes a further coat and marks no more under a hand. */
    case Handle = 'handle';
    /** The film it laid is hard throughout. */
    case Cured = 'cured';
}
