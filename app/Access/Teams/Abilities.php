<?php

declare(strict_types=1);

namespace App\Access\Teams;

use App\Access\Values\Ability;
use App\Access\Values\Role;

/** Which role can do what: the one table of it. A role that is not in it can do nothing. */
final readonly class Abilities
{
    private const PRACTITIONER = [
        Ability::SeeBoard, Ability::Examine, Ability::SeeOthers, Ability::ChangeOthers, Ability::Sign, Ability::Answer,
        Ability::KeepLists,
    ];

    private const TABLE = [
        Role::Lead->value => [...self::PRACTITIONER, Ability::Lead, Ability::ReadLog],
        Role::Practitioner->value => self::PRACTITIONER,
        Role::Student->value => [Ability::SeeBoard, Ability::Examine, Ability::Propose],
        Role::Coach->value => [Ability::SeeBoard],
    ];

    /**
     * @param  array<string, list<Ability>>  $table  by role
     */
    public function __construct(private array $table = self::TABLE)
    {
    }

    public function has(?Role $role, Ability $ability): bool
    {
        return $role !== null && \in_array($ability, $this->table[$role->value] ?? [], true);
    }

    /**
     * @return list<Role> that can do it
     */
    public function roles(Ability $ability): array
    {
        return array_values(array_filter(Role::cases(), fn (Role $role): bool => $this->has($role, $ability)));
    }
}
