package cufflink.fold;

import cufflink.design.SizedDesign;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.List;

/**
 * The fourth stage of a plan: the folded pieces joined and closed.
 *
 * @param assembly the pieces joined, as they lie flat
 * @param closed   the closed card with its order of layers proved, or why it does not close
 */
public record ClosedDesign(FoldedDesign folded, Assembly assembly, Outcome<FlatFoldedState> closed) {
    /** The design joined; problems where a joint names what is not there. */
    public static Outcome<ClosedDesign> of(FoldedDesign folded) {
        return AssemblyBuilder.build(folded.creased())
                .map(assembly -> new ClosedDesign(folded, assembly,
                        AssemblyCloser.close(assembly, folded.pieces(), folded.creased().sized().stack())));
    }

    /** The design, with the creases that folding folded paper adds. */
    public SizedDesign design() {
        return folded.creased().sized();
    }

    /** Why a piece does not fold or the card does not close; empty if nothing is wrong. */
    public List<Problem> faults() {
        List<Problem> faults = folded.faults();
        return faults.isEmpty() ? closed.problems() : faults;
    }
}
