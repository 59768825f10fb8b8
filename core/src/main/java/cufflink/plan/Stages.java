package cufflink.plan;

import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Panel;
import cufflink.design.DesignSizer;
import cufflink.design.Facts;
import cufflink.design.Given;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.fold.ClosedDesign;
import cufflink.fold.FoldedDesign;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.StackedDesign;
import cufflink.words.DesignWords;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The stages of a plan: sized → creased → folded → closed → stacked. Where measures ask for what later stages find out,
 * the stages run again until no measure changes on the ruler.
 */
final class Stages {
    private static final int MOST_ROUNDS = 16;

    private final Project project;

    Stages(Project project) {
        this.project = project;
    }

    /** The design at what is given, every fact that its measures ask for being true of it. */
    Outcome<SizedDesign> sized(Given given) {
        Outcome<SizedDesign> sized = DesignSizer.size(project.design(), given);
        if (Facts.asking(project.design()).isEmpty()) {
            return sized;
        }
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Facts> found = sized.value().flatMap(this::facts);
            if (found.isEmpty()) {
                return sized;
            }
            SizedDesign before = sized.value().get();
            sized = DesignSizer.size(project.design(), given.knowing(found.get()));
            if (sized.value().filter(after -> after.measures().sameValues(before.measures())).isPresent()) {
                return sized;
            }
        }
        return Outcome.failed(Problem.error(project.design().title(),
                DesignWords.DOES_NOT_SETTLE.of("measures", asking())));
    }

    private List<String> asking() {
        return Facts.asking(project.design()).stream()
                .map(name -> "“" + project.design().measure(name).orElseThrow().label() + "”").toList();
    }

    /**
     * What the measures ask for: panels are known when their piece is creased. What does not close tells nothing of the
     * closed card; its later stages say why.
     */
    private Optional<Facts> facts(SizedDesign sized) {
        Optional<Facts> facts = Facts.areOfClosed(project.design())
                ? stacked(sized).value().flatMap(StackedDesign::closedSize)
                        .map(size -> Facts.closed(size.width(), size.height(), size.thickness()))
                : Optional.of(new Facts(Map.of()));
        for (PanelRef panel : Facts.panels(project.design())) {
            Optional<Panel> found = sized.pieces().stream().filter(piece -> piece.id().equals(panel.piece()))
                    .flatMap(piece -> CreasePatternBuilder.build(piece).value().stream())
                    .flatMap(pattern -> pattern.panel(panel.panel()).stream()).findFirst();
            if (found.isPresent()) {
                facts = facts.map(
                        known -> known.with(panel, found.get().width(), found.get().height()));
            }
        }
        return facts;
    }

    /** The later stages of a sized design, in the project's papers. */
    Outcome<StackedDesign> stacked(SizedDesign sized) {
        return CreasedDesign.of(sized).then(FoldedDesign::of).then(ClosedDesign::of)
                .then(closed -> StackedDesign.of(closed, project.papers(), project.mats(), project.step()));
    }
}
