<section aria-labelledby="sheets-head">
    <h2 id="sheets-head">{{ __('sheets.sheets') }}</h2>
    <p class="quiet">{{ __('sheets.about') }} <a href="{{ route('sheet.template') }}">{{ __('sheets.template') }}</a></p>
    @if ($sheets !== [])
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('sheets.sheet') }}</th>
                    <th scope="col">{{ __('intake.from') }}</th>
                    <th scope="col" class="number">{{ __('sheets.rows_page') }}</th>
                    <th scope="col" class="number">{{ __('sheets.to_import') }}</th>
                    <th scope="col" class="number">{{ __('sheets.verdict_rejected') }}</th>
                    <th scope="col">{{ __('sheets.state') }}</th>
                    <th scope="col">{{ __('intake.who') }}</th>
                    <th scope="col">{{ __('intake.when') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sheets as $one)
                    <tr>
                        <td><a class="name" href="{{ route('sheet', $one->sheet) }}">{{ $one->sheet->name }}</a>
                        </td>
                        <td>{{ $one->sheet->sender }}</td>
                        <td class="number">@number($one->sheet->rows)</td>
                        <td class="number">@number($one->sound)</td>
                        <td class="number">@number($one->rejected)</td>
                        <td>{{ __("sheets.state_{$one->sheet->state->value}") }}</td>
                        <td>{{ $one->sheet->user->name }}</td>
                        <td>{{ $one->sheet->at('j M H:i') }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</section>
<h2>{{ __('sheets.pictures') }}</h2>
