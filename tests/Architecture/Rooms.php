<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** The domains of the application in the order in which they may be known: each knows those before it. */
final class Rooms
{
    public const HOUSE = 'App\\';

    /** `Practice` will stand before `Exchange`, which puts all of them into words for other programs. */
    public const DOMAINS = ['Platform', 'Access', 'Trust', 'Club', 'Clinic', 'Learning', 'Exchange'];

    /** Inside a domain, outermost first: the door knows the services, they the models, and those their values. */
    public const DOOR = ['Http', 'Console', 'Policies'];

    public const MODELS = 'Models';

    public const VALUES = 'Values';
}
