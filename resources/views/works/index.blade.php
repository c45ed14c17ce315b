@extends('layout.app')
@section('title', 'Works')
@section('content')
    <div class="page works">
        <h1>Works</h1>
        <p class="quiet">What runs behind the screens, as it stands now.</p>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}</p>
        @endif
        <table class="plain works-checks">
            <tbody>
                @foreach ($checks as $name => $check)
                    <tr>
                        <th scope="row">{{ ucfirst($name) }}</th>
                        <td @class(['warns' => !$check['ok']])>{{ $check['ok'] ? 'Well' : 'Not well' }}</td>
                        <td>{{ $check['says'] }}</td>
                    </tr>
                @endforeach
                <tr>
                    <th scope="row">Jobs waiting</th>
                    <td>{{ number_format($waitingJobs) }}</td>
                    <td></td>
                </tr>
                <tr>
                    <th scope="row">Pictures</th>
                    <td>{{ number_format(array_sum($pictures)) }}</td>
                    <td>{{ number_format($pictures['ready']) }} ready, {{ number_format($pictures['waiting']) }} waiting,
                        {{ number_format($pictures['failed']) }} failed, {{ number_format($pictures['refused']) }} refused
                    </td>
                </tr>
            </tbody>
        </table>

        <div class="works-head">
            <h2>Pictures without sizes</h2>
            @if ($unread !== [])
                <form method="post" action="{{ route('works.pictures') }}"><x-once /><button class="btn btn-plain">Read all
                        again</button></form>
            @endif
        </div>
        @if ($unread === [])
            <p class="quiet">None: every picture can be shown.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">Picture</th>
                        <th scope="col">Product</th>
                        <th scope="col">State</th>
                        <th scope="col">Why</th>
                        <th scope="col" class="number">Size</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($unread as $photo)
                        <tr>
                            <td>{{ $photo->file ?? 'in no product' }}</td>
                            <td>
                                @if ($photo->code !== null)
                                    <a href="{{ route('board', $photo->code) }}">{{ $photo->product }}</a>
                                @endif
                            </td>
                            <td>{{ $photo->state }}</td>
                            <td>{{ $photo->failure ?? 'being read' }}</td>
                            <td class="number">{{ number_format($photo->bytes / 1024) }} kB</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif

        <div class="works-head">
            <h2>Jobs that failed</h2>
            @if ($failed !== [])
                <form method="post" action="{{ route('works.jobs') }}"><x-once /><button class="btn btn-plain">Try all
                        again</button></form>
            @endif
        </div>
        @if ($failed === [])
            <p class="quiet">None.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">Job</th>
                        <th scope="col">When</th>
                        <th scope="col">Why</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($failed as $job)
                        <tr>
                            <td>{{ $job->name }}</td>
                            <td>{{ $job->at }}</td>
                            <td>{{ $job->why }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif

        <h2>Versions</h2>
        <table class="plain">
            <tbody>
                @foreach ($versions as $name => $version)
                    <tr>
                        <th scope="row">{{ $name }}</th>
                        <td>{{ $version }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
@endsection
