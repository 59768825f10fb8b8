package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.crease.Hinge;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.files.design.BuiltInDesigns;
import cufflink.fold.Assembly;
import cufflink.fold.Rings;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.StepSubject;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Parts are put together first, and fixed at the last moment at which they still can be. */
class JointOrderTest {
    private static List<String> joints(Plan plan) {
        return plan.run().stream().map(step -> step.subject()).filter(StepSubject.OfGlue.class::isInstance)
                .map(subject -> ((StepSubject.OfGlue) subject).glue().id()).toList();
    }

    private static Plan adding(String host, String... parts) {
        Project project = Plans.project(host);
        for (String part : parts) {
            project = Plans.adding(project, part).orThrow();
        }
        return Plans.plan(project);
    }

    /**
     * Inside a strip that its seam makes a ring of, before the seam; outside of it, or beside what a joint holds, when
     * all else is done.
     */
    @ParameterizedTest
    @CsvSource({"notch-sleeve, strip.front:inside, true", "notch-sleeve, strip.front:outside, false",
        "m-fold-holder, base.back:outside, false", "m-fold-holder, base.back:inside, false",
        "criss-cross-pocket, inner.back:outside, false", "little-bag, bag.front:inside, true",
        "little-bag, bag.front:outside, false"})
    void part_isFixed_beforeItsPlaceIsClosedIn_andNotBefore(String host, String place, boolean before) {
        List<String> joints = joints(adding(host, "note=panel-pockets@" + place));
        int fixed = joints.stream().filter(joint -> joint.startsWith("note.")).mapToInt(joints::indexOf).max()
                .orElseThrow();
        int first = joints.stream().filter(joint -> !joint.startsWith("note.")).mapToInt(joints::indexOf).min()
                .orElseThrow();
        int last = joints.stream().filter(joint -> !joint.startsWith("note.")).mapToInt(joints::indexOf).max()
                .orElseThrow();
        assertTrue(before ? fixed < first : fixed > last, joints.toString());
    }

    /** The sleeve is closed, then the pocket comes on it, then both on the card. */
    @Test
    void partOfAPart_isOnIt_beforeThatIsFixed() {
        Plan plan = adding("half-fold", "sleeve=notch-sleeve@base.back:inside",
                "note=panel-pockets@sleeve.strip.front:outside");
        assertEquals(List.of("sleeve.seam", "note.pocket", "sleeve"), joints(plan));
    }

    /** What lies under another part comes first, in whatever order the two were added. */
    @Test
    void partUnderAnother_isFixedFirst() {
        Plan plan = adding("half-fold", "sleeve=notch-sleeve@base.back:inside", "note=panel-pockets@base.back:inside");
        List<String> joints = joints(plan);
        List<PanelRef> order = plan.workings().stacked().flat().orElseThrow().order();
        boolean sleeveOver = order.indexOf(new PanelRef("sleeve.strip", "front")) < order.indexOf(order.stream()
                .filter(panel -> panel.piece().startsWith("note.")).findFirst().orElseThrow());
        assertEquals(sleeveOver, joints.indexOf("note.pocket") < joints.indexOf("sleeve"), joints.toString());
    }

    private static Stream<String> designs() {
        return BuiltInDesigns.all().stream().map(design -> design.id());
    }

    /** Against a plainer road: take one crease away after the other, and see what still hangs together. */
    @ParameterizedTest
    @MethodSource("designs")
    void ringsAreThoseThatNoSingleCreaseTakesApart(String id) {
        Plan plan = Plans.plan(Plans.project(id));
        Assembly assembly = plan.workings().stacked().assembly();
        List<Rings.Pair> joined = new ArrayList<>();
        for (SizedDesign.Glue glue : plan.design().glue()) {
            joined.add(new Rings.Pair(glue.part(), glue.onto()));
            Rings rings = new Rings(assembly, joined);
            PanelRef from = assembly.panels().get(0);
            Set<PanelRef> held = held(assembly, joined, from);
            for (PanelRef panel : assembly.panels()) {
                assertEquals(held.contains(panel), rings.hold(from, panel), panel + " after " + glue.id());
            }
        }
    }

    private record Crease(String piece, String id, Set<String> panels) {
    }

    private static Set<PanelRef> held(Assembly assembly, List<Rings.Pair> joined, PanelRef from) {
        List<Crease> creases = assembly.pieces().stream().flatMap(pattern -> pattern.hinges().stream()
                .filter(Hinge::folds)
                .map(hinge -> new Crease(pattern.piece(), hinge.crease(), Set.of(hinge.first(), hinge.second()))))
                .distinct().toList();
        Set<PanelRef> held = reached(assembly, joined, creases, from);
        creases.forEach(gone -> held.retainAll(reached(assembly, joined,
                creases.stream().filter(crease -> !crease.equals(gone)).toList(), from)));
        return held;
    }

    private static Set<PanelRef> reached(Assembly assembly, List<Rings.Pair> joined, List<Crease> creases,
            PanelRef from) {
        Set<PanelRef> reached = new HashSet<>(Set.of(from));
        Deque<PanelRef> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            PanelRef at = open.pop();
            Stream<PanelRef> glued = joined.stream().filter(pair -> pair.one().equals(at) || pair.other().equals(at))
                    .map(pair -> pair.one().equals(at) ? pair.other() : pair.one());
            Stream<PanelRef> stiff = assembly.pattern(at.piece()).hinges().stream()
                    .filter(hinge -> !hinge.folds() && hinge.joins(at.panel()))
                    .map(hinge -> new PanelRef(at.piece(), hinge.across(at.panel())));
            Stream<PanelRef> folded = creases.stream()
                    .filter(crease -> crease.piece().equals(at.piece()) && crease.panels().contains(at.panel()))
                    .flatMap(crease -> crease.panels().stream()).map(panel -> new PanelRef(at.piece(), panel));
            Stream.of(glued, stiff, folded).flatMap(next -> next)
                    .filter(panel -> assembly.panels().contains(panel) && reached.add(panel)).forEach(open::push);
        }
        return reached;
    }
}
