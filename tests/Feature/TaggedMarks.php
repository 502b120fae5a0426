<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What the pages of a PDF mark, against what its structure knows of. */
final class TaggedMarks
{
    /** @return list<array{int, int, int}> for each page: marks opened, marks closed, marks that have an owner */
    public static function of(string $pdf): array
    {
        preg_match_all('~(\d+) 0 obj\n(.*?)\nendobj~s', $pdf, $objects, PREG_SET_ORDER);
        $latest = array_column($objects, 2, 1);
        $tree = implode('', array_filter($latest, static fn (string $body): bool => str_contains($body, '/Nums [')));
        $counts = [];
        foreach ($latest as $body) {
            if (preg_match('~/StructParents (\d+) ~', $body, $page) === 1
                && preg_match('~/Contents (\d+) 0 R~', $body, $contents) === 1) {
                preg_match('~stream\r?\n(.*?)\r?\nendstream~s', $latest[$contents[1]], $stream);
                $drawn = (string) gzuncompress($stream[1]);
                preg_match("~(?<=[\\[\n]){$page[1]} \\[([^\\]]*)\\]~", $tree, $owners);
                $counts[(int) $page[1]] = [
                    substr_count($drawn, ' BDC'), substr_count($drawn, "\nEMC"), substr_count($owners[1], ' 0 R'),
                ];
            }
        }

        return $counts;
    }
}
