<?php

declare(strict_types=1);

/*
 * Makes winter-quantiles.json: 200,000 winters drawn day by day with the language's own generator, sharing no code with
 * core/. Run by hand when the model of use changes: php tests/Reference/data/make-winter-quantiles.php > .../winter-quantiles.json
 */
const CASES = [
    'southern Baltic' => [
        [0.5, 0.5, 2.5, 7.0, 12.0, 15.5, 17.5, 17.0, 13.5, 9.0, 5.0, 2.0],
        '2026-10-01',
        '2027-04-20',
        10.0,
        2.0,
        9.0,
    ],
    'cold continental' => [
        [-4.5, -3.5, 0.8, 7.5, 13.8, 18.8, 21.2, 20.3, 16.2, 10.0, 4.5, -1.2],
        '2026-10-10',
        '2027-05-05',
        7.0,
        2.3,
        11.0,
    ],
    'mild oceanic' => [
        [7.0, 6.8, 7.8, 9.2, 11.8, 14.4, 16.3, 16.4, 14.8, 12.2, 9.5, 7.8],
        '2026-10-01',
        '2027-03-25',
        12.0,
        1.3,
        7.0,
    ],
];

function gauss(): float
{
    return sqrt(-2.0 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) *
        cos((2.0 * M_PI * mt_rand()) / mt_getrandmax());
}

mt_srand(4711);
$out = [];
foreach (CASES as $name => [$means, $from, $flow, $flowSd, $sd, $bees]) {
    $start = new DateTimeImmutable($from);
    $length = (int) $start->diff(new DateTimeImmutable($flow))->days;
    $last = $length + (int) (4.0 * $flowSd) + 1;
    $normal = $month = $brood = [];
    for ($d = 0; $d < $last; $d++) {
        $date = $start->modify("+$d days");
        $m = (int) $date->format('n');
        $at = ((int) $date->format('j') - 0.5) / (int) $date->format('t');
        [$a, $b, $w] =
            $at < 0.5
                ? [$means[($m + 10) % 12], $means[$m - 1], $at + 0.5]
                : [$means[$m - 1], $means[$m % 12], $at - 0.5];
        $normal[$d] = $a + $w * ($b - $a);
        $month[$d] = $m;
        $left = $length - $d;
        $brood[$d] = $left > 90 ? 0 : ($left > 60 ? 1 : ($left > 30 ? 3 : 5));
    }
    $uses = [];
    for ($n = 0; $n < 200000; $n++) {
        $error = [];
        $end = min($last, $length + (int) round($flowSd * gauss()));
        $kg = 0.0;
        for ($d = 0; $d < $end; $d++) {
            $error[$month[$d]] ??= $sd * gauss();
            $cold = 8.0 - $normal[$d] - $error[$month[$d]];
            $kg += (1.2 + ($cold > 0 ? 0.1 * $cold : 0.0) + $brood[$d]) / 30.0;
        }
        $uses[] = $kg * exp(0.12 * gauss()) * ($bees / 10.0) ** 0.75;
    }
    sort($uses);
    $row = [
        'name' => $name,
        'monthly_mean_c' => $means,
        'sd_c' => $sd,
        'from' => $from,
        'first_flow' => $flow,
        'first_flow_sd_days' => $flowSd,
        'frames_of_bees' => $bees,
        'mean' => round(array_sum($uses) / 200000, 4),
    ];
    foreach ([0.05, 0.5, 0.8, 0.95, 0.99] as $p) {
        $row['quantiles'][(string) $p] = round($uses[(int) round($p * 199999)], 4);
    }
    $out[] = $row;
}
echo json_encode($out, JSON_PRETTY_PRINT), "\n";
