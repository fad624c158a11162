<?php

declare(strict_types=1);

/* Puts the towns of the gazetteer (bin/gazetteer.cjs writes them) into a database of their own, once. */

chdir(dirname(__DIR__));
require 'vendor/autoload.php';
use App\Desks\Brief\Gazetteer;

$new = Gazetteer::path().'.new';
@unlink($new);
$db = new PDO("sqlite:{$new}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$db->exec('CREATE TABLE towns (plain TEXT, name TEXT, region TEXT, country TEXT, lat REAL, lng REAL, zone TEXT)');
$db->beginTransaction();
$into = $db->prepare('INSERT INTO towns VALUES (?, ?, ?, ?, ?, ?, ?)');
$count = 0;
while (($line = fgets(STDIN)) !== false) {
    $town = explode("\t", rtrim($line, "\n"));
    if (count($town) === 6) {
        $into->execute([Gazetteer::plain($town[0]), ...$town]);
        $count++;
    }
}
$db->commit();
$db->exec('CREATE INDEX by_name ON towns (plain)');
$db->exec('CREATE INDEX by_place ON towns (lat, lng)');
unset($into, $db);
if ($count === 0) {
    fwrite(STDERR, "No towns were read.\n");
    exit(1);
}
rename($new, Gazetteer::path());
