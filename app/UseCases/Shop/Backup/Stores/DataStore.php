<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup\Stores;

use App\UseCases\Shop\Backup\BackupFailed;

/** What the shop's rows are kept in, as far as copying, looking at and putting back goes. */
interface DataStore
{
    /** Name under which a copy lies in a backup; each kind of store has its own. */
    public function name(): string;

    /** Extension of PHP that it needs. */
    public function extension(): string;

    /** Whether nothing was ever kept in it. */
    public function isNew(): bool;

    /** What is wrong with it, by its own check; empty where nothing is. */
    public function ill(): string;

    /** Rows that point to something that is not there. */
    public function lost(): int;

    /**
     * One moment of it, while others write on.
     *
     * @param  string  $file that is not there yet
     *
     * @throws BackupFailed
     */
    public function copyTo(string $file): void;

    /**
     * Opens a copy beside what runs, for as long as it is looked at.
     *
     * @param  callable(string): void  $look gets the name of its connection
     *
     * @throws BackupFailed
     */
    public function open(string $file, callable $look): void;

    /**
     * Puts a copy in the place of what is there.
     *
     * @param  string  $before a folder for what was there
     *
     * @return string where what was there before lies now
     *
     * @throws BackupFailed with what is there as it was
     */
    public function replaceBy(string $file, string $before): string;

    /** Reads as of one moment, while others write on. */
    public function asOfOneMoment(callable $read): void;

    /** Rows are read in before those that they point to. */
    public function readingIn(callable $read): void;

    /** After rows were written with ids of their own, those of the next ones go on from the highest. */
    public function idsGoOn(): void;
}
