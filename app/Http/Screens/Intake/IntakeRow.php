<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Http\Screens\Sizes;
use App\Intake\ReadFile;
use App\Media\PhotoSize;
use App\Models\PhotoState;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameSource;
use Core\Reach\Reach;
use Core\Reach\Wording;
use Illuminate\Support\HtmlString;

/** One file of a drop as the reading table draws it. */
final readonly class IntakeRow
{
    /**
     * Longer side in pixels under which a picture is too small to be enlarged by a shopper. Common practice, no source.
     */
    private const SMALL = 1_000;

    /** Sharpness under which nothing in the picture is sharp. */
    private const BLURRED = 5.0;

    public function __construct(public ReadFile $read) {}

    public function id(): int
    {
        return $this->read->file->id;
    }

    public function file(): string
    {
        return $this->read->file->file;
    }

    public function picture(PhotoSize $size = PhotoSize::Thumb): ?string
    {
        return $this->read->photoState === PhotoState::Ready ? $size->address((int) $this->read->file->photo_id) : null;
    }

    /** The name, each piece marked with how it was read. Nothing stands between them: it would look like a space. */
    public function markedName(): HtmlString
    {
        $marks = array_map(
            fn(array $piece): string => sprintf(
                '<mark class="is-%s" title="%s">%s</mark>',
                e($piece[1]),
                e($piece[2]),
                e($piece[0]),
            ),
            $this->pieces(),
        );

        return new HtmlString(implode('', $marks));
    }

    /**
     * @return list<array{string, string, string}> the name in pieces: text, how it was taken ("known", "number",
     *   "idle", "unknown", "" for what is between), what it means
     */
    private function pieces(): array
    {
        $name = $this->file();
        $marks = [];
        $reading = $this->read->verdict?->reading;
        foreach ($reading->understood ?? [] as $understood) {
            $last = $understood->parts[count($understood->parts) - 1];
            $meanings = array_unique(
                array_map(fn($meaning): string => "{$meaning->kind->value} {$meaning->word}", $understood->meanings),
            );
            $this->mark(
                $marks,
                $understood->parts[0],
                $last->at + strlen($last->text),
                'known',
                implode(' or ', array_slice($meanings, 0, 3)),
            );
        }
        foreach (
            [
                'number' => ['numbers', 'a place'],
                'idle' => ['passedOver', __('intake.passed_over')],
                'unknown' => ['unknown', __('intake.means_nothing_here')],
            ]
            as $kind => [$list, $says]
        ) {
            foreach ($reading->{$list} ?? [] as $part) {
                $this->mark($marks, $part, $part->at + strlen($part->text), $kind, $says);
            }
        }
        ksort($marks);
        $pieces = [];
        $end = 0;
        foreach ($marks as $from => [$to, $kind, $means]) {
            if ($from < $end || $to > strlen($name)) {
                continue;
            }
            $pieces[] = [substr($name, $end, $from - $end), '', ''];
            $pieces[] = [substr($name, $from, $to - $from), $kind, $means];
            $end = $to;
        }
        $pieces[] = [substr($name, $end), '', ''];

        return array_values(array_filter($pieces, fn(array $piece): bool => $piece[0] !== ''));
    }

    /** Where it belongs as far as is read: "Moss · front · 2". */
    public function place(): string
    {
        $verdict = $this->read->verdict;
        if ($this->read->product === null) {
            return '';
        }
        $isLinked = $this->read->linkedTo !== null;

        return implode(
            ' · ',
            array_filter(
                [
                    ucfirst(
                        (new Wording())->say(
                            $this->read->linkedTo ?? ($verdict->reach ?? Reach::nothing()),
                            $this->read->product->matrix,
                        ),
                    ),
                    (string) ($isLinked ? $this->read->file->to_view : $verdict?->view?->name),
                    $isLinked || $verdict?->place === null ? '' : (string) $verdict->place,
                ],
                fn(string $part): bool => $part !== '',
            ),
        );
    }

    /** Whether something can be done with it by hand. */
    public function canBeMarked(): bool
    {
        return $this->read->status->isOpen() || $this->read->status === DropFileStatus::Aside;
    }

    public function reasonsInWords(): string
    {
        return implode(' ', $this->reasons());
    }

    /** Its size in pixels and in bytes: "1,600 × 1,200, 2.4 MB". */
    public function measures(): string
    {
        return "{$this->read->width} × {$this->read->height}, " . Sizes::megabytes($this->read->file->bytes);
    }

    /** @return list<string> why it stands so: what speaks against it, else what it was read by */
    public function reasons(): array
    {
        $verdict = $this->read->verdict;

        return $this->read->isByHand()
            ? [__('intake.somebody_pointed_there')]
            : match ($this->read->status) {
                DropFileStatus::Refused, DropFileStatus::Broken, DropFileStatus::NotLinked, DropFileStatus::Card => [
                    $this->read->why,
                ],
                DropFileStatus::Looking => [
                    $this->read->why === '' ? __('intake.its_picture_is_being_looked_at') : $this->read->why,
                ],
                DropFileStatus::Arriving => [
                    $this->read->file->received > 0
                        ? __('intake.received_of_bytes_have_arrived', [
                            'received' => Sizes::megabytes($this->read->file->received),
                            'bytes' => Sizes::megabytes($this->read->file->bytes),
                        ])
                        : __('intake.drop_the_same_files_again_to'),
                ],
                DropFileStatus::There => [__('intake.the_product_has_this_very_picture')],
                DropFileStatus::Double => [
                    $this->read->alike[0]->inWords() .
                    (count($this->read->alike) > 1 ? ' And ' . (count($this->read->alike) - 1) . ' more.' : ''),
                    ...$verdict?->doubtWords() ?? [],
                ],
                default => $verdict === null
                    ? []
                    : ($verdict->doubts === []
                        ? $verdict->reasons
                        : $verdict->doubtWords()),
            };
    }

    /** @return list<string> what is unusual about the picture itself */
    public function remarks(): array
    {
        [$width, $height, $look] = [$this->read->width, $this->read->height, $this->read->look];

        return array_values(
            array_filter(
                [
                    $this->read->file->remark !== '' && $this->read->status !== DropFileStatus::Refused
                        ? $this->read->file->remark
                        : '',
                    $width > 0 && max($width, $height) < self::SMALL
                        ? __('intake.small_width_x_height', ['width' => $width, 'height' => $height])
                        : '',
                    $width > 0 && max($width, $height) > 1.05 * min($width, $height)
                        ? __('intake.not_square_width_x_height', ['width' => $width, 'height' => $height])
                        : '',
                    $look !== null && $look->sharpness < self::BLURRED && $look->colors->filled > 0.05
                        ? __('intake.nothing_in_it_is_sharp')
                        : '',
                ],
                fn(string $remark): bool => $remark !== '',
            ),
        );
    }

    /** @param  array<int, array{int, string, string}>  $marks  from => to, kind, what it means; in bytes */
    private function mark(array &$marks, NamePart $first, int $end, string $kind, string $means): void
    {
        if ($first->source === NameSource::File) {
            $marks[$first->at] = [$end, $kind, $means];
        }
    }
}
