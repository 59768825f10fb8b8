package cufflink.files.stash;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.AtomicFile;
import cufflink.files.csv.CsvWriter;
import cufflink.files.handout.ShoppingHandOut;
import cufflink.measure.ExactText;
import cufflink.measure.LengthFormat;
import cufflink.paper.NamedSize;
import cufflink.stash.Availability;
import cufflink.stash.Availability.Purchase;
import cufflink.stash.Ware;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** What to buy, as a text, a table or a page to take along. */
public final class ShoppingFile {
    private static final List<String> COLUMNS = List.of("what", "name", "width", "height", "count", "length", "cost",
            "for");

    private ShoppingFile() {
    }

    /** Writes what the file's ending asks for: .pdf, .csv, otherwise a text. */
    public static void write(List<Purchase> purchases, LengthFormat format, NamedSize page, Path file)
            throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        AtomicFile.write(file, name.endsWith(".pdf") ? ShoppingHandOut.write(lines(purchases, format), page)
                : (name.endsWith(".csv") ? csv(purchases) : text(purchases, format)).getBytes(StandardCharsets.UTF_8));
    }

    /** A line each: how much of what, with what it costs and what it is for. */
    public static String text(List<Purchase> purchases, LengthFormat format) {
        return lines(purchases, format).stream().map(line -> line + "\n").collect(Collectors.joining());
    }

    /** The lines of the text; the last tells the cost in all, as far as prices are known. */
    static List<String> lines(List<Purchase> purchases, LengthFormat format) {
        List<String> lines = purchases.stream().map(one -> line(one, format))
                .collect(Collectors.toCollection(ArrayList::new));
        Optional<BigDecimal> cost = purchases.stream().flatMap(one -> one.cost().stream()).reduce(BigDecimal::add);
        cost.ifPresent(sum -> lines.add("In all " + sum.toPlainString()
                + (purchases.stream().allMatch(one -> one.cost().isPresent()) ? "" : ", as far as prices are known")));
        return lines;
    }

    private static String line(Purchase one, LengthFormat format) {
        Availability.Thing thing = one.line().thing();
        String what = thing.ware().isMeasured() ? format.text(one.amount().length()) + " of " + thing.name()
                : one.amount().value() + " × " + thing.name()
                        + thing.size().map(size -> ", " + format.size(size.width(), size.height()))
                                .orElse(thing.ware() == Ware.ENVELOPES ? ", envelope" : "");
        return what + one.cost().map(cost -> ", " + cost.toPlainString()).orElse("") + why(one);
    }

    private static String why(Purchase one) {
        String jobs = one.line().by().stream().map(by -> by.job() + (by.by().isEmpty() ? "" : " by " + by.by()))
                .distinct().collect(Collectors.joining(", "));
        return one.line().shortOf().isPresent() ? " (for " + jobs + ")" : " (to have enough)";
    }

    /** Columns {@code what} (sheet, ribbon, envelope), name, sides, count or length, cost, for. */
    public static String csv(List<Purchase> purchases) {
        return CsvWriter.write(COLUMNS, purchases.stream().map(one -> {
            Availability.Thing thing = one.line().thing();
            boolean measured = thing.ware().isMeasured();
            return List.<Object>of(thing.ware().word(), thing.name(),
                    thing.size().map(size -> ExactText.of(size.width())).orElse(""),
                    thing.size().map(size -> ExactText.of(size.height())).orElse(""),
                    measured ? "" : one.amount().value(), measured ? ExactText.of(one.amount().length()) : "",
                    one.cost().map(BigDecimal::toPlainString).orElse(""),
                    one.line().by().stream().map(by -> by.job()).distinct().collect(Collectors.joining(", ")));
        }).toList());
    }

    /** What to buy as JSON; see docs/shopping.schema.json. */
    public static ObjectNode json(List<Purchase> purchases) {
        ObjectNode root = new ObjectMapper().createObjectNode();
        ArrayNode all = root.putArray("toBuy");
        purchases.forEach(one -> {
            Availability.Thing thing = one.line().thing();
            ObjectNode node = all.addObject().put("what", thing.ware().word()).put("name", thing.name());
            thing.size().ifPresent(size -> node.put("width", ExactText.of(size.width())).put("height",
                    ExactText.of(size.height())));
            if (thing.ware().isMeasured()) {
                node.put("length", ExactText.of(one.amount().length()));
            } else {
                node.put("count", one.amount().value());
            }
            one.cost().ifPresent(cost -> node.put("cost", cost.toPlainString()));
            one.line().shortOf().ifPresent(first -> node.put("for", first.job()).put("by", first.by()));
        });
        return root;
    }
}
