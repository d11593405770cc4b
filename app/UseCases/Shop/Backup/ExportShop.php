<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\KeptFiles;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use stdClass;
use ZipArchive;

/** Writes the whole shop as one open archive: JSON lines for each table, and the files. Row by row, so that its size takes no memory. */
final readonly class ExportShop
{
    private const AT_ONCE = 2000;

    public function __construct(private DataStore $store)
    {
    }

    /**
     * @return array<string, int> table => rows
     *
     * @throws BackupFailed
     */
    public function to(string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw BackupFailed::because("{$path} cannot be written, or is there already. Choose another name.");
        }
        $rows = $scratch = [];
        $files = new KeptFiles;
        try {
            // One moment of all tables, while others write on.
            $this->store->asOfOneMoment(function () use ($zip, &$rows, &$scratch): void {
                foreach (self::tables() as $table) {
                    $scratch[] = $file = (string) tempnam(sys_get_temp_dir(), 'export');
                    $rows[$table] = self::write($table, $file);
                    $zip->addFile($file, "{$table}.jsonl");
                }
            });
            foreach ($files->all() as $name => $file) {
                str_starts_with($name, 'bring-in/') || $zip->addFile($file, "files/{$name}");
            }
            $zip->addFromString(
                OpenArchive::MANIFEST,
                json_encode(
                    ['format' => OpenArchive::FORMAT, 'made' => now()->toIso8601String(), 'rows' => $rows],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
            );
            $zip->close() || throw BackupFailed::because("{$path} could not be written whole: is the disk full?");
        } finally {
            array_map(unlink(...), array_filter($scratch, is_file(...)));
            $files->clear();
        }

        return $rows;
    }

    /** @return list<string> those that others point to before those that point to them */
    public static function tables(): array
    {
        $all = array_values(array_diff(array_column(Schema::getTables(), 'name'), OpenArchive::LEFT_OUT));
        $sorted = [];
        while ($all !== []) {
            foreach ($all as $i => $table) {
                $points = array_diff(array_column(Schema::getForeignKeys($table), 'foreign_table'), [$table]);
                if (array_diff($points, $sorted) === []) {
                    $sorted[] = $table;
                    unset($all[$i]);

                    continue 2;
                }
            }

            // A circle: what is left is taken as it comes, and held together at the end of the reading.
            return [...$sorted, ...$all];
        }

        return $sorted;
    }

    /** @return int rows */
    private static function write(string $table, string $file): int
    {
        $out = fopen($file, 'wb') ?: throw BackupFailed::because('Nothing can be written to the folder for temporary files.');
        $count = 0;
        $rows = DB::table($table);
        // A server's answers are held whole: asked for in parts, where there is an id to go on from.
        foreach (Schema::hasColumn($table, 'id') ? $rows->lazyById(self::AT_ONCE) : $rows->cursor() as $row) {
            /** @var stdClass $row */
            fwrite(
                $out,
                json_encode(self::opened($table, (array) $row), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR).
                    "\n",
            );
            $count++;
        }
        fclose($out);

        return $count;
    }

    /**
     * @param  array<string, mixed>  $row
     *
     * @return array<string, mixed>
     */
    private static function opened(string $table, array $row): array
    {
        foreach (OpenArchive::LOCKED[$table] ?? [] as $column) {
            $row[$column] = rescue(fn () => Crypt::decryptString((string) $row[$column]), null, false);
        }
        foreach (OpenArchive::SECRET[$table] ?? [] as $column) {
            $row[$column] = null;
        }
        if ($table === 'shop_settings' && in_array($row['name'], OpenArchive::SECRET_SETTINGS, true)) {
            $row['value'] = '""';
        }

        return $row;
    }
}
