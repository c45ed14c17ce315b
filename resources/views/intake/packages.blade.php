@if ($packages !== [])
    <section aria-labelledby="packages-head">
        <h2 id="packages-head">{{ __('packages.packages') }}</h2>
        <p class="quiet">{{ __('packages.about') }}</p>
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('packages.package') }}</th>
                    <th scope="col" class="number">{{ __('packages.products') }}</th>
                    <th scope="col">{{ __('sheets.state') }}</th>
                    <th scope="col">{{ __('intake.who') }}</th>
                    <th scope="col">{{ __('intake.when') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($packages as $one)
                    <tr>
                        <td><a class="name" href="{{ route('package', $one) }}">{{ $one->name }}</a></td>
                        <td class="number">@number($one->products)</td>
                        <td>{{ __("sheets.state_{$one->state->value}") }}</td>
                        <td>{{ $one->user->name }}</td>
                        <td>{{ $one->at('j M H:i') }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
