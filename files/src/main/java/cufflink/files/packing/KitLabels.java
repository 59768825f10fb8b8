package cufflink.files.packing;

import cufflink.files.handout.LabelPages;
import cufflink.files.handout.LabelPages.Label;
import cufflink.packing.Packing;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A label for each kit: for whom it is, what becomes of it, the directions in short, and the same as a code. */
public final class KitLabels {
    private KitLabels() {
    }

    /** The PDF on a sheet of labels. */
    public static LabelPages.Printed write(Packing packing, LabelPages.Sheet sheet) {
        List<Plan> plans = packing.plan().plans();
        String projects = plans.stream().map(plan -> plan.project().name()).collect(Collectors.joining(", "));
        String directions = plans.stream().map(plan -> directions(plan, packing.wishes().scored()))
                .collect(Collectors.joining(" "));
        String code = plans.stream().map(plan -> summary(plan, packing.wishes().scored()))
                .collect(Collectors.joining("\n"));
        List<Label> labels = new ArrayList<>();
        for (int kit = 1; kit <= packing.wishes().kits(); kit++) {
            String name = packing.name(kit);
            String number = "Kit " + kit + " of " + packing.wishes().kits();
            labels.add(new Label(name.isEmpty() ? number : name, name.isEmpty() ? projects : number + ", " + projects,
                    directions, code));
        }
        return LabelPages.write(labels, sheet);
    }

    /** What is still to be done with what lies in the kit, as titles in their order. */
    static String directions(Plan plan, boolean scored) {
        StringBuilder text = new StringBuilder();
        for (Phase phase : Phase.values()) {
            List<String> titles = plan.run().stream().filter(step -> step.phase() == phase && isLeft(step, scored))
                    .map(RunStep::title).toList();
            if (!titles.isEmpty()) {
                text.append(text.isEmpty() ? "" : " ").append(phase.title()).append(": ")
                        .append(String.join(". ", titles)).append('.');
            }
        }
        return text.toString();
    }

    private static boolean isLeft(RunStep step, boolean scored) {
        return step.phase() == Phase.FOLD || step.phase() == Phase.GLUE || step.phase() == Phase.MAT
                || !scored && (step.phase() == Phase.SCORE || step.phase() == Phase.PUNCH);
    }

    /** The project as a text without any link: what it is, how large, its pieces, its scores, what to do. */
    public static String summary(Plan plan, boolean scored) {
        StringBuilder text = new StringBuilder(plan.project().name()).append(": ")
                .append(plan.design().definition().title());
        plan.size().ifPresent(size -> text.append(", ").append(size.sentence()));
        text.append(". ").append(plan.design().pieces().stream()
                .map(piece -> piece.label() + " " + plan.format().size(piece.width().length(), piece.height().length()))
                .distinct().collect(Collectors.joining("; "))).append(". ");
        return text.append(directions(plan, scored)).toString().strip();
    }
}
