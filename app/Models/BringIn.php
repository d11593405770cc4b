<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;
use Orthoscope\Core\Imports\Sheet;
use Orthoscope\Core\Imports\SheetKind;

/**
 * A file of somebody else's program that is being brought in.
 *
 * @property int     $id
 * @property SheetKind $kind
 * @property string  $name as it was called where it came from
 * @property string  $file as it is kept here until it was brought in
 * @property ?int    $supplier_id of a price list
 * @property ?array<string, int> $mapping field => place of its heading
 * @property string  $came_of_it in words
 * @property ?Carbon $done_at
 * @property Carbon  $created_at
 */
class BringIn extends Model
{
    use KeptInUtc;

    protected $fillable = ['kind', 'name', 'file', 'supplier_id', 'mapping', 'came_of_it', 'done_at', 'user_id'];

    protected $attributes = ['supplier_id' => null, 'mapping' => null, 'came_of_it' => '', 'done_at' => null];

    public function sheet(): Sheet
    {
        return Sheet::read($this->kind, (string) Storage::get($this->path()));
    }

    public function path(): string
    {
        return "bring-in/{$this->file}";
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SheetKind::class, 'mapping' => 'array', 'done_at' => 'datetime'];
    }
}
