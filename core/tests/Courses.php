<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests;

use Symfony\Component\Yaml\Yaml;

/** The worked bench courses in `core/tests/courses`, each an invented job with what must be said after each entry. */
final class Courses
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function all(): iterable
    {
        foreach (glob(__DIR__.'/courses/*.yaml') ?: [] as $file) {
            yield basename($file, '.yaml') => [Yaml::parseFile($file)];
        }
    }

    /**
     * One in six, for what is tried on every one of them many times over: the same each time, and all where EVERY_COURSE is set, as
     * `bin/test --days` does.
     *
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function some(): iterable
    {
        foreach (self::all() as $name => $course) {
            if (getenv('EVERY_COURSE') !== false || crc32($name) % 6 === 0) {
                yield $name => $course;
            }
        }
    }
}
