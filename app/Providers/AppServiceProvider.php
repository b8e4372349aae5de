<?php

namespace App\Providers;

use App\Blotter\Prices;
use App\Connector\Connectors;
use App\Dispatch\Readers;
use App\Dispatch\Sweep;
use App\Dispatch\SymbolMaps;
use App\Models\Account;
use App\Models\Channel;
use App\Models\ChartProfile;
use App\Models\Decision;
use App\Models\Difference;
use App\Models\Halt;
use App\Models\Inlet;
use App\Models\Message;
use App\Models\Order;
use App\Models\Position;
use App\Models\Reading;
use App\Models\Route as RouteModel;
use App\Models\Slip;
use App\Models\SymbolLink;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Connectors::class);
        $this->app->singleton(Readers::class);
        $this->app->singleton(SymbolMaps::class);
        $this->app->scoped(Prices::class);
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::preventLazyLoading(! app()->isProduction());
        // What the last worker left half done is taken up at once, not only at the next sweep.
        Event::listen(WorkerStarting::class, static fn () => app(Sweep::class)->run(olderThan: 0));
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by(mb_strtolower($request->string('email')).'|'.$request->ip()),
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
        RateLimiter::for('api', static function (Request $request): Limit {
            $user = $request->user();

            return Limit::perMinute(1200)->by($user instanceof User ? "user-{$user->id}" : (string) $request->ip());
        });
        $this->bindToDesk();
    }

    /** What an address names is looked for on the asker's own desk only. */
    private function bindToDesk(): void
    {
        foreach (['account' => Account::class, 'inlet' => Inlet::class, 'route' => RouteModel::class, 'decision' => Decision::class, 'reading' => Reading::class, 'profile' => ChartProfile::class, 'link' => SymbolLink::class, 'slip' => Slip::class, 'order' => Order::class, 'position' => Position::class, 'difference' => Difference::class, 'halt' => Halt::class, 'channel' => Channel::class] as $name => $model) {
            Route::bind($name, static fn (string $id): Model => $model::query()->where('desk_id', self::desk())->findOrFail($id));
        }
        Route::bind('message', static fn (string $ulid): Message => Message::query()->where('desk_id', self::desk())->where('ulid', $ulid)->firstOrFail());
    }

    private static function desk(): ?int
    {
        $user = request()->user();

        return $user instanceof User ? $user->desk_id : null;
    }
}
