<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * In which box a family of faults lies for somebody, and from which day it is due again.
 *
 * @property int    $user_id
 * @property string $family
 * @property int    $box  as Orthoscope\Core\Practice\Boxes has them
 * @property Carbon $due
 */
class PracticeBox extends Model
{
    use KeptInUtc;

    protected $fillable = ['user_id', 'family', 'box', 'due'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['due' => 'date:Y-m-d'];
    }
}
