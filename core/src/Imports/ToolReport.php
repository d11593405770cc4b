<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use JsonException;

/** Reads what general-purpose Linux tools report, as findings for the record. Nothing in the files is trusted beyond its numbers. */
final class ToolReport
{
    public const KINDS = ['sensors' => 'sensors -j', 'smartctl' => 'smartctl --json -a', 'memory-test' => 'a log of a memory test'];

    /** Counters of a drive that should be nothing: sectors moved, waiting, not readable (numbers of the ATA attribute table). */
    private const COUNTERS = [5 => 'sectors moved', 197 => 'sectors waiting', 198 => 'sectors not readable'];

    private const NVME = 'nvme_smart_health_information_log';

    /** Hotter than this is no processor but a wrong reading. */
    private const HOTTEST = 130.0;

    /**
     * @param  ?float  $room   degrees of the room, for `sensors`
     * @param  ?string  $target the drive it is about, for `smartctl`
     *
     * @return array<string, mixed> a finding, as in a case file
     *
     * @throws UnreadableReport
     */
    public static function read(string $kind, string $file, ?float $room = null, ?string $target = null): array
    {
        return match ($kind) {
            'sensors' => self::sensors($file, $room),
            'smartctl' => self::smartctl($file) + ($target === null ? [] : ['target' => $target]),
            default => self::memoryTest($file),
        };
    }

    /** @return array<string, mixed> the hottest temperature of a processor's own sensor against the room; fans as a remark */
    private static function sensors(string $file, ?float $room): array
    {
        $hot = null;
        $fans = [];
        foreach (self::values(self::json($file, 'report of sensors', self::KINDS['sensors'])) as [$chip, $name, $value]) {
            if (preg_match('/^fan\d+_input$/', $name) === 1) {
                $fans[] = (int) $value;
            } elseif (self::isOfProcessor($chip, $name) && $value > 0 && $value < self::HOTTEST) {
                $hot = max($hot ?? 0.0, $value);
            }
        }
        if ($hot === null) {
            throw UnreadableReport::nothingIn('report of sensors');
        }
        if ($room === null) {
            throw UnreadableReport::needsRoom();
        }

        return [
            'kind' => 'finding',
            'check' => 'temperature',
            'values' => ['hot' => round($hot, 1), 'room' => $room],
            'text' => 'By sensors'.($fans === [] ? '' : '; fans '.implode(', ', $fans).' a minute (a place with no fan shows 0)'),
        ];
    }

    /**
     * @param  array<mixed>  $report
     *
     * @return iterable<array{string, string, float}> chip, name and value of every number in it
     */
    private static function values(array $report): iterable
    {
        foreach ($report as $chip => $features) {
            foreach (is_array($features) ? $features : [] as $values) {
                foreach (array_filter(is_array($values) ? $values : [], is_numeric(...)) as $name => $value) {
                    yield [(string) $chip, (string) $name, (float) $value];
                }
            }
        }
    }

    private static function isOfProcessor(string $chip, string $name): bool
    {
        return preg_match('/^temp\d+_input$/', $name) === 1 && preg_match('/^(coretemp|k\d+temp|zenpower|cpu)/', $chip) === 1;
    }

    /** @return array<string, mixed> failing where the drive says so, or where it counts errors */
    private static function smartctl(string $file): array
    {
        $report = self::json($file, 'report of smartctl', self::KINDS['smartctl']);
        $passed = self::at($report, 'smart_status', 'passed');
        $errors = [];
        $table = self::at($report, 'ata_smart_attributes', 'table');
        foreach (is_array($table) ? $table : [] as $row) {
            $id = self::at($row, 'id');
            $raw = self::count($row, 'raw', 'value');
            if (is_int($id) && isset(self::COUNTERS[$id]) && $raw > 0) {
                $errors[] = "{$raw} ".self::COUNTERS[$id];
            }
        }
        $media = self::count($report, self::NVME, 'media_errors');
        if ($media > 0) {
            $errors[] = "{$media} media errors";
        }
        if (self::count($report, self::NVME, 'critical_warning') > 0) {
            $errors[] = 'a critical warning';
        }
        if (! is_bool($passed) && $errors === [] && ! isset($report['ata_smart_attributes'], $report[self::NVME])) {
            throw UnreadableReport::nothingIn('report of smartctl');
        }
        $model = is_string($report['model_name'] ?? null) ? mb_substr($report['model_name'], 0, 60) : 'the drive';

        return [
            'kind' => 'finding',
            'check' => 'drive-health',
            'result' => $passed === false || $errors !== [] ? 'failing' : 'good',
            'text' => "By smartctl, {$model}".($errors === [] ? '' : ': '.implode(', ', $errors)),
        ];
    }

    /** @return array<string, mixed> */
    private static function memoryTest(string $file): array
    {
        $errors = preg_match_all('/FAILURE:|^\s*Error\b|\bfailing address\b/mi', $file) + self::counted($file);
        $passes = preg_match_all('/^\s*Loop \d+|\bpass(es)?\b[^\n]*\b(complete[d]?|[1-9]\d*)\b|^Done\.?\s*$/mi', $file);
        if ($errors === 0 && $passes === 0) {
            throw UnreadableReport::notThat('log of a memory test', 'memtester 1024M 1 | tee memory.log');
        }

        return [
            'kind' => 'finding',
            'check' => 'memory-test',
            'result' => $errors > 0 ? 'errors' : 'clean',
            'text' => 'By a log'.($errors > 0 ? ": {$errors} ".($errors === 1 ? 'error' : 'errors') : ''),
        ];
    }

    private static function counted(string $file): int
    {
        return preg_match_all('/\berrors?\s*[:=]\s*(\d+)/i', $file, $found) > 0 ? array_sum(array_map(intval(...), $found[1])) : 0;
    }

    /** What stands below these keys, one in the other; null where nothing does. */
    private static function at(mixed $report, string ...$keys): mixed
    {
        foreach ($keys as $key) {
            $report = is_array($report) ? $report[$key] ?? null : null;
        }

        return $report;
    }

    /** The number that stands below these keys; 0 where none does. */
    private static function count(mixed $report, string ...$keys): int
    {
        $value = self::at($report, ...$keys);

        return is_numeric($value) ? (int) $value : 0;
    }

    /** @return array<array-key, mixed> */
    private static function json(string $file, string $what, string $command): array
    {
        try {
            $decoded = json_decode($file, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $decoded = null;
        }

        return is_array($decoded) ? $decoded : throw UnreadableReport::notThat($what, $command);
    }
}
