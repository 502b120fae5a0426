<?php

declare(strict_types=1);

namespace App\Clinic\Reports\Tags;

use RuntimeException;

/**
 * Adds the structure to a finished PDF as an incremental update (ISO 32000-1, 7.5.6): nothing of what is
 * there moves, the catalogue and each page are written again with a reference to their tags.
 */
final class TaggedPdf
{
    /** @var array<int, string> the objects of the update by their number */
    private array $objects = [];

    private function __construct(private readonly string $pdf, private readonly Structure $structure)
    {
    }

    /**
     * @param  string  $pdf  as dompdf writes it: one table of references, one kind of trailer
     * @param  string  $language  such as en-GB
     * @return string the same document with its tags
     *
     * @throws RuntimeException where the document has another form
     */
    public static function of(string $pdf, Structure $structure, string $language): string
    {
        return (new self($pdf, $structure))->updated($language);
    }

    private function updated(string $language): string
    {
        $catalog = (int) $this->find('/\/Root (\d+) 0 R/');
        $size = (int) $this->find('/\/Size (\d+)/');
        $pages = self::numbers($this->find('/\/Type \/Pages\s*\/Kids \[([^\]]*)\]/'));
        $tree = $size + 1;

        $this->objects[$catalog] = $this->extended($catalog,
            "/MarkInfo << /Marked true >> /Lang ({$language}) /StructTreeRoot {$size} 0 R");
        foreach ($pages as $at => $page) {
            $this->objects[$page] = $this->extended($page, "/StructParents {$at} /Tabs /S");
        }
        $first = $tree + 1;
        $this->objects[$size] = "<< /Type /StructTreeRoot /K {$first} 0 R /ParentTree {$tree} 0 R"
            .' /ParentTreeNextKey '.\count($pages).' >>';
        $this->objects[$tree] = $this->parentTree(\count($pages), $first);
        foreach ($this->structure->elements() as $number => $element) {
            $above = $element['parent'] < 0 ? $size : $first + $element['parent'];
            $this->objects[$first + $number] = self::element($element, $above, $first, $pages);
        }

        return $this->written();
    }

    private function parentTree(int $pages, int $first): string
    {
        $lines = [];
        for ($page = 0; $page < $pages; $page++) {
            $owners = array_map(
                static fn (int $element): string => $first + $element.' 0 R',
                $this->structure->marksOf($page),
            );
            $lines[] = "{$page} [".implode(' ', $owners).']';
        }

        return '<< /Nums ['.implode("\n", $lines).'] >>';
    }

    /**
     * @param  array{role: string, parent: int, alt: string, kids: list<int|array{page: int, mark: int}>}  $element
     * @param  list<int>  $pages
     */
    private static function element(array $element, int $above, int $first, array $pages): string
    {
        $kids = array_map(static fn (int|array $kid): string => is_int($kid)
            ? $first + $kid.' 0 R'
            : "<< /Type /MCR /Pg {$pages[$kid['page']]} 0 R /MCID {$kid['mark']} >>", $element['kids']);
        $scope = $element['role'] === 'TH' ? ' /A << /O /Table /Scope /Column >>' : '';
        $alt = $element['alt'] === '' ? '' : ' /Alt <FEFF'.bin2hex(mb_convert_encoding($element['alt'], 'UTF-16BE')).'>';

        return "<< /Type /StructElem /S /{$element['role']} /P {$above} 0 R{$scope}{$alt} /K [".implode(' ', $kids).'] >>';
    }

    /** An object of the document, its dictionary longer by some entries. */
    private function extended(int $number, string $entries): string
    {
        $body = trim($this->find("/\\n{$number} 0 obj\\n(.*?)\\nendobj/s"));
        $end = strrpos($body, '>>');
        if ($end === false) {
            throw new RuntimeException("Object {$number} of the PDF is no dictionary.");
        }

        return substr($body, 0, $end)."{$entries}\n>>";
    }

    private function written(): string
    {
        $pdf = $this->pdf;
        $entries = '';
        ksort($this->objects);
        foreach ($this->objects as $number => $body) {
            $entries .= sprintf("%d 1\n%010d 00000 n \n", $number, \strlen($pdf));
            $pdf .= "{$number} 0 obj\n{$body}\nendobj\n";
        }
        $trailer = (string) preg_replace(
            '/\/Size \d+/',
            '/Size '.(array_key_last($this->objects) + 1),
            $this->find('/trailer\n<<\n(.*?)>>\nstartxref/s'),
        );

        return $pdf."xref\n{$entries}trailer\n<<\n{$trailer}/Prev {$this->find('/startxref\n(\d+)/')}\n>>\nstartxref\n"
            .\strlen($pdf)."\n%%EOF\n";
    }

    private function find(string $pattern): string
    {
        if (preg_match($pattern, $this->pdf, $found) !== 1) {
            throw new RuntimeException("The PDF has no {$pattern}.");
        }

        return $found[1];
    }

    /** @return list<int> */
    private static function numbers(string $references): array
    {
        preg_match_all('/(\d+) 0 R/', $references, $found);

        return array_map(intval(...), $found[1]);
    }
}
