<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use App\Models\BringIn;
use App\Models\Owner;
use App\Models\User;

/** Customers of before. Who stands here with the same name and telephone or mail is not written down twice; who is only alike is. */
final class TakesOwners implements TakesRows
{
    public function against(array $rows): array
    {
        return [];
    }

    public function take(array $rows, User $by, BringIn $from): string
    {
        $added = 0;
        foreach ($rows as $row) {
            $given = self::given($row);
            if (self::same($given) === null) {
                Owner::query()->create($given);
                $added++;
            }
        }
        $there = count($rows) - $added;

        return "{$added} customers were brought in".($there > 0 ? "; {$there} stood here already." : '.');
    }

    /**
     * @param  array<string, string|int>  $row
     *
     * @return array{name: string, phone: string, email: string}
     */
    public static function given(array $row): array
    {
        return [
            'name' => trim(($row['first_name'] ?? '').' '.$row['name']),
            'phone' => (string) $row['phone'],
            'email' => (string) $row['email'],
        ];
    }

    /**
     * Who stands here with the very same name, and no other telephone or mail.
     *
     * @param  array{name: string, phone: string, email: string}  $given
     */
    public static function same(array $given): ?Owner
    {
        $key = Owner::phoneKey($given['phone']);

        return Owner::query()
            ->whereNull('joined_into')
            ->whereRaw('lower(name) = ?', [mb_strtolower($given['name'])])
            ->where('phone_key', $key)
            ->whereRaw('lower(email) = ?', [mb_strtolower($given['email'])])
            ->first();
    }
}
