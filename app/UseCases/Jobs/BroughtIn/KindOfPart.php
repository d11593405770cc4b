<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use Orthoscope\Core\Catalogue\Catalogue;

/** A kind of part by its id, its name, or what people of the trade call it. */
final class KindOfPart
{
    /** The id of the kind; what was typed where none is called so. */
    public static function of(string $typed, Catalogue $catalogue): string
    {
        $word = mb_strtolower(trim($typed));
        foreach ($catalogue->parts as $id => $kind) {
            if (
                $word === $id
                || $word === mb_strtolower($kind->name)
                || in_array($word, array_map(mb_strtolower(...), $kind->also), true)
            ) {
                return $id;
            }
        }
        $called = $catalogue->partsCalled($typed);

        return count($called) === 1 ? $called[0]->id : $typed;
    }
}
