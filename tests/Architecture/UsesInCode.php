<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Name;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which room uses which, read from the code itself. */
final readonly class UsesInCode
{
    /**
     * @param  array<string, int>  $classes room => how many classes it holds; '' = outside every room
     * @param  array<string, array<string, int>>  $uses room => used room => in how many classes
     */
    private function __construct(public array $classes, public array $uses)
    {
    }

    /** @param  list<string>  $rooms below the namespace, longer names first where one begins another */
    public static function below(string $folder, string $namespace, array $rooms): self
    {
        $parser = (new ParserFactory)->createForHostVersion();
        $classes = $uses = [];
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, RecursiveDirectoryIterator::SKIP_DOTS));
        foreach ($files as $file) {
            assert($file instanceof SplFileInfo);
            if ($file->getExtension() !== 'php') {
                continue;
            }
            $relative = str_replace('/', '\\', substr($file->getPathname(), strlen($folder) + 1));
            $room = self::room($relative, $rooms);
            $classes[$room] = ($classes[$room] ?? 0) + 1;
            $resolver = new NodeTraverser(new NameResolver);
            $tree = $resolver->traverse($parser->parse((string) file_get_contents($file->getPathname())) ?? []);
            $used = [];
            foreach ((new NodeFinder)->findInstanceOf($tree, Name::class) as $name) {
                $full = $name->toString();
                if ($name instanceof Node\Name\FullyQualified && str_starts_with($full, "{$namespace}\\")) {
                    $used[self::room(substr($full, strlen($namespace) + 1), $rooms)] = true;
                }
            }
            foreach (array_keys(array_diff_key($used, [$room => true])) as $other) {
                $uses[$room][$other] = ($uses[$room][$other] ?? 0) + 1;
            }
        }

        return new self($classes, $uses);
    }

    /**
     * The floor of each room: 0 for one that uses no other, else one above the highest it uses.
     *
     * @param  list<string>  $rooms bottom up
     *
     * @return array<string, int>
     */
    public function floors(array $rooms): array
    {
        $floors = [];
        foreach ($rooms as $room) {
            $below = array_map(fn (string $used): int => $floors[$used] ?? 0, array_keys($this->uses[$room] ?? []));
            $floors[$room] = $below === [] ? 0 : max($below) + 1;
        }

        return $floors;
    }

    /** @param  list<string>  $rooms */
    private static function room(string $class, array $rooms): string
    {
        foreach ($rooms as $room) {
            if (str_starts_with($class, "{$room}\\")) {
                return $room;
            }
        }

        return '';
    }
}
