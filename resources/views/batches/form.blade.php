@extends('layout.app')
@section('title', 'Change many products')
@section('content')
    @php($count = number_format($found) . ($found === 1 ? ' product' : ' products'))
    <div class="page batches">
        <h1>Change {{ $count }}</h1>
        <p class="quiet">Each product is changed by itself, with an entry in its own history. It goes on while you work on
            something else, and all of it can be undone.</p>
        @if ($found === 0)
            <p class="empty">No product is like this. <a href="{{ $page->address([]) }}">Back to the catalog</a></p>
        @else
            <form method="post" action="{{ route('batches.store') }}" class="batch-form">
                <x-once />
                <input type="hidden" name="q" value="{{ $page->asked->search }}">
                @foreach ($page->asked->filters as $facet => $value)
                    <input type="hidden" name="{{ $facet }}" value="{{ $value }}">
                @endforeach
                <div class="field"><label for="what">What</label>
                    <select class="form-select" id="what" name="what" required>
                        @foreach (['sku-price' => 'Price of every SKU', 'value-price' => 'What a value adds to the price', 'sku-stock' => 'Stock of every SKU', 'details:price' => 'Price of the product', 'details:category' => 'Category', 'details:brand' => 'Brand'] as $what => $label)
                            <option value="{{ $what }}" @selected(old('what') === $what)>{{ $label }}</option>
                        @endforeach
                        @foreach ($page->shotLists as $id => $name)
                            <option value="details:shot_list_id:{{ $id }}" @selected(old('what') === "details:shot_list_id:{$id}")>Shot list:
                                {{ $name }}</option>
                        @endforeach
                    </select>
                </div>
                <div class="field only-value"><label for="of">Of the value</label>
                    <select class="form-select" id="of" name="of">
                        @foreach ($axes as $axis)
                            <optgroup label="{{ $axis->name }}">
                                @foreach ($axis->values as $value)
                                    <option value="{{ $value->id }}" @selected((int) old('of') === $value->id)>{{ $value->name }}
                                    </option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </select>
                </div>
                <div class="field"><label for="value">To</label><input class="form-control" id="value"
                        name="value" value="{{ old('value') }}" maxlength="200" autocomplete="off"
                        aria-describedby="value-hint" @error('refused') aria-invalid="true" @enderror></div>
                <fieldset class="field">
                    <legend>If a product refuses</legend>
                    <label><input type="radio" class="form-check-input" name="mode" value="far"
                            @checked(old('mode', 'far') === 'far')> change all others</label>
                    <label><input type="radio" class="form-check-input" name="mode" value="all"
                            @checked(old('mode') === 'all')> change none: all or nothing</label>
                </fieldset>
                <button class="btn btn-primary submit">Change {{ $count }}</button>
            </form>
            <p class="quiet" id="value-hint">Prices: 52.00 sets, +5 and −5 raise and lower, +10 % and −10 % too; a raise of
                every SKU changes base
                prices, what values add, and own prices. What a value adds: +5.00 or +8 %. Nothing typed: SKUs follow their
                product’s price, stock is no longer counted, the rest is emptied. A shot list needs nothing typed.</p>
            <table class="plain">
                <caption>
                    {{ $found > count($page->rows) ? 'The first ' . count($page->rows) . ' of them, as they are now' : 'As they are now' }}
                </caption>
                <thead>
                    <tr>
                        <th scope="col">Product</th>
                        <th scope="col">Category</th>
                        <th scope="col" class="number">SKUs</th>
                        <th scope="col" class="number">Price</th>
                        <th scope="col" class="number">Stock</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->rows as $row)
                        <tr>
                            <td>{{ $row->name }} <span class="quiet">{{ $row->code }}</span></td>
                            <td>{{ str_replace(' > ', ' › ', $row->category) }}</td>
                            <td class="number">{{ number_format($row->skus) }}</td>
                            <td class="number">{{ $row->prices }}</td>
                            <td class="number">
                                {{ $row->skus > 0 && $row->notCounted === $row->skus ? 'not counted' : number_format($row->units) }}
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
@endsection
