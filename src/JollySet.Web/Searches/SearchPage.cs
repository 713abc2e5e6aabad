using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Searches;

/// <summary>A page that has something looked for: it begins the search, is asked how far it is, and may stop it.</summary>
/// <typeparam name="TFound">What the search gives.</typeparam>
public abstract class SearchPage<TFound>(SearchService searches) : PageModel
    where TFound : class
{
    /// <summary>Where the page is, for the parts that ask again.</summary>
    protected abstract string Address { get; }

    /// <summary>The part that shows what was found.</summary>
    protected abstract string FoundPart { get; }

    /// <summary>What a search has found, or how far it is.</summary>
    public async Task<IActionResult> OnGetFound(Guid job, Guid id)
    {
        if (searches.Find(job) is not { } found || !LoadAgain(id))
            return Partial("_Forgotten");
        if (!found.Result.IsCompleted)
            return Partial("_Working", new WorkingView(found, Address));
        Show(found, (TFound)await found.Result);
        return Partial(FoundPart, this);
    }

    /// <summary>Stops it; what was found so far is kept.</summary>
    public async Task<IActionResult> OnPostStop(Guid job, Guid id)
    {
        if (searches.Find(job) is not { } found)
            return Partial("_Forgotten");
        found.Stop();
        await Task.WhenAny(found.Result, Task.Delay(2000));
        return await OnGetFound(job, id);
    }

    /// <summary>Begins a search: a page with script is told how far it is, one without waits for the answer.</summary>
    /// <param name="about">What it is about; a new one about the same ends the one before.</param>
    protected async Task<IActionResult> Search(string about, Func<CancellationToken, IProgress<string>, TFound> search)
    {
        var job = searches.Start(about, (stop, told) => search(stop, told));
        if (Request.Headers.ContainsKey("HX-Request"))
            return Partial("_Working", new WorkingView(job, Address));
        Show(job, (TFound)await SearchService.Wait(job, HttpContext.RequestAborted));
        return Page();
    }

    /// <summary>What a search found, where it has ended and is still kept; null else.</summary>
    protected TFound? Kept(Guid job) => searches.Find(job) is { Result.IsCompletedSuccessfully: true } kept ? kept.Result.Result as TFound : null;

    /// <summary>Fills the page once more; false where what it is about has gone.</summary>
    protected virtual bool LoadAgain(Guid id) => true;

    /// <summary>Puts what was found on the page.</summary>
    protected abstract void Show(SearchJob job, TFound found);
}
