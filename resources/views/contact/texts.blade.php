<form class="alt-texts" data-act="{{ route('alt-texts', $product) }}">
    <h2 id="dialog-title">{{ __('contact.alt_texts_of_product', ['product' => $product->name]) }}</h2>
    <p>{{ $screen->summary() }}.</p>
    <div class="pairs" tabindex="0" role="region" aria-label="{{ __('contact.alt_texts_2') }}">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col"><span class="visually-hidden">{{ __('contact.picture') }}</span></th>
                    <th scope="col">{{ __('contact.text') }}</th>
                    <th scope="col">{{ __('contact.what_is_wrong') }}</th>
                    <th scope="col">{{ __('contact.then') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->rows() as $row)
                    <tr>
                        <td>
                            @if ($row->thumb !== null)
                                <img src="{{ $row->thumb }}" alt="" width="34" height="34"
                                    loading="lazy">
                            @endif
                        </td>
                        <td>{{ $row->text }}@if ($row->isTyped)
                                <span class="quiet"> {{ __('contact.typed') }}</span>
                            @endif
                        </td>
                        <td @class(['warns' => $row->faults !== []])>
                            @list($row->faults)</td>
                        <td>{{ $row->proposal }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('contact.close') }}</button>
        @if ($screen->proposals !== [])
            <button
                class="btn btn-primary">{{ trans_choice('contact.give_proposals', count($screen->proposals)) }}</button>
        @endif
    </div>
</form>
