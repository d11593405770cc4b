<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Paper;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** Keeps a paper of a model. A file is kept under a name of ours, with its checksum, so that an image can be told from another. */
final class KeepPaper
{
    public function keep(string $model, string $kind, string $title, ?UploadedFile $file, User $by): Paper
    {
        $name = $file === null ? null : Str::random(40);
        if ($file !== null && $name !== null) {
            KeepWhole::put("papers/{$name}", (string) $file->getContent(), 'The paper');
        }

        return Paper::query()->create([
            'model' => $model, 'kind' => $kind, 'title' => $title, 'user_id' => $by->id,
            'file' => $name, 'file_name' => $file === null ? null : self::plain($file->getClientOriginalName()),
            'checksum' => $file === null ? null : (string) hash_file('sha256', $file->getPathname()),
        ]);
    }

    private static function plain(string $name): string
    {
        return mb_substr((string) preg_replace('/[^\w.\- ]+/u', '_', basename($name)), -100) ?: 'file';
    }
}
