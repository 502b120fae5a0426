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

    /** A foot that is not held down spoils it. */
    case NeedsFootHeld = 'needsFootHeld';

    /** The examiner sits on the foot: not on a sore one, unless the athlete agrees. */
    case SitsOnFoot = 'sitsOnFoot';
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

    /** Fluid or a stiff knee may hide its negative in the first days. */
    case HiddenEarly = 'hiddenEarly';

    /** Guarding may hide its negative in the first two days, fluid or not. */
    case HiddenFirstDays = 'hiddenFirstDays';
    /** Signs that are believed against it in a fresh knee. */
    case OutweighedBy = 'outweighedBy';

    /** Signs whose positive asks for it next. */
    case DueAfter = 'dueAfter';

    /** Means something only after a positive of these signs. */
    case OnlyAfter = 'onlyAfter';

    /** Routes that it joins, beside those that its figures aim it at. */
    case Joins = 'joins';

    /** Looks at the hip, which may be the cause of a knee that hurts without an injury, or in the young. */
    case ScreensHip = 'screensHip';

    /** Looks at artery and nerves; its value is what it is called in a letter. */
    case Neurovascular = 'neurovascular';

    /** Asks an athlete to walk: not of one who cannot take four steps. */
    case NeedsFourSteps = 'needsFourSteps';
    /** How many turns a negative takes. */
    case Turns = 'turns';

    /** The side of the joint that a press sideways stretches: medial or lateral. */
    case Stretches = 'stretches';

    /** The press is on the straight knee. */
    case Straight = 'straight';

    /** The same press on the bent knee. */
    case BentTest = 'bentTest';

    /** The sign that a result between the angles of the two counts as. */
    case SpeaksBentAs = 'speaksBentAs';

    /** The sign that pain on the stretched side feeds by itself. */
    case PainFeeds = 'painFeeds';
}
