package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Layers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The fourth stage of a plan: the folded pieces joined and closed.
 *
 * @param assemblies what the pieces are joined to: the card first, then what is loose, goes into a pocket or round it
 */
public record ClosedDesign(FoldedDesign folded, List<ClosedAssembly> assemblies) {
    public ClosedDesign {
        assemblies = List.copyOf(assemblies);
    }

    /** The design joined; problems where a joint names what is not there. */
    public static Outcome<ClosedDesign> of(FoldedDesign folded) {
        return AssemblyBuilder.build(folded.creased())
                .map(assemblies -> new ClosedDesign(folded, assemblies.stream().map(assembly -> new ClosedAssembly(
                        assembly,
                        AssemblyCloser.close(assembly, folded.pieces(), stated(assembly, assemblies, folded),
                                nests(assembly, folded.creased().sized()))))
                        .toList()));
    }

    /** What is said of an assembly's layers; what is said of none must hold for the card, and does not. */
    private static List<Layers> stated(Assembly assembly, List<Assembly> all, FoldedDesign folded) {
        boolean isCard = assembly == all.get(0);
        return folded.creased().sized().stack().stream().filter(line -> has(assembly, line)
                || isCard && all.stream().noneMatch(other -> has(other, line))).toList();
    }

    /** The parts that are glued on panels of an assembly, but for those that lie in others. */
    private static List<Nest> nests(Assembly assembly, SizedDesign design) {
        List<PartDefinition> glued = design.parts().stream().filter(part -> !part.isApart()).toList();
        List<String> pieces = assembly.pieces().stream().map(CreasePattern::piece).toList();
        return glued.stream().filter(part -> pieces.contains(part.seat().on().orElseThrow().piece()))
                .filter(part -> glued.stream().noneMatch(other -> other.has(part.seat().on().orElseThrow().piece())))
                .map(part -> new Nest(part.seat().on().orElseThrow(),
                        pieces.stream().filter(part::has).collect(Collectors.toSet())))
                .filter(nest -> !nest.pieces().isEmpty() && !nest.has(assembly.anchor())).toList();
    }

    private static boolean has(Assembly assembly, Layers line) {
        return assembly.panels().containsAll(List.of(line.front(), line.behind()));
    }

    /** The design, with the creases that folding folded paper adds. */
    public SizedDesign design() {
        return folded.creased().sized();
    }

    /** The card. */
    public ClosedAssembly card() {
        return assemblies.get(0);
    }

    /** What a piece is joined to. */
    public ClosedAssembly with(String piece) {
        return assemblies.stream().filter(assembly -> assembly.has(piece)).findFirst().orElseThrow();
    }

    /** What is glued on the card when it stands. */
    public Later later() {
        return AssemblyBuilder.later(folded.creased(), card().assembly());
    }

    /** A loose piece by itself need not lie flat at the end. */
    private boolean mustClose(ClosedAssembly assembly) {
        return assembly == card() || assembly.assembly().pieces().size() > 1;
    }

    /** Why a piece does not fold, or the card or a part of it does not close; empty if nothing is wrong. */
    public List<Problem> faults() {
        List<Problem> faults = new ArrayList<>(folded.faults());
        if (faults.isEmpty()) {
            assemblies.stream().filter(this::mustClose)
                    .forEach(assembly -> faults.addAll(assembly.closed().problems()));
        }
        return faults;
    }
}
