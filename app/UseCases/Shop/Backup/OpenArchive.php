<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

/** The whole shop as one open archive: what stands in it, and what does not. */
final class OpenArchive
{
    public const FORMAT = 'orthoscope-shop/1';

    public const MANIFEST = 'manifest.json';

    /** What a machine needs for a while and nobody wants elsewhere. */
    public const LEFT_OUT = [
        'migrations', 'taken_once', 'to_follow', 'backups', 'bring_ins', 'sqlite_sequence',
        'sessions', 'cache', 'cache_locks', 'queued', 'failed_jobs',
    ];

    /** @var array<string, list<string>> table => columns that are locked with the key of the machine: written open, and locked anew */
    public const LOCKED = ['jobs' => ['letter_token'], 'quotes' => ['token']];

    /** @var array<string, list<string>> table => columns that leave nobody's machine: passwords of servers, secrets of second factors */
    public const SECRET = ['users' => ['second_secret', 'recovery_hashes', 'remember_token']];

    /** Names of settings whose values are secrets. */
    public const SECRET_SETTINGS = ['smtpSecret', 'smsSecret', 'backupSecret'];
}
