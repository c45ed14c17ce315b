@extends('layout.app')
@section('title', 'Shooting list')
@section('content')
    <div class="page shooting">
        <x-catalog-head place="shooting-list" />
        <div class="shooting-head">
            <p><b>{{ $screen->countInWords() }}</b>
                @if ($screen->product !== null)
                    of {{ $screen->product }}.
                    <a href="{{ route('shooting-list') }}">Of all products</a>
                @endif
            </p>
            <nav aria-label="Group by">
                @foreach (App\Http\Screens\Pictures\ShootingScreen::BY as $by => $label)
                    <a class="btn btn-plain" href="{{ $screen->address(['by' => $by]) }}"
                        @if ($screen->by === $by) aria-current="true" @endif>By {{ strtolower($label) }}</a>
                @endforeach
                <a class="btn btn-plain" href="{{ $screen->address(route: 'shooting-list.csv') }}"><x-icon name="download" />
                    CSV</a>
                <button type="button" class="btn btn-primary" data-do="print">Print</button>
            </nav>
        </div>
        @if ($screen->lines === [])
            <p class="empty">Nothing is missing{{ $screen->product === null ? '' : ' of ' . $screen->product }}.</p>
        @else
            <p class="quiet">Files with these names are read by the intake without a question: each says its SKU and its
                view.</p>
            @foreach ($screen->groups() as $group => $lines)
                <section>
                    <h2>{{ $group }} <small>{{ count($lines) }}
                            {{ count($lines) === 1 ? 'picture' : 'pictures' }}</small></h2>
                    <table class="plain">
                        <thead>
                            <tr>
                                <th scope="col"><span class="visually-hidden">Done</span></th>
                                @if ($screen->by !== 'product')
                                    <th scope="col">Product</th>
                                @endif
                                <th scope="col">
                                    Part</th>
                                @if ($screen->by !== 'view')
                                    <th scope="col">View</th>
                                @endif
                                <th scope="col">
                                    Needed</th>
                                <th scope="col" class="number">SKUs</th>
                                <th scope="col">File name</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($lines as $line)
                                <tr>
                                    <td><span class="tick" aria-hidden="true"></span></td>
                                    @if ($screen->by !== 'product')
                                        <td>{{ $line->name }} <span class="quiet">{{ $line->code }}</span></td>
                                    @endif
                                    <td>
                                        <a
                                            href="{{ route('board', ['product' => $line->code, 'selected' => $line->selected]) }}">{{ $line->part() }}</a>
                                    </td>
                                    @if ($screen->by !== 'view')
                                        <td>{{ $line->view->name }}</td>
                                    @endif
                                    <td @class([
                                        'quiet' => $line->need !== Core\Gallery\Coverage\Need::Required,
                                    ])>
                                        {{ $line->need->value }}</td>
                                    <td class="number">{{ number_format($line->skus) }}</td>
                                    <td>
                                        @if ($line->file === '')
                                            <span class="quiet">any name; link it by
                                            hand</span>@else<code>{{ $line->file }}</code>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </section>
            @endforeach
            @unless ($screen->isAll)
                <p class="quiet">There are more. The CSV has them all.</p>
            @endunless
        @endif
    </div>
@endsection
