<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Support\Carbon;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\StrikeOut;

/** One line of the record as the page shows it. */
final readonly class RecordRow
{
    /**
     * @param  bool  $isNew someone else wrote it since the reader last looked
     * @param  list<string>  $beside its values beside those of good ones of the same model, in words
     */
    public function __construct(
        public Entry $entry,
        public string $by,
        public Carbon $at,
        public ?StrikeOut $struck,
        public ?Thumb $thumb,
        public bool $isNew = false,
        public array $beside = [],
    ) {
    }

    public function canBeStruck(): bool
    {
        return $this->struck === null && ! ($this->entry instanceof StrikeOut);
    }
}
