<?php

declare(strict_types=1);

namespace App\Clinic\Reports\Tags;

use DOMElement;
use Dompdf\Adapter\CPDF;
use Dompdf\Canvas;
use Dompdf\Dompdf;
use Dompdf\Frame;
use WeakMap;

/**
 * Marks each line of text while dompdf draws it, so that a screen reader is told headings, lists and tables:
 * dompdf itself writes text without saying what it is (ISO 32000-1, 14.6 and 14.8).
 */
final class Tagger
{
    private const ROLES = [
        'h1' => 'H1', 'h2' => 'H2', 'h3' => 'H3', 'p' => 'P', 'div' => 'Div', 'ul' => 'L', 'ol' => 'L', 'li' => 'LI',
        'table' => 'Table', 'thead' => 'THead', 'tbody' => 'TBody', 'tr' => 'TR', 'th' => 'TH', 'td' => 'TD',
        'img' => 'Figure',
    ];

    /** @var WeakMap<object, int> the element of each node that was met */
    private WeakMap $elements;

    private function __construct(private readonly Structure $structure)
    {
        $this->elements = new WeakMap;
    }

    /** Call before the document is rendered; the structure is filled while it is. */
    public static function listenTo(Dompdf $pdf): Structure
    {
        $structure = new Structure;
        $tagger = new self($structure);
        $pdf->setCallbacks([
            ['event' => 'begin_frame', 'f' => $tagger->open(...)],
            ['event' => 'end_frame', 'f' => $tagger->close(...)],
        ]);

        return $structure;
    }

    private function open(Frame $frame, Canvas $canvas): void
    {
        if (self::isDrawn($frame)) {
            $element = $this->elementOf($frame);
            $mark = $this->structure->mark($element, $canvas->get_page_number() - 1);
            self::write($canvas, "/{$this->structure->role($element)} <</MCID {$mark}>> BDC");
        }
    }

    private function close(Frame $frame, Canvas $canvas): void
    {
        if (self::isDrawn($frame)) {
            self::write($canvas, 'EMC');
        }
    }

    private static function isDrawn(Frame $frame): bool
    {
        $node = $frame->get_node();

        return $frame->is_text_node() ? trim((string) $node->nodeValue) !== '' : $node->nodeName === 'img';
    }

    private function elementOf(Frame $frame): int
    {
        $node = $frame->get_node();
        if (isset($this->elements[$node])) {
            return $this->elements[$node];
        }
        /** @var Frame|null $parent the outermost frame has none */
        $parent = $frame->get_parent();
        $above = $parent === null ? 0 : $this->elementOf($parent);
        $role = self::roleOf($frame);
        if ($role === null) {
            return $above;
        }

        return $this->elements[$node] = $this->structure->add($role, $above, self::alt($frame));
    }

    private static function roleOf(Frame $frame): ?string
    {
        $name = $frame->get_node()->nodeName;
        $isOfTable = in_array($name, ['table', 'thead', 'tbody', 'tr', 'td'], true);

        return $isOfTable && self::isForLayout($frame) ? 'Div' : self::ROLES[$name] ?? null;
    }

    private static function isForLayout(Frame $frame): bool
    {
        for ($node = $frame->get_node(); $node !== null && $node->nodeName !== 'table'; $node = $node->parentNode);

        return $node instanceof DOMElement && $node->getAttribute('role') === 'presentation';
    }

    private static function alt(Frame $frame): string
    {
        $node = $frame->get_node();

        return $node instanceof DOMElement ? $node->getAttribute('alt') : '';
    }

    private static function write(Canvas $canvas, string $operator): void
    {
        if ($canvas instanceof CPDF) {
            $pdf = $canvas->get_cpdf();
            /** @var array{c: string} $contents */
            $contents = &$pdf->objects[$pdf->currentContents];
            $contents['c'] .= "\n{$operator}";
        }
    }
}
