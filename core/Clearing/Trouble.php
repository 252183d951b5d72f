<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Why a planned visit cannot go as it is planned. */
enum Trouble: string
{
    /** Its day is past, and nobody was there. */
    case Missed = 'missed';

    case Rain = 'rain';

    /** The day is too cold for the method, or its night too warm. */
    case Temperature = 'temperature';

    /** Its hives were robbed a few days ago, and its method leaves honey open: it wants another method. */
    case Robbed = 'robbed';
}
