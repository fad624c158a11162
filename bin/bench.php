<?php

declare(strict_types=1);

/*
 * Measures side by side, in one run: pages against a bare route of the same server, copying with read-back
 * against cp and the hashes of plain tools, the twin check against cmp, the lightest kit against glpsol. Figures
 * are ratios; the seconds beside them are of this machine.
 *
 * ./satchel bench [pages|copy|plan|kit|twin|index|history|crowd|day] [--mb N]
 */

require dirname(__DIR__).'/vendor/autoload.php';

foreach (['tools', 'pages', 'plan', 'kit', 'index', 'history', 'crowd', 'copies', 'day'] as $part) {
    require __DIR__."/bench/{$part}.php";
}

$at = array_search('--mb', $argv, true);
$megabytes = $at === false ? 4000 : max(25, (int) ($argv[$at + 1] ?? 4000));
$benches = [
    'twin' => static fn (): bool => benchTwin($megabytes),
    'kit' => benchKit(...),
    'pages' => benchPages(...),
    'plan' => benchPlan(...),
    'copy' => static fn (): bool => benchCopy($megabytes),
    'index' => benchIndex(...),
    'history' => benchHistory(...),
    'crowd' => benchCrowd(...),
    'day' => benchDay(...),
];
// The index, the long history and the crowd take a while: they are measured when asked for.
$asked = isset($benches[$argv[1] ?? '']) ? [$argv[1]] : array_diff(array_keys($benches), ['index', 'history', 'crowd']);
$isGood = true;
foreach ($asked as $what) {
    $isGood = $benches[$what]() && $isGood;
}
exit($isGood ? 0 : 1);
