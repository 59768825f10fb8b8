package cufflink.plan;

import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import cufflink.fold.FoldStage;
import cufflink.fold.FoldedPiece;
import java.util.ArrayList;
import java.util.List;

/** Folding: a step for each stage of each piece; creases that are only folded over and opened again are one. */
final class FoldingSteps {
    private final RunSheet sheet;
    private final FoldedPiece piece;
    private final String label;

    private FoldingSteps(RunSheet sheet, FoldedPiece piece) {
        this.sheet = sheet;
        this.piece = piece;
        this.label = sheet.plan().design().piece(piece.pattern().piece()).label();
    }

    static void write(RunSheet sheet) {
        sheet.plan().pieces().values().forEach(piece -> new FoldingSteps(sheet, piece).write());
    }

    private void write() {
        for (int i = 0; i < piece.stages().size(); i++) {
            if (piece.isCreasing(i)) {
                creasing(i);
            } else if (!piece.stages().get(i).step().opens()) {
                folding(i);
            }
        }
    }

    private void folding(int i) {
        FoldStep step = piece.stages().get(i).step();
        Said said = step.said().all().isEmpty() ? Said.of("Fold " + String.join(" and ", step.creases()) + ".")
                : step.said();
        add(i, said.title(), said.all() + (i == 0 ? " Burnish each fold with the bone folder." : ""));
    }

    /** All creases in a row that are folded over and opened again, as one step, told at the first of them. */
    private void creasing(int first) {
        List<FoldStage> stages = piece.stages();
        if (first > 0 && stages.get(first - 1).step().opens()) {
            return;
        }
        List<Said> says = new ArrayList<>();
        List<String> creases = new ArrayList<>();
        for (int i = first; piece.isCreasing(i); i += 2) {
            creases.addAll(stages.get(i).step().creases());
            says.add(stages.get(i).step().said());
        }
        String all = String.join(" ", says.stream().map(Said::all).distinct().toList());
        add(first, says.stream().distinct().count() == 1 ? says.get(0).title() : Said.of(all).title(),
                all + " Fold each over, burnish it and open it again: " + String.join(", ", creases) + ".");
    }

    private void add(int stage, String title, String text) {
        sheet.add(title, label + ": " + text + sheet.times(), "",
                new StepSubject.OfFold(piece.pattern().piece(), stage, piece.stages().get(stage)), List.of());
    }
}
