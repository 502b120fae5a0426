<?php

declare(strict_types=1);

namespace App\Clinic\Reports\Tags;

/** The headings, paragraphs, lists and tables of one PDF, in the order in which they are read. */
final class Structure
{
    private const ROOT = 0;

    /** @var list<array{role: string, parent: int, alt: string, kids: list<int|array{page: int, mark: int}>}> */
    private array $elements = [['role' => 'Document', 'parent' => -1, 'alt' => '', 'kids' => []]];

    /** @var array<int, list<int>> of each page, counted from 0, the element to which each mark belongs */
    private array $marks = [];

    /** @return int the number of the new element; 0 is the whole document */
    public function add(string $role, int $parent = self::ROOT, string $alt = ''): int
    {
        $this->elements[] = ['role' => $role, 'parent' => $parent, 'alt' => $alt, 'kids' => []];
        $number = \count($this->elements) - 1;
        $this->elements[$parent]['kids'][] = $number;

        return $number;
    }

    /** @return int the number of the mark on its page, from 0 */
    public function mark(int $element, int $page): int
    {
        $this->marks[$page][] = $element;
        $mark = \count($this->marks[$page]) - 1;
        $this->elements[$element]['kids'][] = ['page' => $page, 'mark' => $mark];

        return $mark;
    }

    public function role(int $element): string
    {
        return $this->elements[$element]['role'];
    }

    /** @return list<array{role: string, parent: int, alt: string, kids: list<int|array{page: int, mark: int}>}> */
    public function elements(): array
    {
        return $this->elements;
    }

    /** @return list<int> */
    public function marksOf(int $page): array
    {
        return $this->marks[$page] ?? [];
    }
}
