package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What happens if a maker folds one crease the wrong way round.
 *
 * @param crease the crease
 * @param folds  whether the piece can still be folded flat
 * @param stage  the step with that crease, as far as it goes
 * @param says   what happens, and why it will not close if it does not
 */
public record Trial(String crease, boolean folds, Optional<FoldStage> stage, String says) {
    /** Folds a piece along its own sequence with one crease turned round: mountain for valley, valley for mountain. */
    public static Trial reversed(FoldedPiece piece, String crease) {
        List<FoldStep> steps = piece.stages().stream().map(FoldStage::step).toList();
        Folder folder = new Folder(Assembly.of(turnedRound(piece.pattern(), crease), piece.anchor()));
        FoldedPiece tried = FoldSequencer.fold(folder, steps, piece.proposed());
        Optional<FoldStage> stage = tried.stages().stream()
                .filter(candidate -> candidate.step().creases().contains(crease)).findFirst();
        if (!tried.problems().isEmpty()) {
            Problem first = tried.problems().get(0);
            return new Trial(crease, false, stage,
                    first.what() + (first.remedy().isEmpty() ? "" : " " + first.remedy()));
        }
        Message says = tried.flat()
                .map(flat -> FoldWords.FOLDS_OTHERWISE.of("order", flat.order().stream()
                        .map(panel -> label(flat, panel)).collect(Collectors.joining(", "))))
                .orElseGet(FoldWords.FOLDS_TOO::of);
        return new Trial(crease, true, stage, says.sentence());
    }

    private static String label(FlatFoldedState flat, PanelRef panel) {
        return flat.state().assembly().panel(panel).label();
    }

    private static CreasePattern turnedRound(CreasePattern pattern, String crease) {
        List<Hinge> hinges = pattern.hinges().stream().map(hinge -> hinge.crease().equals(crease)
                ? hinge.reversed() : hinge).toList();
        return pattern.withHinges(hinges);
    }
}
