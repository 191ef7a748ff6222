<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Message;
use App\Models\Photo;
use App\Record\CleanPicture;
use App\Record\Files;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Sends every kept picture through the one door again: what a restored backup brought in tells no more than it shows. */
final class CleanPictures extends Command
{
    protected $signature = 'pebblefell:pictures';

    protected $description = 'Takes out of kept pictures what they tell besides what they show';

    public function handle(): int
    {
        $changed = 0;
        $paths = [
            ...Photo::query()->distinct()->pluck('path'), ...Message::query()->where('file_kind', 'picture')->pluck('file_path'),
        ];
        foreach ($paths as $path) {
            $bytes = Files::disk()->exists($path) ? (string) Files::disk()->get($path) : '';
            if ($bytes === '' || CleanPicture::isClean($bytes)) {
                continue;
            }
            try {
                $clean = CleanPicture::kept($bytes)->jpeg;
            } catch (RuntimeException) {
                // It is none: nothing is shown in its place.
                $clean = '';
            }
            Files::disk()->put($path, $clean);
            DB::table('photos')->where('path', $path)->update(['sha256' => hash('sha256', $clean)]);
            ++$changed;
        }
        if ($changed > 0) {
            $this->line($changed === 1 ? '1 picture told more than it showed.' : "$changed pictures told more than they showed.");
        }

        return self::SUCCESS;
    }
}
