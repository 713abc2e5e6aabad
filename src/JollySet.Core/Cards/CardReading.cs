using System.Collections.Immutable;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;

namespace JollySet.Core.Cards;

/// <summary>What a line of a card was taken for.</summary>
public enum CardLineKind { Blank, Head, Block, Setting, Station, Note }

/// <summary>One line of a card and what is understood of it.</summary>
/// <param name="Line">From 1.</param>
/// <param name="Read">In one line; empty for a blank one.</param>
/// <param name="Moves">The names of the moves in it, as written.</param>
public sealed record CardLine(int Line, string Text, CardLineKind Kind, string Read, Sureness Sure, ImmutableArray<string> Moves);

/// <summary>One of the answers to a question.</summary>
/// <param name="Instead">What the card's line becomes when it is chosen; it may be several lines.</param>
public sealed record CardChoice(string Label, string Instead);

/// <summary>Something the card leaves open; the first choice stands until another is made.</summary>
public sealed record CardQuestion(int Line, int Column, string Text, ImmutableArray<CardChoice> Choices);

/// <summary>A card as it is understood: every line ends up as something said beside it, as a question, or as a note kept where it stood.</summary>
/// <param name="Plan">The class, with the first choice of every question.</param>
public sealed record CardReading(ClassPlan Plan, ImmutableArray<CardLine> Lines, ImmutableArray<CardQuestion> Questions);
