<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Symfony\Component\Finder\Finder;

/**
 * How long each method of the code is, and how often it decides. Counted as McCabe (1976) does, one for each branch and each
 * condition joined to another; a match over a value is a table and counts once.
 */
final class Shapes
{
    /** @return array<string, array{int, int}> "folder/Class.php::method" => lines, decisions */
    public static function in(string ...$folders): array
    {
        $parser = (new ParserFactory)->createForNewestSupportedVersion();
        $shapes = [];
        foreach (Finder::create()->files()->in($folders)->name('*.php') as $file) {
            $in = basename(dirname($file->getPathname())).'/'.$file->getFilename();
            $code = $parser->parse($file->getContents()) ?? [];
            foreach ((new NodeFinder)->findInstanceOf($code, Node\Stmt\ClassMethod::class) as $method) {
                $lines = $method->getEndLine() - $method->getStartLine() + 1;
                $shapes["{$in}::{$method->name}"] = [$lines, 1 + self::decisions($method)];
            }
        }

        return $shapes;
    }

    private static function decisions(Node\Stmt\ClassMethod $method): int
    {
        $decisions = 0;
        foreach ((new NodeFinder)->findInstanceOf($method->stmts ?? [], Node::class) as $node) {
            $decisions += match (true) {
                $node instanceof Node\Stmt\If_,
                $node instanceof Node\Stmt\ElseIf_,
                $node instanceof Node\Stmt\For_,
                $node instanceof Node\Stmt\Foreach_,
                $node instanceof Node\Stmt\While_,
                $node instanceof Node\Stmt\Catch_,
                $node instanceof Node\Expr\Ternary,
                $node instanceof Node\Expr\BinaryOp\BooleanAnd,
                $node instanceof Node\Expr\BinaryOp\BooleanOr => 1,
                $node instanceof Node\Expr\Match_ => self::arms($node),
                default => 0,
            };
        }

        return $decisions;
    }

    private static function arms(Node\Expr\Match_ $match): int
    {
        return $match->cond instanceof Node\Expr\ConstFetch
            ? count(array_filter($match->arms, static fn (Node\MatchArm $arm): bool => $arm->conds !== null))
            : 1;
    }
}
