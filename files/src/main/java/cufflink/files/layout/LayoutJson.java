package cufflink.files.layout;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.cut.Bound;
import cufflink.cut.Cut;
import cufflink.cut.CutList;
import cufflink.cut.Half;
import cufflink.cut.LayoutMessages;
import cufflink.cut.LayoutPlan;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;

/** A layout as JSON: the {@code layout} of {@code docs/plan.schema.json}. Every length is {@code {mm, text}}. */
public final class LayoutJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final LengthFormat format;

    private LayoutJson(LengthFormat format) {
        this.format = format;
    }

    public static ObjectNode of(LayoutPlan layout, LengthFormat format) {
        return new LayoutJson(format).json(layout);
    }

    private ObjectNode json(LayoutPlan layout) {
        ObjectNode node = MAPPER.createObjectNode();
        ArrayNode sheets = node.putArray("sheets");
        layout.sheets().forEach(sheet -> sheet(sheets.addObject(), sheet));
        node.put("used", layout.sheets().size()).put("newSheets", layout.newSheets())
                .put("waste", Math.round(layout.waste() * 10_000) / 10_000.0).put("bound", layout.bound())
                .put("proved", layout.isProved());
        ArrayNode reasons = node.putArray("reasons");
        layout.bounds().forEach(bound -> reason(reasons.addObject(), bound));
        layout.grain().ifPresent(cost -> {
            ObjectNode grain = node.putObject("grain").put("across", cost.across()).put("moreSheets",
                    cost.moreSheets());
            ArrayNode between = grain.putArray("between");
            cost.between().forEach(
                    step -> between.addObject().put("moreSheets", step.moreSheets()).put("across", step.across()));
        });
        layout.unplaced().forEach(node.putArray("unplaced")::add);
        return node;
    }

    private void reason(ObjectNode node, Bound bound) {
        node.put("why", bound.reason().word()).put("sheets", bound.sheets()).put("text",
                LayoutMessages.why(bound).sentence());
        ArrayNode pieces = node.putArray("pieces");
        bound.job().pieces().forEach(piece -> pieces.add(piece.id()));
        bound.reason().accept(new Bound.Cases<ObjectNode>() {
            @Override
            public ObjectNode area(Bound.Area area) {
                return node;
            }

            @Override
            public ObjectNode alone(Bound.Alone alone) {
                return node;
            }

            @Override
            public ObjectNode prices(Bound.Prices prices) {
                ArrayNode rectangles = node.putArray("rectangles");
                prices.rectangles().forEach(rectangle -> priced(rectangles.addObject(), rectangle));
                ArrayNode most = node.putArray("most");
                prices.sheets()
                        .forEach(held -> most.addObject().put("stock", held.stock()).put("price", held.most()));
                return node;
            }

            @Override
            public ObjectNode search(Bound.Search search) {
                return node.put("selections", search.selections());
            }
        });
    }

    private void priced(ObjectNode node, Bound.Priced rectangle) {
        node.put("count", rectangle.count()).put("price", rectangle.price());
        node.set("width", length(rectangle.width()));
        node.set("height", length(rectangle.height()));
    }

    private void sheet(ObjectNode node, SheetLayout sheet) {
        node.put("stock", sheet.stock().name()).put("offcut", sheet.stock().offcut());
        node.set("width", length(sheet.stock().width()));
        node.set("height", length(sheet.stock().height()));
        ArrayNode placements = node.putArray("placements");
        sheet.placements().forEach(placement -> placement(placements.addObject(), placement));
        ArrayNode cuts = node.putArray("cuts");
        CutList.of(sheet).forEach(line -> cut(cuts.addObject(), line));
        ArrayNode offcuts = node.putArray("offcuts");
        sheet.offcuts()
                .forEach(part -> rectangle(offcuts.addObject(), part.x(), part.y(), part.width(), part.height()));
    }

    private void placement(ObjectNode node, Placement placement) {
        node.put("piece", placement.piece());
        rectangle(node, placement.x(), placement.y(), placement.width(), placement.height());
        node.put("turned", placement.turned());
        if (placement.half() != Half.WHOLE) {
            node.put("half", placement.half().word());
        }
        placement.other().ifPresent(other -> node.put("other", other.piece()));
    }

    private void cut(ObjectNode node, CutList.Line line) {
        Cut cut = line.cut();
        node.put("number", cut.number()).put("along", cut.upright() ? "x" : "y");
        node.put("part", line.part()).put("near", line.near().name()).put("far", line.far().name());
        node.set("at", length(cut.at()));
        rectangle(node, cut.x(), cut.y(), cut.width(), cut.height());
    }

    private void rectangle(ObjectNode node, Length x, Length y, Length width, Length height) {
        node.set("x", length(x));
        node.set("y", length(y));
        node.set("width", length(width));
        node.set("height", length(height));
    }

    private ObjectNode length(Length length) {
        return MAPPER.createObjectNode().put("mm", length.toMillimetres()).put("text", format.text(length));
    }
}
