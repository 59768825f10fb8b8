package cufflink.files.directions;

import cufflink.directions.Directions;
import cufflink.directions.Question;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding;
import cufflink.measure.LengthFormat;
import java.util.List;
import java.util.stream.Collectors;

/** What was read, as plain text for the terminal. */
public final class DirectionsReport {
    private DirectionsReport() {
    }

    /** Pieces, findings, questions, and what was not understood. */
    public static String of(Directions directions, List<Finding> findings) {
        StringBuilder text = new StringBuilder("Pieces\n");
        directions.pieces().forEach(piece -> text.append(piece(piece)));
        if (!findings.isEmpty()) {
            text.append("\nFindings\n");
            findings.forEach(finding -> text.append("  line ").append(finding.places().get(0).line(directions.text()))
                    .append(", ").append(finding.grade().words()).append(": ").append(finding.text().sentence())
                    .append(finding.suggestion().map(one -> " Suggested: " + one.text() + ".").orElse(""))
                    .append('\n'));
        }
        if (!directions.questions().isEmpty()) {
            text.append("\nQuestions\n");
            for (Question question : directions.questions()) {
                text.append("  line ").append(question.span().line(directions.text())).append(": ")
                        .append(question.text().sentence()).append(" Taken: ").append(question.answers().get(0))
                        .append(".\n");
            }
        }
        if (!directions.notUnderstood().isEmpty()) {
            text.append("\nNot understood\n");
            directions.notUnderstood().forEach(span -> text.append("  line ").append(span.line(directions.text()))
                    .append(": ").append(span.in(directions.text()).strip()).append('\n'));
        }
        return text.toString();
    }

    private static String piece(ReadPiece piece) {
        StringBuilder text = new StringBuilder();
        text.append("  ").append(piece.quantity()).append(" × ").append(piece.name()).append(", ")
                .append(size(piece.width(), piece.height()))
                .append(piece.material().map(material -> ", " + material).orElse(""))
                .append(piece.on().map(on -> ", on the " + on).orElse("")).append('\n');
        for (boolean alongWidth : new boolean[] {true, false}) {
            List<ReadScore> scores = piece.scores().stream().filter(score -> score.isAlongWidth() == alongWidth)
                    .toList();
            scores.stream().map(ReadScore::from).distinct()
                    .forEach(from -> text.append("      score from the ").append(from.word()).append(" at ")
                            .append(scores.stream().filter(score -> score.from() == from).map(DirectionsReport::score)
                                    .collect(Collectors.joining(", ")))
                            .append('\n'));
        }
        return text.append(piece.diagonals() == 0 ? "" : "      score from corner to corner\n").toString();
    }

    private static String score(ReadScore score) {
        return LengthFormat.of(score.at().unit()).text(score.at().length())
                + score.fold().map(fold -> " (" + fold.word() + ")").orElse("");
    }

    private static String size(Said width, Said height) {
        return LengthFormat.of(width.unit()).size(width.length(), height.length());
    }
}
