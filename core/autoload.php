<?php

declare(strict_types=1);

/*
 * Loads the core and the plain command line without Composer, so that a bag can be checked on any
 * machine that has PHP.
 */
spl_autoload_register(static function (string $class): void {
    $rooms = ['NorthSatchel\\' => __DIR__, 'App\\' => dirname(__DIR__).'/app'];
    foreach ($rooms as $prefix => $folder) {
        if (str_starts_with($class, $prefix)) {
            $file = $folder.'/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
            if (is_file($file)) {
                require $file;
            }

            return;
        }
    }
});
