using System.Collections.Concurrent;

namespace JollySet.Web.Searches;

/// <summary>Runs the searches that take long: fit, order, design. Two at once at the most, one for each class, each with its limits, stopped when nobody waits.</summary>
public sealed class SearchService : IDisposable
{
    private const int MostAtOnce = 2;
    private const int MostKept = 50;
    private readonly ConcurrentDictionary<Guid, SearchJob> jobs = new();
    private readonly ConcurrentQueue<Guid> ages = new();
    private readonly SemaphoreSlim places = new(MostAtOnce);

    /// <summary>Begins a search; one for the same owner that is under way is stopped.</summary>
    /// <param name="owner">What it is for.</param>
    /// <param name="search">Given a token that asks it to end with what it has, and something to tell how far it is.</param>
    public SearchJob Start<T>(string owner, Func<CancellationToken, IProgress<string>, T> search)
        where T : notnull
    {
        foreach (var other in jobs.Values.Where(j => j.Owner == owner))
            other.Stop("Another one was asked for");
        var job = new SearchJob(owner);
        job.Result = Task.Run<object>(async () =>
        {
            await places.WaitAsync();
            try
            {
                job.Begin();
                return search(job.Stopping, job);
            }
            finally
            {
                places.Release();
            }
        });
        _ = job.Watch();
        jobs[job.Id] = job;
        ages.Enqueue(job.Id);
        while (ages.Count > MostKept && ages.TryDequeue(out var old))
            if (jobs.TryRemove(old, out var gone))
                gone.Stop("It is forgotten");
        return job;
    }

    /// <summary>The search of that name, or null when it is forgotten.</summary>
    public SearchJob? Find(Guid id)
    {
        var job = jobs.GetValueOrDefault(id);
        job?.Asked();
        return job;
    }

    /// <summary>Waits for a search as a page without script does: as long as its reader does.</summary>
    public static async Task<object> Wait(SearchJob job, CancellationToken reader)
    {
        using var left = reader.Register(() => job.Stop("Nobody waited for it"));
        while (!job.Result.IsCompleted)
        {
            job.Asked();
            await Task.WhenAny(job.Result, Task.Delay(200, CancellationToken.None));
        }

        return await job.Result;
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var job in jobs.Values)
            job.Stop("The server stops");
        places.Dispose();
    }
}

/// <summary>A search that is under way, as a page shows it.</summary>
/// <param name="Address">Where its page answers.</param>
public sealed record WorkingView(SearchJob Job, string Address);
