package cufflink.plan;

import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import cufflink.words.Message;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Scoring: a step for each time that a piece is laid against the fence, and one for its slanting scores. */
final class ScoreSteps {
    /** So many scores are told by their names. */
    private static final int FEW = 5;
    /** Of more places a title tells the first and the last. */
    private static final int MANY = 8;

    private final RunSheet sheet;
    private final LengthFormat format;
    private final RulerStep ruler;

    private ScoreSteps(RunSheet sheet) {
        this.sheet = sheet;
        this.format = sheet.plan().format();
        this.ruler = sheet.plan().project().step();
    }

    static void write(RunSheet sheet) {
        ScoreSteps steps = new ScoreSteps(sheet);
        for (ScoreSetup setup : sheet.plan().scores()) {
            if (setup.slants().isEmpty()) {
                steps.atTheFence(setup);
            } else {
                steps.fromMarkToMark(setup);
            }
        }
    }

    private void atTheFence(ScoreSetup setup) {
        String label = sheet.plan().design().piece(setup.piece()).label();
        List<Reading> readings = setup.positions().stream().map(position -> sheet.read(reading(setup, position)))
                .toList();
        List<String> all = readings.stream().map(reading -> reading.number(format)).distinct().toList();
        String numbers = all.size() <= MANY ? String.join(", ", all)
                : String.join(", ", all.subList(0, 2)) + " … " + all.get(all.size() - 1);
        StepWords lies = setup.mirrored()
                ? setup.turned() ? StepWords.AT_THE_FENCE_OVER_AND_TURNED : StepWords.AT_THE_FENCE_OVER
                : setup.turned() ? StepWords.AT_THE_FENCE_TURNED : StepWords.AT_THE_FENCE;
        List<Message> told = new ArrayList<>(List.of(lies.of("face", setup.faceUp().word())));
        paperUp(setup).ifPresent(told::add);
        through(setup).ifPresent(told::add);
        partly(setup, told);
        sheet.add(StepWords.SCORES_AT.of("piece", label, "numbers", numbers), told, Optional.empty(),
                new StepSubject.OfScores(setup), readings);
    }

    /** Where scores do not run from edge to edge; those that run alike are told together. */
    private void partly(ScoreSetup setup, List<Message> told) {
        List<List<ScoreSetup.Position>> lines = wholeLines(setup);
        lines.forEach(line -> told.add(StepWords.ONE_LINE.of("score",
                Vocabulary.and(line.stream().map(ScoreSetup.Position::score).toList()), "at",
                Measured.of(line.get(0).at(), ruler))));
        Map<List<Length>, List<ScoreSetup.Position>> alike = setup.positions().stream()
                .filter(position -> !position.full() && lines.stream().noneMatch(line -> line.contains(position)))
                .collect(Collectors.groupingBy(
                        position -> List.of(position.from(), position.to()), LinkedHashMap::new, Collectors.toList()));
        alike.values().forEach(positions -> {
            ScoreSetup.Position first = positions.get(0);
            ScoreSetup.Position last = positions.get(positions.size() - 1);
            String from = ruler.number(first.from());
            Measured to = Measured.of(first.to(), ruler);
            boolean row = setup.positions().indexOf(last) - setup.positions().indexOf(first) == positions.size() - 1;
            told.add(row && positions.size() > FEW
                    ? StepWords.ROW_PARTLY.of("count", positions.size(), "first", first.score(), "last", last.score(),
                            "from", from, "to", to)
                    : (positions.size() > 1 ? StepWords.SCORES_PARTLY : StepWords.SCORE_PARTLY).of("score",
                            Vocabulary.and(positions.stream().map(ScoreSetup.Position::score).toList()), "from", from,
                            "to", to));
        });
        if (!alike.isEmpty()) {
            told.add(StepWords.COUNTED_FROM_TOP.of());
        }
    }

    /** Scores that are folded apart, but pressed alike and end to end, so that the bone folder runs through. */
    private List<List<ScoreSetup.Position>> wholeLines(ScoreSetup setup) {
        SizedDesign.Piece piece = sheet.plan().design().piece(setup.piece());
        Length groove = (setup.turned() ? piece.width() : piece.height()).length();
        return setup.positions().stream().filter(position -> !position.full())
                .collect(Collectors.groupingBy(position -> List.of(position.at(), position.fold()), LinkedHashMap::new,
                        Collectors.toList()))
                .values().stream().filter(line -> line.size() > 1 && runsThrough(line, groove)).toList();
    }

    private static boolean runsThrough(List<ScoreSetup.Position> line, Length groove) {
        Length reached = Length.ZERO;
        for (ScoreSetup.Position position : line.stream().sorted(Comparator.comparing(ScoreSetup.Position::from))
                .toList()) {
            if (!position.from().equals(reached)) {
                return false;
            }
            reached = position.to();
        }
        return reached.equals(groove);
    }

    /** Which side of the paper lies up, where the maker chooses that piece by piece. */
    private Optional<Message> paperUp(ScoreSetup setup) {
        boolean chosen = sheet.plan().design().definition().pieces().stream()
                .anyMatch(piece -> piece.what().lying().reversed().isPresent());
        boolean right = sheet.plan().design().piece(setup.piece()).showsRightSide(setup.faceUp());
        return chosen ? Optional.of(StepWords.PAPER_SIDE_UP.of("side", right ? "right" : "wrong")) : Optional.empty();
    }

    /** What lies over the whole piece is scored with it. */
    private Optional<Message> through(ScoreSetup setup) {
        return sheet.plan().mats().stream()
                .filter(mat -> mat.on().isWhole() && mat.on().on().piece().equals(setup.piece())).findFirst()
                .map(mat -> StepWords.SCORED_THROUGH.of());
    }

    private Reading reading(ScoreSetup setup, ScoreSetup.Position position) {
        String how = position.derivation().map(derivation -> derivation.text(format)).orElse("");
        if (setup.mirrored() && !setup.turned()) {
            how += "; from the other side " + format.number(setup.across()) + " − that = " + format.text(position.at());
        }
        return new Reading(position.score(), position.fold().word(), position.at(), Optional.empty(), how,
                Optional.of(position.fold()));
    }

    private void fromMarkToMark(ScoreSetup setup) {
        List<Reading> readings = new ArrayList<>();
        List<Message> told = new ArrayList<>();
        told.add((setup.mirrored() ? StepWords.MARKS_OVER : StepWords.MARKS).of("face", setup.faceUp().word()));
        through(setup).ifPresent(told::add);
        for (Slant slant : setup.slants()) {
            readings.add(mark(slant, slant.from(), Slanting.FROM));
            readings.add(mark(slant, slant.to(), Slanting.TO));
            slant.part()
                    .ifPresent(part -> told.add(StepWords.MARKED_PARTLY.of("score", slant.score(), "from",
                            ruler.number(part.start()), "to", Measured.of(part.end(), ruler))));
        }
        String label = sheet.plan().design().piece(setup.piece()).label();
        sheet.add(StepWords.SLANTING_SCORES.of("piece", label, "count", setup.slants().size()), told, Optional.empty(),
                new StepSubject.OfScores(setup), readings);
    }

    private Reading mark(Slant slant, Slant.Mark mark, String end) {
        boolean level = mark.edge() == Side.TOP || mark.edge() == Side.BOTTOM;
        String label = slant.score() + (end.equals(Slanting.FROM) ? ", from: " : ", to: ") + mark.edge().word()
                + " edge, from its " + (level ? "left" : "top") + " end";
        return Reading.mark(slant.score() + end, label, mark.at(), ruler, Optional.of(slant.fold()));
    }
}
