<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Access\Models\Team;
use App\Club\Models\Athlete;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/**
 * @extends Factory<Athlete>
 */
final class AthleteFactory extends Factory
{
    protected $model = Athlete::class;

    /**
     * @return array<string, mixed>
     */
    public function definition(): array
    {
        return [
            'team_id' => Team::factory(),
            'name' => 'Mirre Aldous',
            'number' => Str::random(6),
            'squad' => 'Handball',
            'born_on' => '2004-03-02',
        ];
    }
}
