package cufflink.files.notebook;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.json.JsonFields;
import cufflink.files.project.StockJson;
import cufflink.measure.ExactText;
import cufflink.notebook.Correction;
import cufflink.notebook.OfBorder;
import cufflink.notebook.OfMeasure;
import cufflink.notebook.OfPaper;
import cufflink.notebook.OfPart;
import cufflink.notebook.OfStep;
import cufflink.notebook.OfTrimmer;
import cufflink.notebook.Target;
import cufflink.paper.PaperRole;
import cufflink.words.ProjectWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is to be different next time, as JSON. */
final class CorrectionJson implements Target.Cases<ObjectNode> {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private CorrectionJson() {
    }

    static ObjectNode of(Correction correction) {
        ObjectNode node = MAPPER.createObjectNode().put("key", correction.key()).put("design", correction.design())
                .put("text", correction.text())
                .put("standing", correction.standing().name().toLowerCase(Locale.ROOT));
        node.set("target", of(correction.target()));
        return node;
    }

    static ObjectNode of(Target target) {
        return target.accept(new CorrectionJson());
    }

    static Correction read(JsonFields fields) {
        return new Correction(fields.filledText("key"), fields.text("design"), fields.filledText("text"),
                target(fields.in("target")), fields.word("standing", Correction.Standing.class, JsonFields.lower()));
    }

    static Target target(JsonFields fields) {
        return switch (fields.text("of")) {
            case "measure" -> new OfMeasure(fields.text("measure"), fields.text("label"), fields.text("change"));
            case "border" -> new OfBorder(fields.signedLength("by"));
            case "part" -> new OfPart(fields.text("part"), fields.text("label"), fields.yes("leaveOut"));
            case "step" -> new OfStep(fields.text("step"), fields.text("title"));
            case "paper" -> new OfPaper(PaperRole.read(fields.text("role")),
                    fields.has("paper") ? Optional.of(StockJson.read(fields.in("paper"))) : Optional.empty());
            case "trimmer" -> new OfTrimmer(fields.signedLength("cutsShort"));
            default -> {
                fields.problem("of", ProjectWords.NOT_ONE_OF.of("text", fields.text("of"), "expected",
                        List.of("measure", "border", "part", "step", "paper", "trimmer")));
                yield new OfStep("", "");
            }
        };
    }

    private static ObjectNode kind(String of) {
        return MAPPER.createObjectNode().put("of", of);
    }

    @Override
    public ObjectNode measure(OfMeasure target) {
        return kind("measure").put("measure", target.measure()).put("label", target.label()).put("change",
                target.change());
    }

    @Override
    public ObjectNode border(OfBorder target) {
        return kind("border").put("by", ExactText.of(target.by()));
    }

    @Override
    public ObjectNode part(OfPart target) {
        return kind("part").put("part", target.part()).put("label", target.label()).put("leaveOut",
                target.leaveOut());
    }

    @Override
    public ObjectNode step(OfStep target) {
        return kind("step").put("step", target.step()).put("title", target.title());
    }

    @Override
    public ObjectNode paper(OfPaper target) {
        ObjectNode node = kind("paper").put("role", target.role().toString());
        target.stock().ifPresent(stock -> StockJson.write(node.putObject("paper"), stock));
        return node;
    }

    @Override
    public ObjectNode trimmer(OfTrimmer target) {
        return kind("trimmer").put("cutsShort", ExactText.of(target.cutsShort()));
    }
}
