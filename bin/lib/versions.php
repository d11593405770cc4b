<?php

declare(strict_types=1);

/*
 * Writes down the versions of the PHP libraries that are installed here, one "name:version" a line, into composer.versions: from then on
 * they are the ones that every machine takes. Run it after `composer update`, once the suite has passed with what that brought.
 */

$installed = json_decode((string) file_get_contents('vendor/composer/installed.json'), true, flags: JSON_THROW_ON_ERROR);
$lines = array_map(fn (array $package): string => "{$package['name']}:{$package['version']}\n", $installed['packages']);
sort($lines);
file_put_contents('composer.versions', implode('', $lines));
echo count($lines)." versions are written down.\n";
