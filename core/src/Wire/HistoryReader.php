<?php

declare(strict_types=1);

namespace GrayCompass\Core\Wire;

use GrayCompass\Core\Findings\History;
use GrayCompass\Core\Findings\Mechanism;
use GrayCompass\Core\Findings\StoryItem;
use GrayCompass\Core\Findings\SwellingOnset;
use GrayCompass\Document\Fields;

/**
 * Reads the story.
 *
 * @internal
 */
final class HistoryReader
{
    public const BLOW_SITES = ['medial_joint_line', 'lateral_joint_line', 'patella', 'shin'];

    public const PAIN_PLACES = ['front', 'below_kneecap', 'inner', 'outer', 'back', 'inner_shin'];

    public static function read(Fields $document): History
    {
        $items = array_column(StoryItem::cases(), 'value');
        $fields = $document->optional('history', [
            ...$items, 'swellingOnset', 'mechanism', 'directBlowSite', 'painNow', 'painActivity', 'painSite',
        ]);
        $answers = [];
        foreach ($items as $item) {
            $answers[$item] = $fields->answer($item);
        }
        $listed = \is_array($fields->raw('painSite'));
        $onset = array_column(SwellingOnset::cases(), 'value');

        return new History(
            array_filter($answers, is_bool(...)),
            $fields->given('swellingOnset') ? SwellingOnset::from($fields->word('swellingOnset', $onset)) : null,
            $fields->given('mechanism') ? self::mechanism($fields) : null,
            $fields->given('directBlowSite') ? $fields->word('directBlowSite', self::BLOW_SITES) : null,
            $fields->given('painNow') ? $fields->within('painNow', 0, 10) : null,
            $fields->given('painActivity') ? $fields->within('painActivity', 0, 10) : null,
            $listed ? $fields->wordList('painSite', self::PAIN_PLACES) : [],
            $fields->given('painSite') && ! $listed ? $fields->text('painSite', 0, 200) : '',
        );
    }

    /**
     * @return list<Mechanism>
     */
    private static function mechanism(Fields $fields): array
    {
        $words = $fields->wordList('mechanism', array_column(Mechanism::cases(), 'value'));

        return array_map(Mechanism::from(...), $words);
    }
}
