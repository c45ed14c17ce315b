<?php

declare(strict_types=1);

use App\Ledger\Ledger;
use App\Ledger\RowChange;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

// Core tests need neither; they run with no application and no database.
pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature', 'Reference/App');

/** @return list<RowChange> */
function changesOf(Ledger $ledger): array
{
    return iterator_to_array($ledger->log(), false);
}

/** Signs in as a browser does: another one each time, unless its cookies are given. */
function signIn(
    string $email,
    string $password = 'slate-demo',
    string $address = '203.0.113.7',
    array $cookies = [],
    array $more = [],
): TestResponse {
    Auth::forgetGuards();
    app('session')->driver()->flush();
    // The form as it is on the page, with the ticket that goes with it.
    $page = test()
        ->withCookies(['remembered' => ''])
        ->get('/sign-in');
    preg_match('/name="_token" value="([^"]+)"/', (string) $page->getContent(), $ticket);
    $cookies += ['sign_in_ticket' => $page->getCookie('sign_in_ticket')->getValue()];

    return test()
        ->withServerVariables(['REMOTE_ADDR' => $address])
        ->withCookies($cookies)
        ->post('/sign-in', ['_token' => $ticket[1], 'email' => $email, 'password' => $password] + $more);
}
