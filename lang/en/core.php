<?php

declare(strict_types=1);

// What the core says, by the name of its enum and the value of its case. Each :name is a figure of the statement, as
// its name says: a share in per cent, a mass, a temperature or a day as its reader wants it (App\Words\Figures).
return [
    'Verdict' => [
        'take' => 'Take',
        'take-and-dry' => 'Dry first',
        'wait' => 'Wait',
        'rearrange' => 'Rearrange',
        'leave' => 'Leave',
        'look' => 'Check',
        'read-water' => 'Read water',
    ],
    'advice' => [
        'take' => 'Take this super. The honey is ripe.',
        'take-and-dry' => 'Take this super, but dry it before extraction.',
        'wait' => 'Wait. This super is not ripe yet.',
        'rearrange' => 'Rearrange: gather the ripe frames and leave the rest.',
        'leave' => 'Leave this super with the bees.',
        'look' => 'Check this super before you decide.',
        'read-water' => 'Read the water before you decide.',
    ],
    'Reason' => [
        'brood' => 'A frame of this super has brood.',
        'put-on-empty' => '{0} Put on empty today.|{1} Put on empty yesterday, not inspected since.'
            .'|[2,*] Put on empty :days days ago, not inspected since.',
        'little-nectar-since' => '{0} The flow was over by then, so it holds little.'
            .'|{1} Nectar came in for one day more at most, so it holds little.'
            .'|[2,*] Nectar came in for :days days more at most, so it holds little.',
        'season-over' => 'Nobody inspected this super since the season ended. What is in it is winter stores.',
        'no-honey' => 'The inspected frames have no honey.',
        'shake-failed' => 'Nectar rains from a shaken frame: the open honey is too wet to extract. '
            .'A reading of open cells of at most :most_pct % would change this.',
        'policy-met' => 'Ripe by your rule: :p % likely. You asked for :asked %.',
        'policy-open' => 'Not sure yet: ripe by your rule is :p % likely. You asked for :asked %.',
        'policy-not-met' => 'Ripe by your rule: only :p % likely. You asked for :asked %.',
        'flow-on' => 'The flow is not over yet.',
        'sealed' => 'All of the honey is capped. Capped honey does not dry on the hive.',
        'rest-unstated' => '{1} Of one frame you did not say what is not capped: open or empty. It is estimated.'
            .'|[2,*] Of :frames frames you did not say what is not capped: open or empty. It is estimated.',
        'under-capped' => 'A super above this one is capped, so more capping is expected here.',
        'capped-share' => ':share % of the honey is capped (range :low to :high %). Your rule asks for :asked %.',
        'water-measured' => 'Water read: :read_pct %. With the capping: :pct % (:low_pct to :high_pct). Your limit is :most_pct %.',
        'water-presumed' => 'No water reading. Estimated :pct % (:low_pct to :high_pct) from the capping. '
            .'Your limit is :most_pct %.',
        'can-dry' => 'At most :most_pct % water and nearly enough capped: the drying room can do the rest.',
        'frames-presumed' => ':frames of :of frames were not inspected and are estimated.',
        'frames-glanced' => ':frames frames were not pulled but copied from another. They count as less certain.',
        'some-frames-ripe' => ':frames frames are ripe and can be gathered. The rest stays.',
    ],
    'TakingCaution' => [
        'no-refractometer' => 'Judged by the capping alone. About a quarter of such supers have more than 18 % water.',
        'look-for-the-queen' => 'No excluder, and frames not inspected: check for brood and the queen before you take this super.',
    ],
    'RipenessSchool' => [
        'capped-and-refractometer' => 'capped part and refractometer',
        'capped-only' => 'fully capped only',
        'capped-90' => 'at least 90 % of the honey capped',
        'refractometer' => 'refractometer alone',
    ],
    'WinterSchool' => [
        'computed' => 'calculated by climate and strength',
        'full-super' => 'a full super at least',
        'box-rule' => 'a number of boxes',
        'take-all' => 'take all supers and feed',
        'leave-all' => 'leave all, take the rest in spring',
    ],
    'chosenRipeness' => [
        'capped-and-refractometer' => 'Take a super when enough is capped and the refractometer agrees.',
        'capped-only' => 'Take a super only when all of it is capped.',
        'capped-90' => 'Take a super when nine tenths are capped.',
        'refractometer' => 'Take a super when the refractometer says so, capped or not.',
    ],
    'chosenWinter' => [
        'computed' => 'Calculate what each hive needs, and leave that.',
        'full-super' => 'Leave each hive a full super.',
        'box-rule' => 'Leave each hive a number of boxes.',
        'take-all' => 'Take all supers and feed.',
        'leave-all' => 'Leave all supers until spring.',
    ],
    'Method' => [
        'brush' => 'brush',
        'escape-board' => 'escape boards',
        'fume-board' => 'fume boards',
        'blower' => 'blower',
        'by-frame' => 'frame by frame',
        'cold' => 'in the cold',
    ],
    'taking' => [
        'escape-board' => 'Lift each super off its board gently, brush off the last bees, and cover the super at once.',
        'fume-board' => 'Smoke a little first. Put the board on top, wetted as its label says. Remove it when the bees are down.',
        'blower' => 'Stand each super on its end beside the hive. Blow between the frames towards the entrance, then cover the super.',
        'brush' => 'Shake each frame, brush the last bees downwards, and put the frame into a covered box at once.',
        'by-frame' => 'Take only finished frames: shake, brush, and put them into a covered carrying box. Gather the frames that stay.',
        'cold' => 'The day before, break the seal and take the excluder out. Lift the supers off at the coldest hour.',
    ],
    'Refusal' => [
        'no-super' => 'No super can come off.',
        'too-few-boards' => ':boards boards for :hives hives: :short short.',
        'brood-above' => 'Supers of :hives have brood: bees do not leave brood.',
        'too-few-days' => 'This method needs two days with a forecast.',
        'no-fume-board' => 'You have no fume board.',
        'no-blower' => 'You have no blower.',
        'no-warm-dry-day' => 'No day of the forecast is dry and at least :celsius.',
        'no-dry-day' => 'No day of the forecast is dry enough.',
        'robbed' => 'These hives were robbed a few days ago: use a method that leaves no honey open.',
        'no-cold-dry-day' => 'No night of the forecast is dry and colder than :celsius.',
    ],
    'Caution' => [
        'right-side-up' => 'Boards right side up, gaps taped, no upper entrance, at most three nights.',
        'follow-the-label' => 'Repellent: follow the label, wear gloves, work in open air. Some repellents taint honey.',
        'noise-and-debris' => 'Noise and flying debris: protect ears and eyes; keep people away.',
        'cover-at-once' => 'Cover each box at once: robbing is hard to stop.',
        'break-the-seal-again' => 'Break the seal and take the excluder out the day before. The cluster must be below.',
        'look-for-the-queen' => 'No excluder on :hive: check for brood and the queen first.',
    ],
    'RankReason' => [
        'no-method' => 'No method can be used on these days.',
        'only-method' => 'Only this method can be used.',
        'less-work' => 'Saves :person_minutes person-minutes over the next method.',
        'less-work-at-risk' => 'Saves :person_minutes person-minutes, but the risk of robbing is :risk.',
        'safer-or-nearer' => 'Needs :person_minutes person-minutes more. The risk of robbing is :risk.',
        'fewer-bees' => 'Needs :person_minutes person-minutes more, but leaves fewer bees and a :risk risk of robbing.',
    ],
    'SpinSide' => [
        'first' => 'first side',
        'second' => 'other side',
        'both' => 'both sides',
    ],
    'SpinReason' => [
        'first-half-slow' => 'Start slowly until half of this side is out. The full side behind can break the comb.',
        'fresh-comb' => 'Even slower: new comb and comb without wire break easily.',
        'full-speed' => 'Fast: the other side is half empty now.',
        'last-of-first' => 'Turn once more: the rest of the first side.',
        'out-of-balance' => ':g g out of balance: run slower, so that the pull stays under :limit_n N.',
        'not-to-be-balanced' => ':g g out of balance: arrange the frames differently, or add empty combs.',
        'thick' => 'Thick honey: warm the combs first, or much honey stays in the cells.',
    ],
    'FlowReason' => [
        'too-few-days' => 'Fewer than 3 full days of scale readings: too few to judge.',
        'scale-change' => 'The scale hive changed by :kg per day over its last full days: :phase.',
        'sign-seen' => ':sign (:on): odds times :ratio.',
    ],
    'FilterReason' => [
        'scale-last-5-days' => 'The scale over the last five days: :how :for.',
        'scale-before' => 'The scale before that: :how :for.',
        'weather' => 'The flight weather: :how :for.',
        'sign' => ':Sign: :how :for.',
        'look' => 'One more sign would tell you most: :sign.',
        'look-scale' => 'A weight of the scale hive would tell you most: the last one is days old.',
    ],
    'Sign' => [
        'main-bloom' => 'the main bloom',
        'robbing-test' => 'the robbing test',
        'eating-capped' => 'bees eating capped honey',
        'new-wax' => 'new wax',
        'shake' => 'a shaken frame',
    ],
    'seen' => [
        'main-bloom:finished' => 'main bloom finished',
        'main-bloom:on' => 'main bloom still on',
        'robbing-test:robbed' => 'open honey set aside was robbed',
        'robbing-test:ignored' => 'open honey set aside was ignored',
        'eating-capped:seen' => 'bees open and eat capped honey',
        'new-wax:seen' => 'bees build new white wax',
        'shake:nectar' => 'nectar rains from a shaken frame',
    ],
    'ScheduleLimit' => [
        'crew' => 'minutes of crew time',
        'truck' => 'supers on the truck',
        'boards' => 'escape boards',
        'hold' => 'supers in the honey room',
    ],
    'lacking' => [
        'boards' => ':short escape boards on :day',
        'truck' => 'room for :short supers on the truck on :day',
        'hold' => 'room for :short supers in the honey room on :day',
        'crew' => ':short minutes of crew time on :day',
    ],
    'ShortfallReason' => [
        'no-crew-time' => 'No day has crew time.',
        'no-kit' => ':yard: you have no kit for any method allowed there.',
        'no-crew-day' => ':yard: no day from :from has crew time.',
        'no-weather' => ':yard: no day with crew time from :from has the weather, or two days for boards. '
            .'One more dry day, or escape boards, would help.',
        'no-day-in-time' => ':yard: no day from :ready to the deadline, :deadline, has both crew time and weather. '
            .'A later deadline, or boards, would help.',
        'too-few-boards' => ':yard: :hives hives need :hives escape boards; you have :boards. Get :short more, or visit the yard in parts.',
        'beyond-truckload' => ':yard: :supers supers come off and the truck takes :room. Visit the yard in parts.',
        'beyond-honey-room' => ':yard: :supers supers come off and the honey room holds :room. Visit the yard in parts.',
        'fits-no-day' => ':yard fits on no day. Least is missing on :day: :short minutes.',
        'would-fit' => ':yard would fit on :day by :method, but the search found this too costly. '
            .'Search again, or lock the visit there.',
        'lacks' => ':yard by :method on :day lacks :what.',
    ],
];
