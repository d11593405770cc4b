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

    /** What the demo shop says of itself. */
    public const SHOP = [
        'name' => 'Lantern Street Repairs',
        'address' => '7 Lantern Street, Port Ansel',
        'phone' => '0555 014 220',
        'mail' => 'bench@lantern.example',
    ];

    public function run(): void
    {
        shop()->set(self::SHOP, null);
        foreach (self::PEOPLE as [$name, $logIn, $role]) {
            User::query()->create(['name' => $name, 'email' => $logIn, 'password' => self::PASSWORD, 'role' => $role]);
        }
    }
}
