package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.design.PartDefinition;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Said;
import cufflink.fold.FoldStage;
import cufflink.fold.FoldedPiece;
import cufflink.words.Message;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    /** Every piece, but those that are folded round the finished card. */
    static void write(RunSheet sheet) {
        sheet.plan().pieces().values().stream().filter(piece -> !isWrapped(sheet, piece))
                .forEach(piece -> new FoldingSteps(sheet, piece).write());
    }

    /** The pieces of a part that are folded round what it goes round. */
    static void wrap(RunSheet sheet, PartDefinition part) {
        sheet.plan().pieces().values().stream().filter(piece -> isWrapped(sheet, piece)
                && sheet.plan().design().apart(id(piece)).filter(part::equals).isPresent())
                .forEach(piece -> new FoldingSteps(sheet, piece).write());
    }

    private static boolean isWrapped(RunSheet sheet, FoldedPiece piece) {
        SizedDesign design = sheet.plan().design();
        return design.piece(id(piece)).scores().stream().anyMatch(Score::isPinched)
                && design.apart(id(piece)).filter(PartDefinition::isAround).isPresent();
    }

    private static String id(FoldedPiece piece) {
        return piece.pattern().piece();
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
        Said said = step.said().all().isEmpty()
                ? Said.of(StepWords.FOLD.of("creases", String.join(" and ", step.creases())).sentence())
                : step.said();
        List<Message> more = new ArrayList<>();
        sheet.plan().design().piece(id(piece)).scores().stream()
                .filter(score -> score.second().isPresent() && step.creases().contains(score.id()))
                .forEach(spine -> more.add(StepWords.SPINE_STANDS.of("spine", spine.id())));
        List<String> bends = piece.pattern().bends().stream().map(CreasePattern.Bend::crease)
                .filter(step.creases()::contains).toList();
        if (!bends.isEmpty()) {
            more.add(StepWords.BENDS.of("creases", bends));
        }
        if (i == 0) {
            more.add(StepWords.BURNISH.of());
        }
        add(i, said, more);
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
        add(first, says.stream().distinct().count() == 1 ? says.get(0) : Said.of(all),
                List.of(creases.size() == 1 ? StepWords.OVER_AND_OPEN_ONE.of("crease", creases.get(0))
                        : StepWords.OVER_AND_OPEN.of("creases", String.join(", ", creases))));
    }

    private void add(int stage, Said said, List<Message> more) {
        List<Message> told = new ArrayList<>(List.of(StepWords.OF_PIECE.of("piece", label, "say", said.all())));
        told.addAll(more);
        sheet.add(StepWords.NAMED.of("what", said.title()), told, Optional.empty(),
                new StepSubject.OfFold(piece.pattern().piece(), stage, piece.stages().get(stage)), List.of());
    }
}
