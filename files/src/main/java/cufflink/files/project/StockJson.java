package cufflink.files.project;

import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.measure.ExactText;
import cufflink.files.stash.FacePictureFile;
import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.paper.Print;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.words.ProjectWords;
import java.util.Locale;
import java.util.Optional;

/** A paper as a JSON object. */
public final class StockJson {
    private StockJson() {
    }

    /** Fills an object. */
    public static void write(ObjectNode node, Stock stock) {
        node.put("name", stock.name()).put("width", ExactText.of(stock.width())).put("height",
                ExactText.of(stock.height()));
        node.put("weight", stock.weight().amount()).put("basis", stock.weight().basis().label());
        stock.measuredCaliper().ifPresent(caliper -> node.put("caliper", ExactText.of(caliper)));
        node.put("face", stock.face()).put("back", stock.back()).put("directional", stock.directional());
        node.put("grain", stock.grain().name().toLowerCase(Locale.ROOT));
        if (!stock.print().equals(Print.NOTHING)) {
            print(node.putObject("print"), stock.print());
        }
    }

    private static void print(ObjectNode node, Print print) {
        node.put("swatch", print.swatch().word()).put("sides", print.sides().name().toLowerCase(Locale.ROOT));
        print.picture().ifPresent(picture -> node.putObject("picture")
                .put("width", ExactText.of(picture.width())).put("height", ExactText.of(picture.height()))
                .put("data", picture.data()));
    }

    /** What is printed was not always kept. */
    private static Print print(JsonFields fields) {
        return new Print(fields.word("swatch", Swatch.class, Swatch::word),
                fields.word("sides", Print.Sides.class, JsonFields.lower()),
                fields.has("picture") ? picture(fields.in("picture")) : Optional.empty());
    }

    private static Optional<FacePicture> picture(JsonFields fields) {
        String data = fields.text("data");
        Length width = fields.size("width");
        Length height = fields.size("height");
        try {
            Optional<FacePicture> picture = Optional.of(new FacePicture(data, width, height))
                    .filter(FacePictureFile::isSound);
            if (picture.isPresent()) {
                return picture;
            }
        } catch (IllegalArgumentException noPicture) {
            // Told below.
        }
        fields.problem("data", ProjectWords.NO_PICTURE.of());
        return Optional.empty();
    }

    /** The paper of an object; what is wrong with it is a problem there. */
    public static Stock read(JsonFields fields) {
        return new Stock(fields.text("name"), fields.size("width"), fields.size("height"),
                new Weight(fields.number("weight", 0, 10_000),
                        fields.word("basis", Weight.Basis.class, Weight.Basis::label)),
                fields.optionalSize("caliper"),
                fields.colour("face"), fields.colour("back"), fields.yes("directional"),
                fields.word("grain", Stock.Grain.class, JsonFields.lower()),
                fields.has("print") ? print(fields.in("print")) : Print.NOTHING);
    }
}
