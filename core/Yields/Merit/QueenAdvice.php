<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** What a queen's figures speak for. */
enum QueenAdvice: string
{
    case Breed = 'breed';
    case Keep = 'keep';
    case Watch = 'watch';
    case Requeen = 'requeen';
    case Unknown = 'too little known';
}
