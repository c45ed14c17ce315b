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
        return view('works.index', [
            'checks' => $status->checks(),
            'waitingJobs' => $status->waitingJobs(),
            'pictures' => $status->pictures(),
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
            ->with('said', $count === 1 ? 'One picture is read again.' : "{$count} pictures are read again.");
    }

    public function retryJobs(Request $request, TryAgain $action): RedirectResponse
    {
        $count = $action->jobs(Person::of($request));

        return redirect()
            ->route('works')
            ->with('said', $count === 1 ? 'One job is back in the queue.' : "{$count} jobs are back in the queue.");
    }
}
