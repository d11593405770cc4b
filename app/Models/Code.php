<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Orthoscope\Core\Codes\CodeKind;
use Orthoscope\Core\Codes\CodeMeaning;

/**
 * A meaning of a code that the shop added.
 *
 * @property int    $id
 * @property string $kind
 * @property string $for
 * @property string $from
 * @property string $to
 * @property string $value
 * @property string $words
 * @property string $source
 * @property float  $reliability
 */
class Code extends Model
{
    use KeptInUtc;

    protected $fillable = ['kind', 'for', 'from', 'to', 'value', 'words', 'source', 'reliability', 'user_id'];

    public function meaning(): CodeMeaning
    {
        return new CodeMeaning(
            kind: CodeKind::from($this->kind),
            for: $this->for,
            from: $this->from,
            to: $this->to,
            value: $this->value,
            words: $this->words,
            source: $this->source,
            reliability: $this->reliability,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['reliability' => 'float'];
    }
}
