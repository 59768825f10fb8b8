package cufflink.files.directions;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.directions.Directions;
import cufflink.directions.Question;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.directions.finding.Finding;
import cufflink.measure.LengthFormat;
import java.util.List;

/** What was read, as JSON. Every length is {@code {mm, text}}; every place {@code {line, from, to, text}}. */
public final class DirectionsJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Directions directions;

    private DirectionsJson(Directions directions) {
        this.directions = directions;
    }

    /** Directions with what was found in them. */
    public static ObjectNode of(Directions directions, List<Finding> findings) {
        return new DirectionsJson(directions).json(findings);
    }

    private ObjectNode json(List<Finding> findings) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("unit", directions.unit().symbol());
        ArrayNode pieces = root.putArray("pieces");
        directions.pieces().forEach(piece -> piece(pieces.addObject(), piece));
        ArrayNode found = root.putArray("findings");
        findings.forEach(finding -> finding(found.addObject(), finding));
        ArrayNode lost = root.putArray("notUnderstood");
        directions.notUnderstood().forEach(span -> lost.add(place(span)));
        ArrayNode questions = root.putArray("questions");
        directions.questions().forEach(question -> question(questions.addObject(), question));
        return root;
    }

    private void piece(ObjectNode node, ReadPiece piece) {
        node.put("name", piece.name()).put("quantity", piece.quantity());
        node.set("width", length(piece.width()));
        node.set("height", length(piece.height()));
        piece.material().ifPresent(material -> node.put("material", material));
        piece.on().ifPresent(on -> node.put("on", on));
        piece.sheet().ifPresent(sheet -> {
            ObjectNode from = node.putObject("sheet");
            if (!sheet.name().isEmpty()) {
                from.put("name", sheet.name());
            }
            from.set("width", length(sheet.width()));
            from.set("height", length(sheet.height()));
        });
        ArrayNode scores = node.putArray("scores");
        piece.scores().forEach(score -> score(scores.addObject(), score));
        if (piece.diagonals() > 0) {
            node.put("diagonalScores", piece.diagonals());
        }
        node.set("source", place(piece.span()));
    }

    private void score(ObjectNode node, ReadScore score) {
        node.set("at", length(score.at()));
        node.put("along", score.isAlongWidth() ? "x" : "y").put("from", score.from().word());
        score.fold().ifPresent(fold -> node.put("fold", fold.word()));
        node.set("source", place(score.at().span()));
    }

    private void finding(ObjectNode node, Finding finding) {
        node.put("grade", finding.grade().words()).put("kind", finding.kind()).put("text",
                (finding.text().sentence() + " " + finding.text().remedy()).strip());
        ArrayNode places = node.putArray("lines");
        finding.places().forEach(span -> places.add(place(span)));
        ArrayNode values = node.putArray("values");
        finding.values().forEach(values::add);
        finding.suggestion().ifPresent(suggestion -> {
            ObjectNode instead = node.putObject("suggestion").put("text", suggestion.text());
            instead.set("place", place(suggestion.place()));
        });
    }

    private void question(ObjectNode node, Question question) {
        node.put("text", question.text().sentence());
        ArrayNode answers = node.putArray("answers");
        question.answers().forEach(answers::add);
        node.set("source", place(question.span()));
    }

    private ObjectNode place(Span span) {
        return MAPPER.createObjectNode().put("line", span.line(directions.text())).put("from", span.from())
                .put("to", span.to()).put("text", span.in(directions.text()));
    }

    private static ObjectNode length(Said said) {
        return MAPPER.createObjectNode().put("mm", said.length().toMillimetres()).put("text",
                LengthFormat.of(said.unit()).text(said.length()));
    }
}
