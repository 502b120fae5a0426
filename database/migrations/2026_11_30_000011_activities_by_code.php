<?php

declare(strict_types=1);

use App\Clinic\Models\Availability;
use Illuminate\Database\Migrations\Migration;

/** What an athlete leaves out or does was kept in words; it is kept by code, and put into words where it is read. */
return new class extends Migration
{
    private const CODES = [
        'contact without the support' => 'contact_unsupported',
        'full bend under load' => 'full_bend_loaded',
        'running straight without a limp' => 'running_straight',
        'upper-body training' => 'upper_body',
    ];

    public function up(): void
    {
        foreach (Availability::query()->withoutGlobalScopes()->lazyById() as $availability) {
            $content = $availability->content;
            foreach (['notThis', 'thisYes'] as $list) {
                $content[$list] = array_map(
                    static fn (string $activity): string => self::CODES[$activity] ?? $activity,
                    $content[$list],
                );
            }
            $availability->content = $content;
            $availability->save();
        }
    }
};
