<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Assessment\Kept;
use Orthoscope\Core\Evidence\Record;

/** Works out an assessment, with what to go on from when the record grows. Open, so that tests may remember what was worked out before. */
class Reckoner
{
    /**
     * @param  callable(): Adviser  $adviser
     * @param  string  $follows hash of all that it follows from beside the record and the time
     *
     * @return array{Assessment, ?Kept}
     */
    public function reckon(callable $adviser, Record $record, string $now, string $follows): array
    {
        $adviser = $adviser();

        return [$adviser->assess($record, $now), $adviser->kept()];
    }
}
