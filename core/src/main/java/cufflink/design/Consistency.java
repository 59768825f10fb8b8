package cufflink.design;

import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What of a sized design says nothing, or two things at once: names used twice, steps of pieces that are not there,
 * poses in a circle, pieces that nothing holds.
 */
final class Consistency {
    private static final double SHUT = 180 + 1e-9;

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
            once(piece.label(), "score", piece.scores(), Score::id);
            once(piece.label(), "slit", piece.slits(), SizedDesign.Slit::id);
            once(piece.label(), "cut-out", piece.cutOuts(), SizedDesign.CutOut::id);
            once(piece.label(), "panel", piece.marks().panelNames(), SizedDesign.PanelName::id);
        }
        design.pieces().forEach(piece -> piece.marks().laps().stream().filter(lap -> !lap.width().isPositive())
                .forEach(lap -> add(piece.label(), DesignWords.LAPS_NOTHING.of())));
        once("glue", "joint", design.glue(), SizedDesign.Glue::id);
        once("soft", "soft piece", design.soft(), Soft::id);
        once("hardware", "fixing", design.fixings(), Fixing::id);
        once("ornaments", "ornament", design.ornaments(), Ornament::id);
        once("pockets", "pocket", design.pockets(), pocket -> pocket.definition().id());
        once("pages", "page", design.pages().stream().filter(Page::isOwn).flatMap(Page::sides).toList(),
                Page.Side::name);
        once("checks", "check", design.definition().claims().checks(), DesignDefinition.Rule::id);
        once("mats", "layer", design.mats(), mat -> mat.on() + ", " + mat.face().word());
        design.folding().stream().map(SizedDesign.FoldStep::piece).distinct().filter(piece -> !known.contains(piece))
                .forEach(piece -> add("folding", DesignWords.FOLDS_NO_PIECE.of("piece", piece)));
        design.glue().forEach(glue -> Stream.of(glue.part(), glue.onto()).map(PanelRef::piece).distinct()
                .filter(piece -> !known.contains(piece)).forEach(
                        piece -> add("joint " + glue.id(), DesignWords.GLUES_NO_PIECE.of("piece", piece))));
        design.soft().forEach(soft -> soft.stays().stream().map(stay -> stay.panel().piece()).distinct()
                .filter(piece -> !known.contains(piece)).forEach(piece -> lost(soft.label(), piece)));
        Set<String> poses = design.definition().claims().poses().keySet();
        design.soft().forEach(soft -> soft.inPose().keySet().stream().filter(pose -> !poses.contains(pose))
                .forEach(pose -> add(soft.label(), DesignWords.GOES_A_WAY_IN_NO_POSE.of("pose", pose))));
        design.fixings().stream().filter(fixing -> !known.contains(fixing.panel().piece()))
                .forEach(fixing -> lost(fixing.label(), fixing.panel().piece()));
        design.laid().stream().filter(laid -> !known.contains(laid.on().piece()))
                .forEach(laid -> lost("contents", laid.on().piece()));
        design.laid().stream().filter(laid -> design.contents(laid).isEmpty()).forEach(laid -> add("contents",
                DesignWords.LAYS_NO_CONTENTS.of("panel", laid.on(), "name", laid.holds())));
        design.ornaments().stream().filter(ornament -> !ornament.isSized())
                .forEach(ornament -> add(ornament.label(), DesignWords.ORNAMENT_WITHOUT_SIZE.of()));
        design.soft().stream().filter(soft -> !soft.isSized())
                .forEach(soft -> add(soft.label(), DesignWords.SOFT_WITHOUT_SIZE.of()));
        design.fixings().stream().filter(fixing -> !fixing.sizes().areNotNegative())
                .forEach(fixing -> add(fixing.label(), DesignWords.FIXING_WITHOUT_SIZE.of()));
        design.fixings().stream().filter(this::isNamedAsACutOut).forEach(fixing -> add(fixing.label(),
                DesignWords.TWO_OF_A_NAME.of("kind", "cut-out", "name", design.hole(fixing))));
        design.glue().stream().filter(glue -> glue.part().equals(glue.onto())).forEach(glue -> add("joint " + glue.id(),
                DesignWords.PUT_ON_ITSELF.of("panel", glue.part())));
        design.folding().stream().filter(step -> Math.abs(step.angle()) > SHUT)
                .forEach(step -> add("folding", tooFar(step.creases(), step.angle())));
        design.poses().forEach((name, pose) -> pose.angles().forEach((crease, angle) -> {
            if (Math.abs(angle) > SHUT) {
                add("pose " + name, tooFar(List.of(crease.crease()), angle));
            }
        }));
        design.folding()
                .forEach(step -> once("folding of " + step.piece(), "crease", step.creases(), crease -> crease));
        poses();
        design.definition().stands().filter(pose -> !design.poses().containsKey(pose))
                .ifPresent(pose -> add("stands", DesignWords.STANDS_IN_NO_POSE.of("pose", pose)));
        held();
        return problems;
    }

    private static Message tooFar(List<String> creases, double angle) {
        return DesignWords.BEYOND_SHUT.of("creases", creases, "angle", Math.round(angle));
    }

    /** Its hole takes its name. */
    private boolean isNamedAsACutOut(Fixing fixing) {
        return design.pieces().stream().filter(piece -> piece.id().equals(fixing.panel().piece()))
                .flatMap(piece -> piece.cutOuts().stream()).anyMatch(cut -> cut.id().equals(design.hole(fixing)));
    }

    private void lost(String label, String piece) {
        add(label, DesignWords.LIES_ON_NO_PIECE.of("piece", piece));
    }

    private void add(String where, Message message) {
        problems.add(Problem.error(where, message));
    }

    private <T> void once(String where, String what, List<T> things, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        things.stream().map(id).filter(name -> !seen.add(name)).distinct().forEach(
                name -> add(where, DesignWords.TWO_OF_A_NAME.of("kind", what, "name", name)));
    }

    /** A pose follows one that stands above it. */
    private void poses() {
        Set<String> before = new HashSet<>();
        design.poses().forEach((name, pose) -> {
            pose.after().filter(earlier -> !before.contains(earlier))
                    .ifPresent(earlier -> add("pose " + name, DesignWords.NO_POSE_BEFORE.of("pose", earlier)));
            before.add(name);
        });
    }

    /** Every piece is joined to the main one, now or later, or said to be loose, or joined to one that is. */
    private void held() {
        if (design.glue().stream().anyMatch(
                glue -> !known.contains(glue.part().piece()) || !known.contains(glue.onto().piece()))) {
            return;
        }
        Set<String> joined = reached(Set.of(design.main().id()));
        Set<String> held = new LinkedHashSet<>(loose);
        held.addAll(joined);
        held = reached(held);
        for (SizedDesign.Piece piece : design.pieces()) {
            if (!held.contains(piece.id())) {
                add(piece.label(), DesignWords.HELD_BY_NOTHING.of());
            } else if (joined.contains(piece.id()) && loose.contains(piece.id())) {
                add(piece.label(), DesignWords.LOOSE_BUT_GLUED.of());
            }
        }
    }

    /** What joints lead to from some pieces. */
    private Set<String> reached(Set<String> from) {
        Set<String> reached = new LinkedHashSet<>(from);
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
        return reached;
    }
}
