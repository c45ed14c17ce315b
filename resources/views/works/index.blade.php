@extends('layout.app')
@section('title', __('works.works'))
@section('content')
    <div class="page works">
        <h1>{{ __('works.works') }}</h1>
        <p class="quiet">{{ __('works.what_runs_behind_the_screens_as') }}</p>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}</p>
        @endif
        <table class="plain works-checks">
            <tbody>
                @foreach ($checks as $name => $check)
                    <tr>
                        <th scope="row">{{ ucfirst($name) }}</th>
                        <td @class(['warns' => !$check['ok']])>{{ $check['ok'] ? __('works.well') : __('works.not_well') }}</td>
                        <td>{{ $check['says'] }}</td>
                    </tr>
                @endforeach
                <tr>
                    <th scope="row">{{ __('works.jobs_waiting') }}</th>
                    <td>@number($waitingJobs)</td>
                    <td></td>
                </tr>
                <tr>
                    <th scope="row">{{ __('works.pictures') }}</th>
                    <td>@number($pictures['all'])</td>
                    <td>{{ __('works.pictures_by_state', $pictures) }}
                    </td>
                </tr>
            </tbody>
        </table>

        <div class="works-head">
            <h2>{{ __('works.pictures_without_sizes') }}</h2>
            @if ($unread !== [])
                <form method="post" action="{{ route('works.pictures') }}"><x-once /><button
                        class="btn btn-plain">{{ __('works.read_all_again') }}</button></form>
            @endif
        </div>
        @if ($unread === [])
            <p class="quiet">{{ __('works.none_every_picture_can_be_shown') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('works.picture') }}</th>
                        <th scope="col">{{ __('works.product') }}</th>
                        <th scope="col">{{ __('works.state') }}</th>
                        <th scope="col">{{ __('works.why') }}</th>
                        <th scope="col" class="number">{{ __('works.size') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($unread as $photo)
                        <tr>
                            <td>{{ $photo->file ?? __('works.in_no_product') }}</td>
                            <td>
                                @if ($photo->code !== null)
                                    <a href="{{ route('board', $photo->code) }}">{{ $photo->product }}</a>
                                @endif
                            </td>
                            <td>{{ $photo->state }}</td>
                            <td>{{ $photo->failure ?? __('works.being_read') }}</td>
                            <td class="number">{{ __('works.kilobytes', ['kilobytes' => $photo->kilobytes()]) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif

        <div class="works-head">
            <h2>{{ __('works.jobs_that_failed') }}</h2>
            @if ($failed !== [])
                <form method="post" action="{{ route('works.jobs') }}"><x-once /><button
                        class="btn btn-plain">{{ __('works.try_all_again') }}</button></form>
            @endif
        </div>
        @if ($failed === [])
            <p class="quiet">{{ __('works.none') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('works.job') }}</th>
                        <th scope="col">{{ __('works.when') }}</th>
                        <th scope="col">{{ __('works.why') }}</th>
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

        <h2>{{ __('works.versions') }}</h2>
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
