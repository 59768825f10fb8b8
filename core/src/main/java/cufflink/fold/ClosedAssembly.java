package cufflink.fold;

import cufflink.problem.Outcome;

/**
 * Pieces joined to one thing, and closed.
 *
 * @param assembly the pieces joined, as they lie flat
 * @param closed   with its order of layers proved, or why it does not close
 */
public record ClosedAssembly(Assembly assembly, Outcome<FlatFoldedState> closed) {
    /** Whether a piece belongs to it. */
    public boolean has(String piece) {
        return assembly.pieces().stream().anyMatch(pattern -> pattern.piece().equals(piece));
    }
}
