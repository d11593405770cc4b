<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\OwnValue;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Orthoscope\Core\Catalogue\Catalogue;

/** Keeps values of the catalogue that the shop sets for itself, with who and when; what is as it was is not written again. */
final class SetOwnValues
{
    /**
     * @param  array<string, int|float|bool|string|null>  $values path => value; null puts back what ships
     *
     * @return int how many changed
     */
    public static function set(array $values, User $by): int
    {
        $changed = DB::transaction(function () use ($values, $by): int {
            $before = OwnValue::inForce();
            $changed = array_filter(
                $values,
                fn (int|float|bool|string|null $value, string $path): bool => ($before[$path] ?? null) !== $value,
                ARRAY_FILTER_USE_BOTH,
            );
            foreach ($changed as $path => $value) {
                OwnValue::query()->create(['path' => $path, 'value' => $value, 'user_id' => $by->id]);
            }

            return count($changed);
        });
        app()->forgetInstance(Catalogue::class);

        return $changed;
    }
}
