package cufflink.design;

import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * What of a sized design says nothing, or two things at once: names used twice, steps of pieces that are not there,
 * poses in a circle, pieces that nothing holds.
 */
final class Consistency {
    private static final double SHUT = 180 + 1e-9;
    private static final String BETWEEN = "Give an angle between -180 deg and 180 deg; below 0 it is folded against "
            + "its mark.";

    private final SizedDesign design;
    private final Set<String> known;
    private final Set<String> loose;
    private final List<Problem> problems = new ArrayList<>();

    /**
     * Of one design.
     *
     * @param known ids of its pieces, those included that a condition leaves out
     * @param loose ids of pieces that are said to be joined to nothing
     */
    Consistency(SizedDesign design, Set<String> known, Set<String> loose) {
        this.design = design;
        this.known = known;
        this.loose = loose;
    }

    List<Problem> problems() {
        once("pieces", "piece", design.pieces(), SizedDesign.Piece::id);
        for (SizedDesign.Piece piece : design.pieces()) {
            once(piece.label(), "score", piece.scores(), SizedDesign.Score::id);
            once(piece.label(), "slit", piece.slits(), SizedDesign.Slit::id);
            once(piece.label(), "cut-out", piece.cutOuts(), SizedDesign.CutOut::id);
            once(piece.label(), "panel", piece.marks().panelNames(), SizedDesign.PanelName::id);
        }
        once("glue", "joint", design.glue(), SizedDesign.Glue::id);
        once("pockets", "pocket", design.pockets(), pocket -> pocket.definition().id());
        once("checks", "check", design.definition().claims().checks(), DesignDefinition.Rule::id);
        once("mats", "layer", design.mats(), mat -> mat.on() + ", " + mat.face().word());
        design.folding().stream().map(SizedDesign.FoldStep::piece).distinct().filter(piece -> !known.contains(piece))
                .forEach(piece -> add("folding", "It folds a piece “" + piece + "” that this design does not have.",
                        "Name one of the pieces."));
        design.glue().stream().filter(glue -> glue.part().equals(glue.onto())).forEach(glue -> add("joint " + glue.id(),
                "The panel " + glue.part() + " is put on itself.", "Name the panel that it is put on."));
        design.folding().stream().filter(step -> Math.abs(step.angle()) > SHUT)
                .forEach(step -> add("folding", tooFar(String.join(", ", step.creases()), step.angle()), BETWEEN));
        design.poses().forEach((name, pose) -> pose.angles().forEach((crease, angle) -> {
            if (Math.abs(angle) > SHUT) {
                add("pose " + name, tooFar(crease.crease(), angle), BETWEEN);
            }
        }));
        design.folding()
                .forEach(step -> once("folding of " + step.piece(), "crease", step.creases(), crease -> crease));
        poses();
        held();
        return problems;
    }

    private static String tooFar(String crease, double angle) {
        return "Crease " + crease + " cannot stand at " + Math.round(angle) + "°: shut is 180°.";
    }

    private void add(String where, String what, String remedy) {
        problems.add(Problem.error(where, what, remedy));
    }

    private <T> void once(String where, String what, List<T> things, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        things.stream().map(id).filter(name -> !seen.add(name)).distinct().forEach(
                name -> add(where, "There are two of the " + what + " “" + name + "”.", "Give each its own name."));
    }

    /** A pose follows one that stands above it. */
    private void poses() {
        Set<String> before = new HashSet<>();
        design.poses().forEach((name, pose) -> {
            pose.after().filter(earlier -> !before.contains(earlier))
                    .ifPresent(earlier -> add("pose " + name, "There is no pose “" + earlier + "” before it.",
                            "Name a pose that stands above it and is there whenever this one is."));
            before.add(name);
        });
    }

    /** Every piece is joined to the main one, now or later, or said to be loose. */
    private void held() {
        Set<String> reached = new LinkedHashSet<>(Set.of(design.pieces().get(0).id()));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (SizedDesign.Glue glue : design.glue()) {
                if (reached.contains(glue.part().piece()) != reached.contains(glue.onto().piece())) {
                    reached.add(glue.part().piece());
                    reached.add(glue.onto().piece());
                    grew = true;
                }
            }
        }
        for (SizedDesign.Piece piece : design.pieces()) {
            if (!reached.contains(piece.id()) && !loose.contains(piece.id())) {
                add(piece.label(), "Nothing joins this piece to the others.",
                        "Say under glue what holds it, or that it is loose: yes.");
            } else if (reached.contains(piece.id()) && loose.contains(piece.id())) {
                add(piece.label(), "This piece is said to be loose, but glue joins it to the others.",
                        "Leave out one of the two.");
            }
        }
    }
}
