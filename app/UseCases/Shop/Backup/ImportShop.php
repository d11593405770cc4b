<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\Models\AddressToken;
use App\Models\EntryChain;
use App\UseCases\Shop\Backup\Stores\DataStore;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use JsonException;
use ZipArchive;

/** Reads an open archive into an installation in which nobody has done anything yet: all of it, or nothing. */
final readonly class ImportShop
{
    private const AT_ONCE = 200;

    public function __construct(private DataStore $store)
    {
    }

    /**
     * @return array<string, int> table => rows
     *
     * @throws BackupFailed that says what is wrong with it, with nothing taken
     */
    public function from(string $path): array
    {
        [$zip, $counts] = $this->opened($path);
        if (DB::table('users')->exists()) {
            throw BackupFailed::because('There is a shop here already. Read it into an empty installation.');
        }
        $rows = [];
        $this->store->readingIn(function () use ($zip, $counts, &$rows): void {
            foreach (ExportShop::tables() as $table) {
                $rows[$table] = $this->read($zip, $table);
                if ($rows[$table] !== ($counts[$table] ?? 0)) {
                    throw BackupFailed::because("{$table} should hold ".($counts[$table] ?? 0)." rows and holds {$rows[$table]}.");
                }
            }
            $lost = $this->store->lost();
            $lost === 0 || throw BackupFailed::because("{$lost} rows point to something that is not in the archive.");
            EntryChain::broken() === [] || throw BackupFailed::because('The record in the archive does not hang together.');
        });
        $this->files($zip);
        $zip->close();

        return $rows;
    }

    /**
     * @return array{ZipArchive, array<string, int>} with the rows by table that its manifest names
     *
     * @throws BackupFailed
     */
    private function opened(string $path): array
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw BackupFailed::because("{$path} is no archive that can be opened.");
        }
        $manifest = json_decode((string) $zip->getFromName(OpenArchive::MANIFEST), true);
        if (! is_array($manifest) || ($manifest['format'] ?? '') !== OpenArchive::FORMAT) {
            throw BackupFailed::because('The archive has no manifest of the format '.OpenArchive::FORMAT.'.');
        }

        return [$zip, array_map(intval(...), (array) ($manifest['rows'] ?? []))];
    }

    /** @return int rows */
    private function read(ZipArchive $zip, string $table): int
    {
        $in = $zip->getStream("{$table}.jsonl");
        if ($in === false) {
            return 0;
        }
        $known = array_flip(Schema::getColumnListing($table));
        $count = 0;
        $rows = [];
        while (($line = fgets($in)) !== false) {
            try {
                $row = json_decode($line, true, 16, JSON_THROW_ON_ERROR);
            } catch (JsonException) {
                throw BackupFailed::because("{$table}.jsonl, line ".($count + 1).': this is no row that can be read.');
            }
            $rows[] = self::locked($table, array_intersect_key((array) $row, $known));
            $count++;
            if (count($rows) === self::AT_ONCE) {
                DB::table($table)->insert($rows);
                $rows = [];
            }
        }
        fclose($in);
        $rows === [] || DB::table($table)->insert($rows);

        return $count;
    }

    /**
     * Locked with the key of this machine; an address that could not be opened where it came from is made anew.
     *
     * @param  array<string, mixed>  $row
     *
     * @return array<string, mixed>
     */
    private static function locked(string $table, array $row): array
    {
        foreach (OpenArchive::LOCKED[$table] ?? [] as $column) {
            $token = is_string($row[$column] ?? null) ? AddressToken::of($row[$column]) : AddressToken::random();
            $row[$column] = Crypt::encryptString($token->token);
            $row["{$column}_hash"] = $token->hash();
        }

        return $row;
    }

    private function files(ZipArchive $zip): void
    {
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (! str_starts_with($name, 'files/') || str_contains($name, '..') || str_ends_with($name, '/')) {
                continue;
            }
            $in = $zip->getStream($name);
            $in === false || Storage::put(substr($name, 6), $in);
        }
    }
}
