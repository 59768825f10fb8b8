package cufflink.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.measure.ExactText;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import java.util.Locale;

/** A paper as a JSON object. */
final class StockJson {
    private StockJson() {
    }

    static void write(ObjectNode node, Stock stock) {
        node.put("name", stock.name()).put("width", ExactText.of(stock.width())).put("height",
                ExactText.of(stock.height()));
        node.put("weight", stock.weight().amount()).put("basis", stock.weight().basis().label());
        stock.measuredCaliper().ifPresent(caliper -> node.put("caliper", ExactText.of(caliper)));
        node.put("face", stock.face()).put("back", stock.back()).put("directional", stock.directional());
        node.put("grain", stock.grain().name().toLowerCase(Locale.ROOT));
    }

    static Stock read(JsonFields fields) {
        return new Stock(fields.text("name"), fields.size("width"), fields.size("height"),
                new Weight(fields.number("weight", 0, 10_000),
                        fields.word("basis", Weight.Basis.class, Weight.Basis::label)),
                fields.optionalSize("caliper"),
                fields.colour("face"), fields.colour("back"), fields.yes("directional"),
                fields.word("grain", Stock.Grain.class, JsonFields.lower()));
    }
}
