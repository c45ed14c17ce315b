@extends('layout.app')
@section('title', 'A picture in many products')
@section('content')
    @php($count = number_format($found) . ($found === 1 ? ' product' : ' products'))
    <div class="page batches">
        <h1>A picture in many products</h1>
        @if (($wanted['photo'] ?? '') === '')
            <p class="empty">Choose the picture first: among those that are <a href="{{ route('intake.stored') }}">stored
                    already</a>, open where it is used, and put it into many products.</p>
        @else
            <form method="get" action="{{ route('bulk.pictures') }}" class="bulk-picture">
                <img src="{{ App\Media\PhotoSize::Thumb->address((int) $wanted['photo']) }}" alt="" width="132"
                    height="132">
                <div>
                    <input type="hidden" name="photo" value="{{ $wanted['photo'] }}">
                    <div class="line">
                        <div class="field"><label for="file">It is called</label><input class="form-control"
                                id="file" name="file" value="{{ $wanted['file'] ?? '' }}" maxlength="180" required>
                        </div>
                        <div class="field"><label for="way">What</label><select class="form-select" id="way"
                                name="way">
                                @foreach (Core\Changes\Pictures\PictureWay::cases() as $way)
                                    <option value="{{ $way->value }}" @selected(($wanted['way'] ?? 'add') === $way->value)>{{ $way->inWords() }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                        <div class="field"><label for="part">Where</label><input class="form-control" id="part"
                                name="part" value="{{ $wanted['part'] ?? '' }}" maxlength="200"
                                placeholder="whole product, or such as Moss" autocomplete="off"></div>
                        <div class="field"><label for="view">View</label><select class="form-select" id="view"
                                name="view">
                                <option value="">as it is</option>
                                @foreach (app(App\Store\Library\ViewShelf::class)->views()->all as $view)
                                    <option value="{{ $view->key }}" @selected(($wanted['view'] ?? '') === $view->key)>{{ $view->label() }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                    </div>
                    <div class="line">
                        <div class="field"><label for="q">Products with</label><input class="form-control"
                                type="search" id="q" name="q" value="{{ $page->asked->search }}"
                                placeholder="all, or words of name and code" autocomplete="off"></div>
                        <div class="field"><label for="category">Category</label><select class="form-select" id="category"
                                name="category">
                                <option value="">any</option>
                                @foreach ($page->totals['category'] ?? [] as $value => $many)
                                    @if ($value !== '')
                                        <option value="{{ $value }}" @selected(($page->asked->filters['category'] ?? '') === (string) $value)>
                                            {{ str_replace(' > ', ' › ', $value) }}</option>
                                    @endif
                                @endforeach
                            </select>
                        </div>
                        @if (($wanted['way'] ?? '') === 'replace')
                            <div class="field"><label for="find">Pictures to put in its place, by name</label><input
                                    class="form-control" id="find" name="find" value="{{ $wanted['find'] ?? '' }}"
                                    maxlength="100" autocomplete="off"></div>
                        @endif
                    </div>
                    @if (($wanted['way'] ?? '') === 'replace')
                        <fieldset class="field others">
                            <legend>In its place, where it is replaced</legend>
                            @foreach ($others as $other)
                                <label><input type="radio" name="other" value="{{ $other->photoId }}"
                                        @checked((int) ($wanted['other'] ?? 0) === $other->photoId)><img
                                        src="{{ App\Media\PhotoSize::Thumb->address($other->photoId) }}"
                                        alt="{{ $other->name }}" title="{{ $other->name }}" width="52"
                                        height="52" loading="lazy"></label>
                            @endforeach
                        </fieldset>
                    @endif
                    <button class="btn btn-plain submit">Show what it does</button>
                </div>
            </form>
            @if ($problem !== '')
                <p class="warns" role="status">{{ $problem }}</p>
            @elseif ($found === 0)
                <p class="empty">No product is like this.</p>
            @else
                <form method="post" action="{{ route('bulk.pictures.store') }}" class="batch-form">
                    <x-once />
                    @foreach (array_filter($wanted) as $name => $value)
                        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                    @endforeach
                    <input type="hidden" name="q" value="{{ $page->asked->search }}">
                    @foreach ($page->asked->filters as $facet => $value)
                        <input type="hidden" name="{{ $facet }}" value="{{ $value }}">
                    @endforeach
                    <p role="status"><b>{{ $words }}</b>, in {{ $count }}.</p>
                    <label><input type="checkbox" class="form-check-input" name="mode" value="all"> all or
                        nothing</label>
                    <button class="btn btn-primary submit">Change {{ $count }}</button>
                </form>
                <table class="plain">
                    <caption>{{ $found > count($rows) ? 'The first ' . count($rows) . ' of them' : 'All of them' }}
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">Product</th>
                            <th scope="col">Part</th>
                            <th scope="col">Before</th>
                            <th scope="col">After</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr>
                                <td>{{ $row['name'] }} <span class="quiet">{{ $row['code'] }}</span></td>
                                @if ($row['refusal'] !== '')
                                <td colspan="3" class="quiet">{{ $row['refusal'] }}</td>@else<td>
                                        {{ $row['place'] }}</td>
                                    <td>{{ $row['before'] === '' ? 'no picture' : $row['before'] }}</td>
                                    <td>
                                        @if ($row['after'] === $row['before'])
                                            <span class="quiet">the
                                                same</span>@else{{ $row['after'] === '' ? 'no picture' : $row['after'] }}
                                        @endif
                                    </td>
                                @endif
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        @endif
    </div>
@endsection
