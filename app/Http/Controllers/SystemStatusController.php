<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Batches\TryAgain;
use App\Http\Person;
use App\Summaries\Status\SystemStatus;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SystemStatusController
{
    public function show(SystemStatus $status): View
    {
        $pictures = $status->pictures();

        return view('works.index', [
            'checks' => $status->checks(),
            'waitingJobs' => $status->waitingJobs(),
            'pictures' => [...$pictures, 'all' => array_sum($pictures)],
            'unread' => $status->unread(),
            'failed' => $status->failedJobs(),
            'versions' => $status->versions(),
        ]);
    }

    public function readAgain(Request $request, TryAgain $action): RedirectResponse
    {
        $count = $action->pictures(Person::of($request));

        return redirect()
            ->route('works')
            ->with(
                'said',
                $count === 1
                    ? __('answers.one_picture_is_read_again')
                    : __('answers.count_pictures_are_read_again', ['count' => $count]),
            );
    }

    public function retryJobs(Request $request, TryAgain $action): RedirectResponse
    {
        $count = $action->jobs(Person::of($request));

        return redirect()
            ->route('works')
            ->with(
                'said',
                $count === 1
                    ? __('answers.one_job_is_back_in_the')
                    : __('answers.count_jobs_are_back_in_the', ['count' => $count]),
            );
    }
}
