<?php

declare(strict_types=1);

namespace App\Words;

/** What a text is on its page; the value is the most words that it may have. */
enum SentenceUse: int
{
    case Label = 4;

    case Button = 5;

    case Heading = 8;

    case Text = 20;
}
