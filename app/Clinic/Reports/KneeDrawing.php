<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

/**
 * The plateau from above with the chances in 100, as it stands on the screen: the parts of a right knee are
 * those of a left one in the mirror, and how a part is filled follows its zone.
 *
 * @phpstan-type Part array{id: string, short: string, path: string, label: array{x: int, y: int}, ground: string}
 * @phpstan-type Drawing array{width: int, height: int, bone: string, parts: list<Part>}
 */
final readonly class KneeDrawing
{
    private const INK = '#1c1f22';

    private const STYLES = [
        'act' => ['fill' => '#c0391a', 'stroke' => '#c0391a', 'width' => 2, 'text' => '#ffffff'],
        'investigate' => ['fill' => '#d9dcd8', 'stroke' => '#43484c', 'width' => 2, 'text' => self::INK],
        'ruled_out' => ['fill' => '#ffffff', 'stroke' => '#9aa09c', 'width' => 1.4, 'text' => self::INK],
        'untested' => ['fill' => '#ffffff', 'stroke' => '#cfd1cf', 'width' => 3, 'text' => '#5c6165'],
        'withheld' => ['fill' => '#ffffff', 'stroke' => '#cfd1cf', 'width' => 3, 'text' => '#5c6165'],
        'confirmed' => ['fill' => self::INK, 'stroke' => self::INK, 'width' => 2, 'text' => '#ffffff'],
        'excluded' => ['fill' => '#ffffff', 'stroke' => self::INK, 'width' => 1.4, 'text' => self::INK],
    ];

    private const ABOVE = 18;

    /** Half the width of a label, in units of the drawing. */
    private const HALF_LABEL = 60;

    /** @param  Drawing  $drawing */
    private function __construct(private array $drawing, private bool $isRight)
    {
    }

    /** @param  string  $side  left or right */
    public static function of(string $side): self
    {
        $file = (string) file_get_contents(resource_path('drawings/plateau.json'));
        /** @var Drawing $drawing */
        $drawing = json_decode($file, true, flags: JSON_THROW_ON_ERROR);

        return new self($drawing, $side === 'right');
    }

    /**
     * @param  array<string, string>  $zones  the zone of each condition
     * @return string the picture without its figures, as an address for `src`
     */
    public function picture(array $zones): string
    {
        $shapes = '';
        foreach ($this->drawing['parts'] as $part) {
            $style = self::STYLES[$zones[$part['id']] ?? 'untested'];
            $shapes .= "<path d=\"{$part['path']}\" fill=\"{$style['fill']}\" stroke=\"{$style['stroke']}\""
                ." stroke-width=\"{$style['width']}\"/>";
        }
        $turn = $this->isRight ? "matrix(-1 0 0 1 {$this->drawing['width']} 0)" : 'matrix(1 0 0 1 0 0)';
        $above = self::ABOVE;
        [$width, $height] = [$this->drawing['width'], $this->drawing['height'] + $above];
        $svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\""
            ." viewBox=\"0 0 {$width} {$height}\"><g transform=\"translate(0 {$above})\"><g transform=\"{$turn}\">"
            ."<path d=\"{$this->drawing['bone']}\" fill=\"#ffffff\" stroke=\"#9aa09c\" stroke-width=\"1.5\"/>"
            ."{$shapes}</g></g></svg>";

        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /**
     * Where the figure of each part stands: the middle of its label, in shares of the picture's width and height.
     *
     * @param  array<string, string>  $zones
     * @return list<array{id: string, short: string, left: float, top: float, width: float, colour: string}>
     */
    public function labels(array $zones): array
    {
        [$width, $height] = [$this->drawing['width'], $this->drawing['height'] + self::ABOVE];

        return array_map(function (array $part) use ($zones, $width, $height): array {
            $x = $this->isRight ? $width - $part['label']['x'] : $part['label']['x'];

            return [
                'id' => $part['id'], 'short' => $part['short'],
                'left' => ($x - self::HALF_LABEL) / $width,
                'top' => ($part['label']['y'] + self::ABOVE) / $height,
                'width' => 2 * self::HALF_LABEL / $width,
                'colour' => $part['ground'] === 'shape' ? self::STYLES[$zones[$part['id']] ?? 'untested']['text'] : self::INK,
            ];
        }, $this->drawing['parts']);
    }
}
