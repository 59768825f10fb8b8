package cufflink.files.project;

import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.cut.Along;
import cufflink.cut.Cut;
import cufflink.cut.Half;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.cut.StockSheet;
import cufflink.job.JobSheet;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.paper.Print;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.plan.PlanPapers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** One sheet of a job with its pieces and cuts, exact, as a JSON object. */
final class SheetJson {
    private static final int MOST_SHEETS = 1_000_000;

    private SheetJson() {
    }

    static void write(ObjectNode node, JobSheet sheet) {
        StockSheet stock = sheet.layout().stock();
        sheet.stash().ifPresent(id -> node.put("stash", id));
        node.put("stock", stock.id()).put("width", ExactText.of(stock.width()))
                .put("height", ExactText.of(stock.height())).put("offcut", stock.offcut());
        stock.count().ifPresent(count -> node.put("count", count));
        StockJson.write(node.putObject("paper"), sheet.paper());
        ArrayNode placements = node.putArray("placements");
        for (Placement placement : sheet.layout().placements()) {
            ObjectNode at = placements.addObject().put("piece", placement.piece()).put("label", placement.label())
                    .put("turned", placement.turned());
            at.put("half", placement.half().word());
            placement.other().ifPresent(other -> at.put("other", other.piece()).put("otherLabel", other.label()));
            rectangle(at, placement.x(), placement.y(), placement.width(), placement.height());
        }
        ArrayNode cuts = node.putArray("cuts");
        for (Cut cut : sheet.layout().cuts()) {
            rectangle(cuts.addObject().put("upright", cut.upright()).put("at", ExactText.of(cut.at())), cut.x(),
                    cut.y(), cut.width(), cut.height());
        }
    }

    private static void rectangle(ObjectNode node, Length x, Length y, Length width, Length height) {
        node.put("x", ExactText.of(x)).put("y", ExactText.of(y)).put("width", ExactText.of(width)).put("height",
                ExactText.of(height));
    }

    /** A triangle's side of the diagonal was not always written. */
    private static Placement placement(JsonFields at) {
        Optional<Placement.Other> other = at.has("other")
                ? Optional.of(
                        new Placement.Other(at.text("other"), at.text(at.has("otherLabel") ? "otherLabel" : "other")))
                : Optional.empty();
        Half half = at.has("half") ? at.word("half", Half.class, Half::word) : other.isPresent() ? Half.FALLING
                : Half.WHOLE;
        return new Placement(at.text("piece"), at.text("label"), at.length("x"), at.length("y"), at.size("width"),
                at.size("height"), at.yes("turned"), half, other);
    }

    /** The pattern once stood beside the paper. */
    private static Stock paper(JsonFields fields) {
        Stock paper = StockJson.read(fields.in("paper"));
        return fields.has("swatch")
                ? paper.withPrint(Print.of(fields.word("swatch", Swatch.class, Swatch::word), fields.yes("twoSided")))
                : paper;
    }

    static JobSheet read(JsonFields fields) {
        Stock paper = paper(fields);
        Optional<Along> grain = Along.of(paper.grain());
        StockSheet stock = new StockSheet(fields.text("stock"), paper.name(), PlanPapers.material(paper),
                fields.size("width"), fields.size("height"),
                fields.has("count") ? OptionalInt.of(fields.count("count", 0, MOST_SHEETS)) : OptionalInt.empty(),
                fields.yes("offcut"), paper.directional(), grain);
        List<Placement> placements = fields.each("placements").stream().map(SheetJson::placement).toList();
        List<Cut> cuts = new ArrayList<>();
        for (JsonFields cut : fields.each("cuts")) {
            cuts.add(new Cut(cuts.size() + 1, cut.yes("upright"), cut.size("at"), cut.length("x"), cut.length("y"),
                    cut.size("width"), cut.size("height")));
        }
        return new JobSheet(new SheetLayout(stock, placements, cuts), paper, fields.optionalId("stash"));
    }
}
