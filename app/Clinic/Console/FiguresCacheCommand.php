<?php

declare(strict_types=1);

namespace App\Clinic\Console;

use App\Clinic\Examinations\FiguresCache;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Config;

final class FiguresCacheCommand extends Command
{
    protected $signature = 'figures:cache';

    protected $description = 'Write the shipped figures where FIGURES_CACHE says, so that no request parses them';

    public function handle(): int
    {
        FiguresCache::write(Config::string('app.figures'));

        return self::SUCCESS;
    }
}
