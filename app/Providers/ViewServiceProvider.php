<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Language\InterfaceTranslator;
use App\Http\Language\Numbers;
use App\Http\Screens\CategoryPath;
use App\Http\Screens\TypedText;
use App\Http\Screens\ViewData;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\View\View as DrawnView;

/** What views have for saying something: the translator, a few directives, and what each is given. */
final class ViewServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->extend('translator', function (Translator $translator): InterfaceTranslator {
            $own = new InterfaceTranslator($translator->getLoader(), $translator->getLocale());
            $own->setFallback($translator->getFallback());

            return $own;
        });
        $this->app->alias('translator', InterfaceTranslator::class);
    }

    public function boot(): void
    {
        // A sentence with marks in it, and the same for a sentence that depends on a number.
        $this->directive('say', InterfaceTranslator::class . '::html');
        $this->directive('sayChoice', InterfaceTranslator::class . '::htmlChoice');
        // What stands in a field: lists and translations as people type them.
        $this->directive('typed', TypedText::class . '::list');
        $this->directive('typedTranslations', TypedText::class . '::translations');
        // A number and a list as the language writes them; a category as a path.
        $this->directive('number', Numbers::class . '::written');
        $this->directive('list', Numbers::class . '::list');
        $this->directive('path', CategoryPath::class . '::shown');
        // Set for each request, when it is known who asks (App\Http\Middleware\ShareRights).
        View::share('canEdit', false);
        foreach (ViewData::byView() as $view => $data) {
            View::composer($view, fn(DrawnView $drawn): DrawnView => $drawn->with($data($drawn)));
        }
    }

    private function directive(string $name, string $method): void
    {
        Blade::directive($name, fn(string $with): string => "<?php echo e(\\{$method}({$with})); ?>");
    }
}
