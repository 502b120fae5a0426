<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** How what was recorded of a manoeuvre becomes readings. */
enum JudgeKind: string
{
    /** One field says yes or no. */
    case Answer = 'answer';

    case Translation = 'translation';
    case Collateral = 'collateral';
    case McMurray = 'mcmurray';
    case Apley = 'apley';
    case Grind = 'grind';
    case Thessaly = 'thessaly';
    case Sag = 'sag';
    case Compression = 'compression';
    case Dial = 'dial';
    case Recurvatum = 'recurvatum';
    case Extension = 'extension';
    case Arthrometer = 'arthrometer';
    case Pivot = 'pivot';
    case Edges = 'edges';
    case JointLine = 'joint_line';
    case Displacement = 'displacement';
}
