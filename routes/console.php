<?php

declare(strict_types=1);

/*
 * What is done beside the queue; the slate:* commands are found in app/Console/Commands.
 *
 * Every worker (slate:work) runs what is due between two jobs, so that nothing else has to be started. Each of these
 * may run in several workers at once. "php artisan schedule:list" shows them.
 */

use App\Accounts\Sessions;
use App\Batches\BatchRunner;
use App\History\HistoryPruning;
use App\History\IdempotencyKeys;
use App\Intake\Addresses\FetchPictures;
use App\Intake\IncomingParts;
use App\Intake\Packages\PackagePhotos;
use App\Intake\Packages\WorkOnPackage;
use App\Intake\Sheets\WorkOnSheet;
use App\Intake\UnpackArchive;
use App\Media\MeasureAgain;
use App\Media\PhotoCuts;
use App\Media\PhotoStore;
use App\Media\PictureReader;
use App\Media\StalledPictures;
use App\Summaries\CountProducts;
use Illuminate\Support\Facades\Schedule;

// What was begun goes on, where its worker died.
Schedule::call(fn(StalledPictures $pictures) => $pictures->requeue())->name('requeue stalled pictures')->everyMinute();
Schedule::call(fn() => BatchRunner::resumeAbandoned(seconds: 60))->name('resume abandoned batches')->everyMinute();
Schedule::call(fn() => FetchPictures::resumeAbandoned())->name('resume abandoned addresses')->everyMinute();
Schedule::call(fn() => WorkOnSheet::resumeAbandoned())->name('resume abandoned sheets')->everyMinute();
Schedule::call(fn() => WorkOnPackage::resumeAbandoned())->name('resume abandoned packages')->everyMinute();
Schedule::call(fn() => UnpackArchive::resumeAbandoned())->name('resume abandoned archives')->everyMinute();
Schedule::call(fn() => CountProducts::dispatchWhenIdle())->name('count what waits to be counted')->everyMinute();
Schedule::call(fn() => MeasureAgain::dispatchWhenIdle())->name('measure pictures anew')->everyMinute();

// What is no longer needed goes, a little at a time.
Schedule::call(fn(IncomingParts $parts) => $parts->pruneAbandoned())->name('prune abandoned uploads')->everyMinute();
Schedule::call(fn(PackagePhotos $photos) => $photos->prune())->name('prune pictures of old packages')->hourly();
Schedule::call(fn(HistoryPruning $history) => $history->prune())->name('prune old history')->everyMinute();
Schedule::call(fn(IdempotencyKeys $keys) => $keys->prune())->name('prune idempotency keys')->everyMinute();
Schedule::call(fn(Sessions $sessions) => $sessions->prune())->name('prune sessions')->everyMinute();
Schedule::call(fn(PhotoCuts $cuts) => $cuts->pruneUnused(intdiv(time(), 30) & 0xff))
    ->name('prune unused cuts')
    ->everyMinute();
Schedule::call(fn(PictureReader $reader) => $reader->removeLeftovers())->name('remove work folders')->everyMinute();
Schedule::call(fn(PhotoStore $store) => $store->removeLeftovers())->name('remove half-written files')->everyMinute();
