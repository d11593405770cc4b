<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\UseCases\Shop\ReceiveReading;
use Illuminate\Console\Command;
use InvalidArgumentException;

/** Hands a reading (JSON on standard input) to a bench: the way instruments come in. */
final class ReceiveReadingCommand extends Command
{
    protected $signature = 'readings:receive {bench : number of the bench}';

    protected $description = 'Takes a reading of an instrument, as JSON on standard input, to a bench';

    public function handle(ReceiveReading $receive): int
    {
        try {
            $receive->at((int) $this->argument('bench'), (string) stream_get_contents(STDIN));
        } catch (InvalidArgumentException $mistake) {
            $this->getOutput()->getErrorStyle()->writeln($mistake->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
