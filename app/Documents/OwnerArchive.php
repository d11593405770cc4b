<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Message;
use App\Models\Owner;
use App\Models\Photo;
use RuntimeException;
use ZipArchive;

/** All that is kept of an owner, as a ZIP of JSON and pictures that any program opens. */
final class OwnerArchive
{
    /**
     * @param  callable(Photo): ?string  $picture its bytes; null where the file is gone
     *
     * @return string the archive's bytes
     */
    public static function of(Owner $owner, callable $picture): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'owner');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive could not be begun.');
        }
        $zip->addFromString('owner.json', self::json(['name' => $owner->name, 'telephone' => $owner->phone, 'mail' => $owner->email]));
        $jobs = Job::query()
            ->with(['machine', 'entries.user', 'messages', 'photos'])
            ->whereIn('machine_id', $owner->machines()->select('id'))
            ->orderBy('id');
        foreach ($jobs->get() as $job) {
            $zip->addFromString("{$job->tag}/job.json", self::json(self::job($job)));
            foreach ($job->photos as $photo) {
                $bytes = $picture($photo);
                $bytes !== null && $zip->addFromString("{$job->tag}/photographs/{$photo->id}.jpg", $bytes);
            }
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return array<string, mixed> */
    private static function job(Job $job): array
    {
        return [
            'number' => $job->tag,
            'came_in' => $job->arrived_at?->format(DATE_ATOM),
            'machine' => $job->machine->made_of,
            'agreed' => (object) ($job->agreed ?? []),
            'record' => $job->entries->map(fn (Entry $entry): array => $entry->written())->all(),
            'messages' => $job->messages
                ->map(
                    fn (Message $message): array => [
                        'to' => $message->to,
                        'subject' => $message->subject,
                        'text' => $message->text,
                        'state' => $message->state,
                        'sent_at' => $message->sent_at?->format(DATE_ATOM),
                    ],
                )
                ->all(),
        ];
    }

    /** @param  array<string, mixed>  $data */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
