<?php

use App\Http\Controllers\Accounts;
use App\Http\Controllers\Asks;
use App\Http\Controllers\Blotter;
use App\Http\Controllers\Channels;
use App\Http\Controllers\Decisions;
use App\Http\Controllers\Description;
use App\Http\Controllers\Differences;
use App\Http\Controllers\Halts;
use App\Http\Controllers\Inlets;
use App\Http\Controllers\Journal;
use App\Http\Controllers\Notices;
use App\Http\Controllers\Panel;
use App\Http\Controllers\Positions;
use App\Http\Controllers\Profiles;
use App\Http\Controllers\Readings;
use App\Http\Controllers\Routes;
use App\Http\Controllers\Session;
use App\Http\Controllers\Slips;
use App\Http\Controllers\Symbols;
use App\Http\Controllers\Trades;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

Route::get('openapi.json', Description\ShowOpenApi::class);
Route::get('schemas/{name}', Description\ShowSchema::class);
Route::get('session', Session\ShowWelcome::class);

Route::middleware('throttle:sign-in')->group(function (): void {
    Route::post('session', Session\SignIn::class);
    Route::post('desk', Session\SignUp::class);
    Route::get('asks/{decision}/{token}', Asks\ShowAsk::class)->whereNumber('decision')->withoutMiddleware(SubstituteBindings::class);
    Route::post('asks/{decision}/{token}', Asks\AnswerAsk::class)->whereNumber('decision')->withoutMiddleware(SubstituteBindings::class);
});

if (config('wexon.bench')) {
    Route::post('bare', static fn () => ['stored' => false])->withoutMiddleware('api');
}

Route::middleware(['auth:sanctum', 'throttle:api'])->group(function (): void {
    Route::get('me', Session\ShowMe::class);
    Route::delete('session', Session\SignOut::class);
    Route::get('live/{desk}', Session\AllowLive::class);
    Route::post('tokens', Session\MakeToken::class);

    Route::get('panel', Panel\ShowPanel::class);

    Route::get('venues', Accounts\ListVenues::class);
    Route::post('venues', Accounts\DescribeVenue::class);
    Route::delete('venues/{venue}', Accounts\ForgetVenue::class);
    Route::get('instruments', Accounts\ListInstruments::class);
    Route::get('accounts', Accounts\ListAccounts::class);
    Route::post('accounts', Accounts\ConnectAccount::class);
    Route::get('accounts/{account}/bars', Accounts\ShowBars::class);
    Route::post('accounts/{account}/check', Accounts\CheckAccount::class);
    Route::put('accounts/{account}/guards', Accounts\SetGuards::class);
    Route::put('accounts/{account}/credentials', Accounts\ChangeCredentials::class);
    Route::delete('accounts/{account}', Accounts\RemoveAccount::class);

    Route::get('inlets', Inlets\ListInlets::class);
    Route::post('inlets', Inlets\MakeInlet::class);
    Route::get('inlets/{inlet}/address', Inlets\ShowAddress::class);
    Route::post('inlets/{inlet}/address', Inlets\RotateAddress::class);
    Route::get('inlets/{inlet}/tally', Inlets\ShowTally::class);
    Route::post('inlets/{inlet}/test', Inlets\SendTest::class);
    Route::get('inlets/{inlet}', Inlets\ShowInlet::class);
    Route::put('inlets/{inlet}', Inlets\ChangeInlet::class);
    Route::delete('inlets/{inlet}', Inlets\RemoveInlet::class);

    Route::get('routes', Routes\ListRoutes::class);
    Route::post('routes', Routes\MakeRoute::class);
    Route::post('routes/preview', Routes\PreviewRoute::class);
    Route::post('ladders/compare', Routes\CompareLadders::class);
    Route::get('routes/{route}/versions', Routes\ListVersions::class);
    Route::get('routes/{route}', Routes\ShowRoute::class);
    Route::put('routes/{route}', Routes\ChangeRoute::class);
    Route::put('routes/{route}/state', Routes\SetState::class);
    Route::put('routes/{route}/next-state', Routes\SetStateLater::class);
    Route::get('routes/{route}/preflight', Routes\ShowPreflight::class);
    Route::get('routes/{route}/guards', Routes\TallyGuards::class);
    Route::get('routes/{route}/states', Routes\ListStateChanges::class);
    Route::delete('routes/{route}', Routes\RemoveRoute::class);

    Route::get('routes/{route}/slips', Slips\ListSlips::class);
    Route::put('routes/{route}/slips', Slips\SetSlips::class);
    Route::put('slips/{slip}', Slips\ChangeSlip::class);

    Route::get('readings', Readings\ListReadings::class);
    Route::post('readings', Readings\MakeReading::class);
    Route::get('readings/fields', Readings\ListFields::class);
    Route::post('readings/try', Readings\TryReading::class);
    Route::post('readings/guess', Readings\GuessReading::class);
    Route::get('readings/{reading}', Readings\ShowReading::class);
    Route::put('readings/{reading}', Readings\ChangeReading::class);
    Route::delete('readings/{reading}', Readings\RemoveReading::class);

    Route::get('profiles', Profiles\ListProfiles::class);
    Route::post('profiles', Profiles\MakeProfile::class);
    Route::put('profiles/{profile}', Profiles\ChangeProfile::class);
    Route::delete('profiles/{profile}', Profiles\RemoveProfile::class);

    Route::get('symbols', Symbols\ListSymbols::class);
    Route::get('symbols/guess', Symbols\GuessSymbol::class);
    Route::put('symbols/rules', Symbols\SetSymbolRules::class);
    Route::put('symbols/links', Symbols\LinkSymbol::class);
    Route::delete('symbols/links/{link}', Symbols\UnlinkSymbol::class);

    Route::get('halts', Halts\ListHalts::class);
    Route::post('halts', Halts\BeginHalt::class);
    Route::post('halts/{halt}/lift', Halts\LiftHalt::class);

    Route::get('channels', Channels\ListChannels::class);
    Route::post('channels', Channels\MakeChannel::class);
    Route::put('channels/{channel}', Channels\ChangeChannel::class);
    Route::delete('channels/{channel}', Channels\RemoveChannel::class);
    Route::post('channels/{channel}/test', Channels\TryChannel::class);
    Route::post('channels/{channel}/deliveries/{delivery}', Channels\SendAgain::class);

    Route::get('notices', Notices\ListNotices::class);
    Route::post('notices/read', Notices\ReadNotices::class);

    Route::post('messages/{message}/again', Journal\RunAgain::class);
    Route::get('messages', Journal\ListMessages::class);
    Route::get('messages/{message}', Journal\ShowMessage::class);
    Route::get('decisions/held', Decisions\ListHeld::class);
    Route::post('decisions/{decision}/approve', Decisions\Approve::class);
    Route::post('decisions/{decision}/turn-down', Decisions\TurnDown::class);
    Route::post('decisions/{decision}/overrule', Decisions\Overrule::class);
    Route::get('decisions/{decision}/replay', Journal\ReplayDecision::class);

    Route::get('positions', Blotter\ListPositions::class);
    Route::post('positions/flatten', Positions\Flatten::class);
    Route::get('positions/{position}', Positions\ShowPosition::class);
    Route::put('positions/{position}/stop', Positions\MoveStop::class);
    Route::put('positions/{position}/targets', Positions\SetTargets::class);
    Route::post('positions/{position}/break-even', Positions\ToBreakEven::class);
    Route::post('positions/{position}/close', Positions\ClosePosition::class);
    Route::post('positions/{position}/add', Positions\AddToPosition::class);
    Route::get('differences', Differences\ListDifferences::class);
    Route::post('differences/{difference}', Differences\Answer::class);
    Route::get('trades', Trades\ListTrades::class);
    Route::get('trades/tally', Trades\TallyTrades::class);
    Route::get('orders', Blotter\ListOrders::class);
    Route::post('orders/cancel', Blotter\CancelOrders::class);
    Route::post('orders/{order}/cancel', Blotter\CancelOrder::class);
    Route::post('orders/{order}/move', Blotter\MoveOrder::class);
    Route::get('fills', Blotter\ListFills::class);
});
