<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Intervention\Image\Exceptions\RuntimeException as Unreadable;
use Intervention\Image\ImageManager;

/**
 * Keeps a photograph as a picture made anew, so that neither metadata nor anything hidden in the file is kept, with a small one beside it.
 */
final class KeepPhoto
{
    /** Pixels of the longer side. Origin: judgement. */
    private const LARGE = 2400;

    private const SMALL = 360;

    private const QUALITY = 85;

    /**
     * @param  array{place: string, x: int, y: int, words: string}  $where
     *
     * @throws Unreadable when it is no picture
     */
    public function keep(Job $job, User $by, UploadedFile $upload, array $where): Photo
    {
        return Photo::query()->create(['job_id' => $job->id, 'file' => self::kept($upload), 'user_id' => $by->id, ...$where]);
    }

    /**
     * @return string an address nobody can guess, under which the picture and a small one lie
     *
     * @throws Unreadable when it is no picture
     */
    public static function kept(UploadedFile $upload): string
    {
        $image = ImageManager::gd()->read((string) $upload->getContent());
        $file = Str::random(40);
        $large = (string) $image->scaleDown(self::LARGE, self::LARGE)->toJpeg(self::QUALITY);
        KeepWhole::put(self::path($file), $large, 'The photograph');
        $small = (string) $image->scaleDown(self::SMALL, self::SMALL)->toJpeg(self::QUALITY);
        KeepWhole::put(self::path($file, small: true), $small, 'The photograph');

        return $file;
    }

    public static function path(string $file, bool $small = false): string
    {
        return 'photos/'.$file.($small ? '-small' : '').'.jpg';
    }
}
