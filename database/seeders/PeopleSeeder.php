<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;

/** Demo log-ins. The password is only for the demo. */
class PeopleSeeder extends Seeder
{
    public const PASSWORD = 'lantern-demo';

    public const PEOPLE = [
        ['Oda Brandt', 'oda', Role::Counter],
        ['Piet Calder', 'piet', Role::Technician],
        ['Rhea Lind', 'rhea', Role::Technician],
        ['Maud Okoro', 'maud', Role::Lead],
    ];

    public function run(): void
    {
        foreach (self::PEOPLE as [$name, $logIn, $role]) {
            User::query()->create(['name' => $name, 'email' => $logIn, 'password' => self::PASSWORD, 'role' => $role]);
        }
    }
}
