<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Entry;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Message;
use App\Models\Owner;
use App\Models\Payment;
use App\Models\Photo;
use Illuminate\Database\Eloquent\Builder;
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
        $zip->addFromString('invoices.json', self::json(['invoices_and_payments' => self::invoices($owner)]));
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return list<array<string, mixed>> what was invoiced and paid */
    private static function invoices(Owner $owner): array
    {
        $of = fn (Builder $job) => $job->whereHas('machine', fn (Builder $machine) => $machine->where('owner_id', $owner->id));
        $invoices = Invoice::query()->with('job')->whereHas('job', $of)->orderBy('sequence')->get();
        $payments = Payment::query()->with('job')->whereHas('job', $of)->orderBy('id')->get();

        return [
            ...$invoices->map(fn (Invoice $one): array => [
                'number' => $one->number, 'kind' => $one->kind, 'job' => $one->job->tag, 'issued' => $one->issued_at->format(DATE_ATOM),
                'total_in_minor_units' => $one->total, 'as_issued' => $one->body,
            ])->all(),
            ...$payments->map(fn (Payment $one): array => [
                'kind' => 'payment', 'job' => $one->job->tag, 'paid' => $one->paid_at->format(DATE_ATOM), 'method' => $one->method,
                'in_minor_units' => $one->amount,
            ])->all(),
        ];
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
