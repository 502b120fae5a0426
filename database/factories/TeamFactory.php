<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Access\Models\Team;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * @extends Factory<Team>
 */
final class TeamFactory extends Factory
{
    protected $model = Team::class;

    /**
     * @return array<string, mixed>
     */
    public function definition(): array
    {
        return [
            'name' => 'Fenmoor Indoor Sports Club',
        ];
    }
}
