<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/** Times that a query is asked with are turned to UTC, as rows keep them; see KeptInUtc. */
trait TurnsTimesToUtc
{
    /**
     * @param  array<mixed>  $bindings
     *
     * @return array<mixed>
     */
    public function prepareBindings(array $bindings): array
    {
        $utc = new DateTimeZone('UTC');

        return parent::prepareBindings(
            array_map(
                fn (mixed $value): mixed => $value instanceof DateTimeInterface
                    ? DateTimeImmutable::createFromInterface($value)->setTimezone($utc)
                    : $value,
                $bindings,
            ),
        );
    }
}
