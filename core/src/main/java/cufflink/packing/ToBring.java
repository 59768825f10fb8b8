package cufflink.packing;

import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.stack.SoftWay;
import cufflink.words.ToBringWords;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What participants of a class need for what is still to be done with their kits (common practice, no source). */
public final class ToBring {
    private ToBring() {
    }

    /** The steps of a plan that are left when the kit is packed. */
    public static List<RunStep> left(Plan plan, boolean scored) {
        return plan.run().stream().filter(step -> step.phase().compareTo(Phase.CUT) > 0)
                .filter(step -> !scored || step.phase() != Phase.SCORE && step.phase() != Phase.PUNCH).toList();
    }

    /** A phrase each. */
    public static List<String> of(List<Plan> plans, boolean scored) {
        Set<String> all = new LinkedHashSet<>();
        for (Plan plan : plans) {
            for (RunStep step : left(plan, scored)) {
                switch (step.phase()) {
                    case SCORE -> all.add(ToBringWords.SCORING.sentence());
                    case PUNCH -> all.add(ToBringWords.KNIFE.sentence());
                    case FOLD -> all.add(ToBringWords.FOLDER.sentence());
                    case MAT, GLUE -> all.add(ToBringWords.GLUE.sentence());
                    default -> {
                        // Nothing is needed to look at it.
                    }
                }
            }
            if (plan.workings().soft().stream().map(SoftWay::soft).findAny().isPresent()) {
                all.add(ToBringWords.SCISSORS.sentence());
            }
            if (plan.design().ornaments().stream().anyMatch(ornament -> ornament.isRaised())) {
                all.add(ToBringWords.PADS.sentence());
            }
        }
        return List.copyOf(all);
    }
}
