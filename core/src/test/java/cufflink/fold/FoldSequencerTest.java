package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

class FoldSequencerTest {
    private static FoldedPiece fold(List<String> widths, String folds, String anchor, String... sequence) {
        SizedDesign design = TestDesigns.sized(TestDesigns.strip(widths, folds, List.of(sequence)));
        CreasePattern pattern = CreasePatternBuilder.build(design.pieces().get(0)).orThrow();
        return FoldSequencer.fold(pattern, anchor, design.folding());
    }

    private static List<String> order(FoldedPiece piece) {
        assertTrue(piece.problems().isEmpty(), () -> piece.problems().toString());
        return piece.flat().orElseThrow().order().stream().map(PanelRef::panel).toList();
    }

    private static Map<CreaseRef, Double> angles(Object... creasesAndDegrees) {
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        for (int i = 0; i < creasesAndDegrees.length; i += 2) {
            angles.put(new CreaseRef("base", (String) creasesAndDegrees[i]), (Double) creasesAndDegrees[i + 1]);
        }
        return angles;
    }

    private static FoldedState state(CreasePattern pattern, String anchor, Object... angles) {
        return new Folder(Assembly.of(pattern, anchor)).fold(angles(angles)).orThrow();
    }

    private static PanelRef panel(String id) {
        return new PanelRef("base", id);
    }

    /** Common practice: a gate's second leaf lies on its first. */
    @Test
    void gate_wideLeafLiesOnTop() {
        assertEquals(List.of("p3", "p1", "p2"), order(fold(List.of("2 in", "4 in", "3 in"), "vv", "p2", "c1", "c2")));
    }

    /** A fan lies in the order of its panels (handbook fact: a pleat of alternating folds). */
    @Test
    void fan_liesInOrder() {
        assertEquals(List.of("p1", "p2", "p3", "p4"),
                order(fold(List.of("4 in", "4 in", "4 in", "4 in"), "vmv", "p4", "c1", "c2", "c3")));
    }

    /** An M of three folds: the legs lie outside, the two middle panels between them. */
    @Test
    void m_legsLieOutside() {
        assertEquals(List.of("p1", "p2", "p3", "p4"),
                order(fold(List.of("3 in", "2 in", "2 in", "3 in"), "vmv", "p4", "c2", "c1", "c3")));
    }

    /** Halving three times makes an eight-layer strip whatever the middle creases are called. */
    @Test
    void fan_ofEightLayers_isAsWideAsOnePanel() {
        List<String> widths = Collections.nCopies(8, "1 in");
        FoldedPiece piece = fold(widths, "vmvmvmv", "p8", "c1", "c2", "c3", "c4", "c5", "c6", "c7");
        assertEquals(8, order(piece).size());
        Envelope bounds = new Envelope();
        piece.pattern().panels().forEach(panel -> bounds.expandToInclude(
                piece.flat().orElseThrow().state().footprint(panel(panel.id())).getEnvelopeInternal()));
        assertEquals(25.4, bounds.getWidth(), 1e-9);
    }

    /** A long panel rolled inside a short one would have to pass through its fold. */
    @Test
    void roll_innerPanelTooLong_isRefusedWithTheCrease() {
        FoldedPiece piece = fold(List.of("3 in", "2 in", "4 in"), "vv", "p3", "c1", "c2");
        assertFalse(piece.problems().isEmpty());
        assertEquals(FoldWords.AT_STEP.of("step", 2, "what", FoldWords.LIES_UNDER.of("creases", List.of("c2"), "upper",
                "panel 1", "lower", "panel 3")), piece.problems().get(0).message());
    }

    @Test
    void foldUnderALayer_isInTheWay() {
        FoldedPiece piece = fold(List.of("2 in", "4 in", "3 in"), "vm", "p2", "c1", "c2");
        assertTrue(piece.problems().isEmpty());
        FoldedPiece blocked = fold(List.of("2 in", "2 in", "4 in", "4 in"), "vvv", "p4", "c3", "c2", "c1");
        assertFalse(blocked.problems().isEmpty());
        Message blockedBy = (Message) blocked.problems().get(0).message().argument("what");
        assertEquals(FoldWords.LIES_UNDER, blockedBy.code());
    }

    @Test
    void unknownCrease_isReported() {
        assertEquals(FoldWords.NO_SUCH_CREASE.of("crease", "c9"),
                fold(List.of("2 in", "4 in"), "v", "p2", "c9").problems().get(0).message());
    }

    /** Turning every fold round turns the stack over. */
    @Property(tries = 60, seed = "7")
    void swappingMountainAndValley_turnsTheStackOver(@ForAll("letters") String folds) {
        List<String> widths = Collections.nCopies(folds.length() + 1, "2 in");
        String[] sequence = new String[folds.length()];
        for (int i = 0; i < sequence.length; i++) {
            sequence[i] = "c" + (i + 1);
        }
        String anchor = "p" + (folds.length() + 1);
        FoldedPiece one = fold(widths, folds, anchor, sequence);
        FoldedPiece other = fold(widths, folds.replace('v', 'x').replace('m', 'v').replace('x', 'm'), anchor, sequence);
        assertEquals(one.problems().isEmpty(), other.problems().isEmpty());
        if (one.problems().isEmpty()) {
            List<String> reversed = new ArrayList<>(order(other));
            Collections.reverse(reversed);
            assertEquals(order(one), reversed);
        }
    }

    @Provide
    Arbitrary<String> letters() {
        return Arbitraries.strings().withChars('v', 'm').ofMinLength(1).ofMaxLength(6);
    }

    /** A motion keeps every panel rigid. */
    @Property(tries = 60, seed = "7")
    void motion_keepsEdgeLengths(@ForAll @DoubleRange(min = 0, max = 180) double a,
            @ForAll @DoubleRange(min = 0, max = 180) double b) {
        SizedDesign design = TestDesigns.sized(TestDesigns.strip(List.of("2 in", "4 in", "3 in"), "vm", List.of()));
        CreasePattern pattern = CreasePatternBuilder.build(design.pieces().get(0)).orThrow();
        FoldedState state = state(pattern, "p2", "c1", a, "c2", b);
        for (Panel panel : pattern.panels()) {
            List<Point3> corners = state.corners(panel(panel.id()));
            for (int i = 0; i < corners.size(); i++) {
                double flat = panel.outline().getExteriorRing().getCoordinateN(i)
                        .distance(panel.outline().getExteriorRing().getCoordinateN(i + 1));
                assertEquals(flat, corners.get(i).distance(corners.get((i + 1) % corners.size())), 1e-6);
            }
        }
    }

    /** A valley rises towards the viewer, a mountain sinks. */
    @Test
    void valley_risesMountainSinks() {
        SizedDesign design = TestDesigns.sized(TestDesigns.strip(List.of("2 in", "4 in", "3 in"), "vm", List.of()));
        CreasePattern pattern = CreasePatternBuilder.build(design.pieces().get(0)).orThrow();
        FoldedState state = state(pattern, "p2", "c1", 90.0, "c2", 90.0);
        assertEquals(50.8, state.position().get(panel("p1")).apply(0, 0, 0).z(), 1e-9);
        assertEquals(-76.2, state.position().get(panel("p3")).apply(9 * 25.4, 0, 0).z(), 1e-9);
    }

    /** The verifier finds any order of a fan but the two that paper can take (p1 on top, creases alternating: one). */
    @Test
    void verifier_acceptsOnlyTheRightOrderOfAFan() {
        SizedDesign design = TestDesigns
                .sized(TestDesigns.strip(List.of("2 in", "2 in", "2 in", "2 in"), "vmv", List.of()));
        CreasePattern pattern = CreasePatternBuilder.build(design.pieces().get(0)).orThrow();
        FoldedState shut = state(pattern, "p4", "c1", 180.0, "c2", 180.0, "c3", 180.0);
        Set<List<String>> accepted = new HashSet<>();
        permutations(new ArrayList<>(), List.of("p1", "p2", "p3", "p4"), candidate -> {
            if (LayerOrderVerifier.verify(shut, candidate.stream().map(FoldSequencerTest::panel).toList()).value()
                    .isPresent()) {
                accepted.add(candidate);
            }
        });
        assertEquals(Set.of(List.of("p1", "p2", "p3", "p4")), accepted);
    }

    private static void permutations(List<String> chosen, List<String> rest, Consumer<List<String>> use) {
        if (rest.isEmpty()) {
            use.accept(List.copyOf(chosen));
        }
        for (String next : rest) {
            List<String> longer = new ArrayList<>(chosen);
            longer.add(next);
            permutations(longer, rest.stream().filter(other -> !other.equals(next)).toList(), use);
        }
    }
}
