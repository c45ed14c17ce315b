<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use App\Models\LibraryValue;
use App\Store\Library\SwatchColumns;
use App\Store\Library\ValueForm;
use Core\Codes\ValueCode;
use Core\Color\Swatches\Swatch;
use Core\Refusal;
use Illuminate\Support\Facades\DB;

/** The values of the axes, each with its swatch. */
final class ValuesTable implements PortableTable
{
    /** A swatch that is a piece of a picture: of which, by its checksum, and which part. */
    private const PIECE = '/^photo:([0-9a-f]{64}):/D';

    public function name(): string
    {
        return 'values';
    }

    public function keptIn(): string
    {
        return 'axis_values';
    }

    public function description(): string
    {
        return 'The values of each axis, in their order.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('axis', 'What its axis is called.'),
            PortableColumn::key('value', 'What the value is called.'),
            new PortableColumn('code', 'Its part of the codes of SKUs.', isRequired: true),
            new PortableColumn(
                'swatch',
                'Colors by /; before them a pattern, or "photo:", the SHA-256 of a picture and which part of it.',
            ),
            PortableColumn::many('synonyms', 'Other words for it.'),
            PortableColumn::translations(),
        ];
    }

    public function rows(): iterable
    {
        $sums = DB::table('photos')
            ->whereIn('id', DB::table('axis_values')->whereNotNull('swatch_photo_id')->select('swatch_photo_id'))
            ->pluck('sha256', 'id');
        $values = DB::table('axis_values')
            ->join('axes', 'axes.id', '=', 'axis_values.axis_id')
            ->orderBy('axes.id')
            ->orderBy('axis_values.position')
            ->orderBy('axis_values.id')
            ->select(['axis_values.*', 'axes.name as axis'])
            ->cursor();
        foreach ($values as $row) {
            yield [
                $row->axis,
                $row->name,
                $row->code,
                (string) preg_replace_callback(
                    '/^photo:(\d+):/',
                    fn(array $found): string => "photo:{$sums[(int) $found[1]]}:",
                    (string) $row->swatch,
                ),
                LibraryKeys::list(LibraryKeys::read($row->synonyms)),
                LibraryKeys::object($row->translations),
            ];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::valueKey($row->text('axis'), $row->text('value'));
    }

    public function known(): array
    {
        return LibraryKeys::valueIds();
    }

    public function inWords(PortableRow $row): string
    {
        return "the value {$row->text('value')} of {$row->text('axis')}";
    }

    public function check(PortableRow $row): void
    {
        $this->form($row);
        $this->swatch($row, null);
    }

    /** @return ?string the checksum of the picture that its swatch is a piece of */
    public function picture(PortableRow $row): ?string
    {
        return preg_match(self::PIECE, $row->text('swatch'), $found) === 1 ? $found[1] : null;
    }

    /** @throws Refusal */
    public function add(Ledger $ledger, array $rows): void
    {
        $axes = LibraryKeys::axisIds();
        $photos = DB::table('photos')
            ->whereIn('sha256', array_filter(array_map($this->picture(...), $rows)))
            ->pluck('id', 'sha256');
        $positions = $codes = [];
        foreach ($rows as $row) {
            $axisId =
                $axes[LibraryKeys::folded($row->text('axis'))] ??
                throw $row->amiss('axis', "there is no axis {$row->text('axis')}");
            $codes[$axisId] ??= array_fill_keys(
                LibraryValue::query()->where('axis_id', $axisId)->pluck('code')->all(),
                true,
            );
            $positions[$axisId] ??= (int) LibraryValue::query()->where('axis_id', $axisId)->max('position');
            $form = $this->form($row);
            $code = isset($codes[$axisId][$form->code])
                ? ValueCode::propose($form->name->shown, $codes[$axisId])
                : $form->code;
            $codes[$axisId][$code] = true;
            $ledger->insert(
                'axis_values',
                [
                    'axis_id' => $axisId,
                    'name' => $form->name->shown,
                    'folded' => $form->name->folded,
                    'code' => $code,
                    'position' => ++$positions[$axisId],
                    'synonyms' => LibraryKeys::list($form->synonyms),
                    'translations' => LibraryKeys::object(json_encode($form->translations->byTag, JSON_THROW_ON_ERROR)),
                ] + SwatchColumns::of($this->swatch($row, $photos[$this->picture($row) ?? ''] ?? null)),
            );
        }
    }

    private function form(PortableRow $row): ValueForm
    {
        return ValueForm::typed(
            $row->text('value'),
            $row->text('code'),
            implode("\n", $row->texts('synonyms')),
            $row->translations(),
        );
    }

    /** @param  ?int  $photoId  of its picture; without it the swatch has its colors alone */
    private function swatch(PortableRow $row, ?int $photoId): ?Swatch
    {
        $text = $row->text('swatch');
        if ($text === '') {
            return null;
        }
        $swatch = Swatch::read((string) preg_replace(self::PIECE, 'photo:' . ($photoId ?? 1) . ':', $text));

        return $photoId === null ? $swatch->drawn() : $swatch;
    }
}
