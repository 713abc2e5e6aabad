namespace JollySet.Core.Cues;

/// <summary>What people who take part are told, whatever the class: on their own screen and on their paper.</summary>
public static class ForParticipants
{
    /// <summary>For whom nobody sees.</summary>
    public const string AtHome = "Nobody can see you: clear two arm-lengths all round, a dry floor, water by you, and tell someone that you train.";

    /// <summary>For what everyone stops at once.</summary>
    public const string Signs = "chest pain or pressure, faintness, a racing or uneven heartbeat, unusual breathlessness, sudden severe headache or sharp pain";

    /// <summary>When to stop, and what then.</summary>
    public const string StopAtOnce = $"Stop at once for {Signs}. If it is in the chest, you faint, or it does not pass quickly, call the local emergency number.";

    /// <summary>What the plan does not know.</summary>
    public const string NoClearance = "This is a plan for a group; it knows nothing of your health. What your own clinician says comes first.";

    /// <summary>What holds for whatever stands in for kit.</summary>
    public const string StandIns = "Closed, unbreakable, gripped all the way round with dry hands.";
}
