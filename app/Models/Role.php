<?php

declare(strict_types=1);

namespace App\Models;

/** What a member of an operation may do. */
enum Role: string
{
    /** Everything, members and the operation itself included. */
    case Owner = 'owner';

    /** All the work: yards, records, plans, policy, deleting. */
    case Keeper = 'keeper';

    /** Records what is seen and done; may not delete or change policy. */
    case Helper = 'helper';

    /** Reads. */
    case Viewer = 'viewer';

    /** @var array<string, list<self>> ability => the roles that have it; every route names one */
    public const ABILITIES = [
        'view' => [self::Owner, self::Keeper, self::Helper, self::Viewer],
        'record' => [self::Owner, self::Keeper, self::Helper],
        'manage' => [self::Owner, self::Keeper],
        'own' => [self::Owner],
    ];
}
