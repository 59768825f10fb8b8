package cufflink.plan;

import cufflink.design.Side;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Scoring: a step for each time that a piece is laid against the fence, and one for its slanting scores. */
final class ScoreSteps {
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
        String numbers = readings.stream().map(reading -> reading.number(format)).collect(Collectors.joining(", "));
        String text = "Left edge at the fence, " + faceUp(setup, ": the positions count from the other side")
                + (setup.turned() ? ", a quarter turn so that its top edge is at the left fence" : "") + "."
                + partial(setup) + sheet.times();
        sheet.add(label + " at " + numbers, text, "", new StepSubject.OfScores(setup), readings);
    }

    private static String faceUp(ScoreSetup setup, String turnedOver) {
        return setup.faceUp().word() + " face up" + (setup.mirrored() ? ", turned over" + turnedOver : "");
    }

    private String partial(ScoreSetup setup) {
        return setup.positions().stream().filter(position -> !position.full())
                .map(position -> " Score " + position.score() + " runs from " + ruler.number(position.from()) + " to "
                        + ruler.text(position.to()) + " only.")
                .collect(Collectors.joining());
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
        StringBuilder parts = new StringBuilder();
        for (Slant slant : setup.slants()) {
            readings.add(mark(slant, slant.from(), Slanting.FROM));
            readings.add(mark(slant, slant.to(), Slanting.TO));
            slant.part()
                    .ifPresent(part -> parts.append(" Score ").append(slant.score()).append(" runs from ")
                            .append(ruler.number(part.start())).append(" to ")
                            .append(ruler.text(part.end())).append(" on its way from the first mark, no further."));
        }
        String text = "Before anything is cut away, " + faceUp(setup, ", so that the marks count from the other side")
                + ": mark both ends of each on the sheet's edges. Turn the sheet until both marks lie in one groove "
                + "of the board, or lay a "
                + "metal rule from mark to mark, and score along it." + parts + sheet.times();
        String label = sheet.plan().design().piece(setup.piece()).label();
        int count = setup.slants().size();
        sheet.add(label + ": " + count + (count == 1 ? " slanting score" : " slanting scores"), text, "",
                new StepSubject.OfScores(setup), readings);
    }

    private Reading mark(Slant slant, Slant.Mark mark, String end) {
        boolean level = mark.edge() == Side.TOP || mark.edge() == Side.BOTTOM;
        String label = slant.score() + (end.equals(Slanting.FROM) ? ", from: " : ", to: ") + mark.edge().word()
                + " edge, from its " + (level ? "left" : "top") + " end";
        return Reading.mark(slant.score() + end, label, mark.at(), ruler, Optional.of(slant.fold()));
    }
}
