<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Intervention\Image\Exceptions\RuntimeException as Unreadable;
use Intervention\Image\ImageManager;

/** Keeps the picture for letters, made anew so that nothing else of the file is kept. */
final class KeepLogo
{
    /** Pixels: enough for four centimetres of a printed letter. Origin: judgement. */
    private const WIDE = 800;

    private const HIGH = 400;

    /**
     * @return string the name it is kept by
     *
     * @throws Unreadable when it is no picture
     */
    public function keep(UploadedFile $upload): string
    {
        $image = ImageManager::gd()->read((string) $upload->getContent());
        $name = Str::random(20).'.png';
        KeepWhole::put("shop/{$name}", (string) $image->scaleDown(self::WIDE, self::HIGH)->toPng(), 'The picture');

        return $name;
    }
}
