<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Why the first of ranked methods stands before the second; the figures of each stand behind it. */
enum RankReason: string
{
    case NoMethod = 'no-method';

    case OnlyMethod = 'only-method';

    /** person_minutes: less than the next */
    case LessWork = 'less-work';

    /** person_minutes: less than the next; risk: of robbing */
    case LessWorkAtRisk = 'less-work-at-risk';

    /** person_minutes: more than the next; risk: of robbing */
    case FewerBees = 'fewer-bees';

    /** person_minutes: more than the next; risk: of robbing. No fewer bees: robbing or a second drive decided */
    case SaferOrNearer = 'safer-or-nearer';
}
