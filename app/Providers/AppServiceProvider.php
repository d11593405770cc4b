<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\OneWriterPostgresConnection;
use App\Models\OneWriterSQLiteConnection;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Outside\MessageGateway;
use App\Outside\OwnGateway;
use App\Outside\SimulatedGateway;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\FoundBad;
use App\UseCases\Parts\OwnSuppliers;
use App\UseCases\Shop\Backup\Stores\DataStore;
use App\UseCases\Shop\Backup\Stores\PostgresStore;
use App\UseCases\Shop\Backup\Stores\SqliteStore;
use App\UseCases\Shop\CoreVersion;
use App\UseCases\Shop\OneClock;
use App\UseCases\Shop\ShopBelief;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\ViewErrorBag;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Supplier\ManySuppliers;
use Orthoscope\Core\Supplier\SimulatedSupplier;
use Orthoscope\Core\Supplier\Supplier;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn (mixed ...$parts): OneWriterSQLiteConnection => new OneWriterSQLiteConnection(...$parts));
        Connection::resolverFor('pgsql', fn (mixed ...$parts): OneWriterPostgresConnection => new OneWriterPostgresConnection(...$parts));
        $this->app->bind(DataStore::class, fn (): DataStore => match (DB::getDriverName()) {
            'pgsql' => new PostgresStore,
            default => new SqliteStore,
        });
        $this->app->singleton(CoreVersion::class);
        $this->app->singleton(OneClock::class);
        $this->app->singleton(Shop::class, fn (): Shop => Shop::stored());
        $this->app->scoped(FoundBad::class);
        $this->app->scoped(ShopBelief::class);
        // One request reads a record and works it out once.
        $this->app->scoped(AssessJob::class);
        $this->app->singleton(Catalogue::class, fn (): Catalogue => $this->app->make(ShopCatalogue::class)->now());
        $this->app->bind(
            MessageGateway::class,
            fn (): MessageGateway => config('shop.gateway') === 'simulated'
                ? new SimulatedGateway((float) config('shop.gateway_fails'))
                : new OwnGateway($this->app->make(Shop::class)),
        );
        $this->app->bind(Supplier::class, fn (): Supplier => new ManySuppliers([new OwnSuppliers, ...$this->simulatedSuppliers()]));
        $this->app->bind(
            LetterWriter::class,
            fn (): LetterWriter => new LetterWriter($this->app->make(Catalogue::class)),
        );
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // Pages that are shown outside of every route, such as that nothing is there, have no errors of a form.
        View::share('errors', new ViewErrorBag);
        // With its token every form carries a key of its own: sent twice, it is taken once.
        Blade::directive('csrf', fn (): string => "<?php echo csrf_field(), '<input type=\"hidden\" name=\"_once\" value=\"', "
            ."\\Illuminate\\Support\\Str::random(16), '\">'; ?>");
        Session::extend('steady', fn (): SteadySession => new SteadySession(
            $this->app->make('files'),
            (string) config('session.files'),
            (int) config('session.lifetime'),
        ));
        // A log that cannot be written keeps nobody from reading.
        config(['logging.default' => 'stack', 'logging.channels.stack.ignore_exceptions' => true]);
        date_default_timezone_set($this->app->make(Shop::class)->timeZone);
        // Before the tables are made there was no shop to be read: whoever asks next reads it anew.
        $this->app->forgetInstance(Shop::class);
        Gate::define('take-in', fn (User $user): bool => in_array($user->role, Role::cases(), true));
        Gate::define('work-at-bench', fn (User $user): bool => $user->role->worksAtBench());
        Gate::define('lead', fn (User $user): bool => $user->role === Role::Lead);
        // One name is not tried often, and one address does not try many names.
        RateLimiter::for('login', fn (Request $request): array => [
            Limit::perMinute(6)->by(strtolower((string) json_encode($request->input('email'))).'|'.$request->ip()),
            Limit::perMinute(30)->by('login|'.$request->ip()),
        ]);
        RateLimiter::for('forgotten', fn (Request $request): Limit => Limit::perHour(10)->by('forgotten|'.$request->ip()));
        RateLimiter::for('quotes', fn (Request $request): Limit => Limit::perMinute(30)->by((string) $request->ip()));
        RateLimiter::for('letters', fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
    }

    /** @return list<Supplier> */
    private function simulatedSuppliers(): array
    {
        return config('shop.suppliers') !== 'simulated'
            ? []
            : [
                new SimulatedSupplier(
                    $this->app->make(Catalogue::class)->supplier,
                    (string) config('shop.supplier_seed'),
                    (array) config('shop.supplier_fixed'),
                    (float) config('shop.supplier_sold_out'),
                ),
            ];
    }
}
