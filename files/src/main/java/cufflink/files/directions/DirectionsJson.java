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
import cufflink.directions.match.DesignMatch;
import cufflink.directions.study.DirectionsStudy;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;

/** What was read, as JSON. Every length is {@code {mm, text}}; every place {@code {line, from, to, text}}. */
public final class DirectionsJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Directions directions;

    private DirectionsJson(Directions directions) {
        this.directions = directions;
    }

    /** Directions with what was found out about them. */
    public static ObjectNode of(DirectionsStudy.Study study) {
        return new DirectionsJson(study.directions()).json(study);
    }

    private ObjectNode json(DirectionsStudy.Study study) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("unit", directions.unit().symbol());
        ArrayNode pieces = root.putArray("pieces");
        directions.pieces().forEach(piece -> piece(pieces.addObject(), piece));
        ArrayNode found = root.putArray("findings");
        study.findings().forEach(finding -> finding(found.addObject(), finding));
        ArrayNode lost = root.putArray("notUnderstood");
        directions.notUnderstood().forEach(span -> lost.add(place(span)));
        ArrayNode questions = root.putArray("questions");
        directions.questions().forEach(question -> question(questions.addObject(), question));
        study.design().ifPresent(match -> design(root.putObject("design"), match));
        return root;
    }

    private void design(ObjectNode node, DesignMatch match) {
        node.put("id", match.design().id()).put("title", match.design().title());
        ObjectNode measures = node.putObject("measures");
        match.set().forEach(measures::put);
        ArrayNode agrees = node.putArray("agrees");
        match.agrees().forEach(figure -> figure(agrees.addObject(), figure));
        ArrayNode differs = node.putArray("differs");
        match.differs().forEach(figure -> figure(differs.addObject(), figure));
        ArrayNode onlyText = node.putArray("onlyInText");
        match.only().inText().forEach(onlyText::add);
        ArrayNode onlyDesign = node.putArray("onlyInDesign");
        match.only().inDesign().forEach(onlyDesign::add);
    }

    private void figure(ObjectNode node, DesignMatch.Figure figure) {
        node.put("piece", figure.piece()).put("what", figure.what().word());
        node.set("text", length(figure.said()));
        node.set("design", length(figure.said().unit(), figure.design()));
        node.set("source", place(figure.said().span()));
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
        question.answers().forEach(answer -> answers.add(answer.text()));
        node.set("source", place(question.span()));
    }

    private ObjectNode place(Span span) {
        return MAPPER.createObjectNode().put("line", span.line(directions.text())).put("from", span.from())
                .put("to", span.to()).put("text", span.in(directions.text()));
    }

    private static ObjectNode length(Said said) {
        return length(said.unit(), said.length());
    }

    private static ObjectNode length(LengthUnit unit, Length length) {
        return MAPPER.createObjectNode().put("mm", length.toMillimetres()).put("text",
                LengthFormat.of(unit).text(length));
    }
}
