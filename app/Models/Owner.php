<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property string $name
 * @property string $phone
 * @property string $email
 */
class Owner extends Model
{
    protected $fillable = ['name', 'phone', 'email'];
}
