package cufflink.files.directions;

import cufflink.directions.Directions;
import cufflink.directions.Question;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.design.Measure;
import cufflink.directions.finding.Finding;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.study.DirectionsStudy;
import cufflink.measure.LengthFormat;
import java.util.List;
import java.util.stream.Collectors;

/** What was read, as plain text for the terminal. */
public final class DirectionsReport {
    private DirectionsReport() {
    }

    /** Pieces, the design that they are for, findings, questions, and what was not understood. */
    public static String of(DirectionsStudy.Study study) {
        Directions directions = study.directions();
        List<Finding> findings = study.findings();
        StringBuilder text = new StringBuilder("Pieces\n");
        directions.pieces().forEach(piece -> text.append(piece(piece)));
        study.design().ifPresent(match -> text.append("\nDesign\n").append(design(match)));
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
                        .append(question.text().sentence()).append(" Taken: ").append(question.answers().get(0).text())
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

    private static String design(DesignMatch match) {
        StringBuilder text = new StringBuilder("  ").append(match.design().title());
        match.set().forEach((measure, value) -> text.append(", ")
                .append(match.design().measure(measure).map(Measure::label).orElse(measure)).append(' ').append(value));
        int all = match.agrees().size() + match.differs().size();
        text.append("\n  ").append(match.agrees().size()).append(" of ").append(all)
                .append(" numbers as the design has them\n");
        if (!match.only().inText().isEmpty()) {
            text.append("  only in the text: ").append(String.join(", ", match.only().inText())).append('\n');
        }
        if (!match.only().inDesign().isEmpty()) {
            text.append("  only in the design: ").append(String.join(", ", match.only().inDesign())).append('\n');
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
