<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** What rules ask of a manoeuvre, so that none needs to know its name. */
enum ManoeuvreTrait: string
{
    /** Looked at before anything else; never held by a rule. */
    case First = 'first';

    /** Stays open under these rules of the gate, which close most else. */
    case OpenUnder = 'openUnder';

    /** Closed by these rules of the gate, which close but a few. */
    case ClosedUnder = 'closedUnder';

    /** Touching a place with a finger. */
    case Palpation = 'palpation';

    /** In the core set after an injury; its value is the place in the list. */
    case CoreAfterInjury = 'coreAfterInjury';

    /** In the core set without an injury; its value is the place in the list. */
    case CoreWithoutInjury = 'coreWithoutInjury';

    /** Never dropped for want of time. */
    case Kept = 'kept';

    /** The bend it needs, in degrees. */
    case BendNeeded = 'bendNeeded';

    case Touchline = 'touchline';

    /** Manoeuvres without which its result means little. */
    case LeansOn = 'leansOn';

    /** The one check that “normal” must say, or be remarked on. */
    case TickThatMatters = 'tickThatMatters';

    /** Asked for by the front-of-knee gate. */
    case FrontGate = 'frontGate';

    /** A foot that is not held down spoils it. */
    case NeedsFootHeld = 'needsFootHeld';

    /** Hamstrings that hold hide a positive. */
    case SpoiltByHamstrings = 'spoiltByHamstrings';

    /** Hamstrings that hold make a positive. */
    case FakedByHamstrings = 'fakedByHamstrings';

    /** The shin is drawn forward: from a sag, it begins too far back. */
    case ForwardTest = 'forwardTest';

    /** The shin is pushed back: from a sag, it has no way left. */
    case BackwardTest = 'backwardTest';

    /** The shin slips under load and turn: it cannot where it is locked short or the inner side gives. */
    case Slips = 'slips';

    /** Means something only where full bend and full extension were reached. */
    case NeedsFullBend = 'needsFullBend';

    /** How many turns a negative takes. */
    case Turns = 'turns';
}
