package cufflink.plan;

import cufflink.design.DesignDefinition.Way;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Rings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * In which order joints are made: each part is put together first, and fixed at the last moment at which its place can
 * still be reached. What covers the place in the closed card must still open there: before a joint that holds it to the
 * panel, or in one ring with it, the part is on.
 */
final class JointOrder {
    private static final Set<Way> LOOSE = Set.of(Way.SLIDE, Way.TIED);

    private final Workings plan;
    private final List<PartDefinition> parts;
    private final List<Glue> fixing = new ArrayList<>();
    private final List<Glue> others = new ArrayList<>();
    private final Map<List<Object>, Rings> rings = new HashMap<>();
    private final Map<String, List<PanelRef>> over = new HashMap<>();

    private JointOrder(Workings plan) {
        this.plan = plan;
        this.parts = plan.design().parts().stream().filter(part -> !part.isApart()).toList();
        plan.design().glue().forEach(glue -> (fixed(glue).isPresent() ? fixing : others).add(glue));
        others.sort(Comparator.comparingInt(this::depth).reversed());
        fixing.forEach(glue -> over.put(glue.id(), over(glue)));
    }

    /**
     * A joint in its turn.
     *
     * @param part    the part that it fixes to its host, if it does
     * @param covered whether something lies over the place in the closed card
     */
    record Turn(Glue glue, Optional<PartDefinition> part, boolean covered) {
    }

    /** All joints of the design. */
    static List<Turn> of(Workings plan) {
        JointOrder order = new JointOrder(plan);
        return (order.fixing.isEmpty() ? order.others : order.ordered()).stream()
                .map(glue -> new Turn(glue, order.fixed(glue),
                        !order.over.getOrDefault(glue.id(), List.of()).isEmpty()))
                .toList();
    }

    /** The part that a joint fixes to its host; absent for any other joint. */
    private Optional<PartDefinition> fixed(Glue glue) {
        return parts.stream().filter(part -> part.has(glue.part().piece()) && !part.has(glue.onto().piece()))
                .findFirst();
    }

    private int depth(Glue glue) {
        return parts.stream().filter(part -> part.has(glue.part().piece())).mapToInt(part -> part.depth() + 1).max()
                .orElse(0);
    }

    private List<Glue> ordered() {
        List<Glue> fixed = sorted();
        int[] before = new int[fixed.size()];
        for (int i = fixed.size() - 1; i >= 0; i--) {
            before[i] = firstThatCovers(fixed.get(i));
            for (int later = i + 1; later < fixed.size(); later++) {
                if (mustFollow(fixed.get(later), fixed.get(i))) {
                    before[i] = Math.min(before[i], before[later]);
                }
            }
        }
        List<Glue> ordered = new ArrayList<>();
        for (int joint = 0; joint <= others.size(); joint++) {
            for (int i = 0; i < before.length; i++) {
                if (before[i] == joint) {
                    ordered.add(fixed.get(i));
                }
            }
            if (joint < others.size()) {
                ordered.add(others.get(joint));
            }
        }
        return ordered;
    }

    /** The parts in the order in which they can be fixed, otherwise as the file has them. */
    private List<Glue> sorted() {
        List<Glue> left = new ArrayList<>(fixing);
        List<Glue> sorted = new ArrayList<>();
        while (!left.isEmpty()) {
            Glue next = left.stream().filter(
                    glue -> left.stream().noneMatch(other -> !other.equals(glue) && mustFollow(glue, other)))
                    .findFirst().orElse(left.get(0));
            left.remove(next);
            sorted.add(next);
        }
        return sorted;
    }

    /** Whether a part is fixed with another on it, or lies over another and not on it. */
    private boolean mustFollow(Glue later, Glue earlier) {
        PartDefinition part = fixed(later).orElseThrow();
        return part.has(earlier.onto().piece()) || !fixed(earlier).orElseThrow().has(later.onto().piece())
                && over.get(earlier.id()).stream().anyMatch(panel -> part.has(panel.piece()));
    }

    /** Before which of the other joints a part must be on; their number if it can wait for all. */
    private int firstThatCovers(Glue fixed) {
        List<PanelRef> covers = over.get(fixed.id());
        for (int joint = 0; joint < others.size(); joint++) {
            Rings made = rings(fixed, joint + 1);
            Rings unmade = rings(fixed, 0);
            if (covers.stream().anyMatch(panel -> made.hold(fixed.onto(), panel) && !unmade.hold(fixed.onto(), panel)
                    || made.isJoined(fixed.onto(), panel) && !unmade.isJoined(fixed.onto(), panel))) {
                return joint;
            }
        }
        return others.size();
    }

    private Rings rings(Glue fixed, int joints) {
        return rings.computeIfAbsent(List.of(plan.stacked().assembly(fixed.onto().piece()).anchor(), joints),
                key -> new Rings(plan.stacked().assembly(fixed.onto().piece()),
                        others.subList(0, joints).stream().filter(glue -> !LOOSE.contains(glue.way()))
                                .map(glue -> new Rings.Pair(glue.part(), glue.onto())).toList()));
    }

    /** The panels of others that cover the place of a part in the closed card; none while it does not close. */
    private List<PanelRef> over(Glue fixed) {
        PartDefinition part = fixed(fixed).orElseThrow();
        return plan.stacked().flat(fixed.onto().piece()).map(flat -> flat.order().stream()
                .filter(panel -> !part.has(panel.piece()) && !panel.equals(fixed.onto())
                        && isOver(flat, panel, fixed))
                .toList()).orElse(List.of());
    }

    private static boolean isOver(FlatFoldedState flat, PanelRef panel, Glue fixed) {
        Optional<Boolean> side = flat.relation().above(fixed.part(), fixed.onto());
        return side.isPresent() && flat.relation().above(panel, fixed.onto()).equals(side)
                && flat.places().overlap(panel, fixed.part());
    }
}
