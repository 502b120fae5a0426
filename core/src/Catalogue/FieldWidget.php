<?php

declare(strict_types=1);

namespace GrayCompass\Core\Catalogue;

/** The control that a field is entered with; how it looks is the screen's own. */
enum FieldWidget: string
{
    case YesNo = 'yes_no';
    case Words = 'words';
    case Ruler = 'ruler';
    case Pain = 'pain';
    case Bands = 'bands';
    case EndFeel = 'end_feel';
    case Wave = 'wave';
    case JointLine = 'joint_line';
    case Landmarks = 'landmarks';
    case Board = 'board';

    /** An angle that grows as the knee bends. */
    case ArcBend = 'arc_bend';

    /** An angle beyond straight. */
    case ArcOver = 'arc_over';

    /** An angle that the foot turns by. */
    case ArcTurn = 'arc_turn';
}
