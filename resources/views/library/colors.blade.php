<div class="colors" data-library data-version="{{ $library->library->version }}" data-eyes="{{ $screen->eyes?->value }}"
    data-url="{{ route('library.colors', $axis) }}" data-can-edit="{{ $canEdit ? '1' : '' }}">
    <div class="colors-tools">
        <h2>{{ __('library.colors_of_axis', ['axis' => $axis->name]) }}</h2> <a class="btn btn-plain"
            href="{{ route('library.axis', $axis) }}">{{ __('library.its_values') }}</a>
        <span
            class="quiet">{{ __('library.shoppers_choose_by_display', ['display' => $screen->axis()->display->inWords()]) }}</span>
        @can('edit')@if ($screen->lacking() !== [])
            <form data-act="{{ route('library.colors.fill', $axis) }}"><button
                    class="btn btn-primary">{{ trans_choice('library.fill_lacking_from_lead_pictures', count($screen->lacking())) }}</button>
            </form>
        @endif @endcan
        <span class="spacer"></span>
        @can('edit')
            @include('colors.order', [
                'action' => route('library.colors.order', $axis),
                'axis' => $screen->axis(),
            ])
        @endcan
        <a class="btn btn-plain"
            href="{{ route('library.colors.sheet', $axis) }}">{{ __('library.swatch_sheet') }}</a>
    </div>
    @if ($screen->tried !== null || $typed !== '' || $canEdit)
        <div class="colors-try">
            <form method="get" action="{{ route('library.colors', $axis) }}" class="line-form"><label
                    for="colors-try">{{ __('library.a_color_you_think_of') }}</label><input class="form-control"
                    id="colors-try" name="try" value="{{ $typed }}"
                    placeholder="{{ __('library.navy_24304f_oklch') }}" maxlength="100" autocomplete="off"
                    @if ($problem !== '') aria-invalid="true" aria-describedby="colors-try-problem" @endif><button
                    class="btn btn-plain">{{ __('library.see_it_beside_the_others') }}</button></form>
            @if ($problem !== '')
                <p class="problem" id="colors-try-problem" role="alert">{{ $problem }}</p>
            @endif
            @if ($screen->tried !== null)
                <p role="status"><x-swatch-chip class="swatch-large" :swatch="$screen->tried->swatch" />
                    @say('library.hex_is_nearest_to', ['hex' => $screen->tried->swatch->hex(), 'near' => $screen->triedNear()])
                </p>
                @can('edit')
                    <form class="line-form" data-act="{{ route('library.colors.add', $axis) }}"><input type="hidden"
                            name="kind" value="colors"><input type="hidden" name="colors[0]"
                            value="{{ $screen->tried->swatch->hex() }}"><label
                            for="colors-new">{{ __('library.add_it_as') }}</label><input class="form-control"
                            id="colors-new" name="name" value="{{ $screen->tried->name }}" maxlength="80" required
                            autocomplete="off"><button class="btn btn-primary">{{ __('library.add') }}</button></form>
                @endcan
            @endif
        </div>
    @endif
    <p class="colors-sum" role="status">{{ $screen->summary() }}</p>
    @include('colors.map', [
        'axis' => $screen->axis(),
        'of' => [],
        'moveRoute' => 'library.swatch.move',
        'openRoute' => 'library.swatch',
        'pageRoute' => 'library.colors',
        'here' => ['axis' => $axis->id],
    ])
</div>
