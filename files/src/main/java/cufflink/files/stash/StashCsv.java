package cufflink.files.stash;

import cufflink.design.Ornament.Traced;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.files.design.SvgPaths;
import cufflink.files.csv.CsvRow;
import cufflink.files.csv.CsvTable;
import cufflink.files.csv.CsvWriter;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.Print;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import cufflink.words.TableWords;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * The stash as one CSV table: papers, offcuts, ribbons, envelopes and punches, one a line. What is written is read back
 * equal, but for ids. Reading gives everything in the table or, with a mistake anywhere, nothing but the list of
 * mistakes by line.
 */
public final class StashCsv {
    private static final List<String> COLUMNS = List.of("kind", "name", "width", "height", "count", "measured width",
            "measured height", "weight", "basis", "caliper", "face", "back",
            "direction", "grain", "swatch", "two-sided", "price", "layer width", "layer height", "shape", "scallops",
            "path", "outer width", "outer height", "set", "heaviest",
            "notes");
    private static final int MOST_SHEETS = 100_000;
    private static final double USUAL_WEIGHT = 120;
    private static final int MOST_WEIGHT = 10_000;
    private static final String WHITE = "#FFFFFF";

    private final LengthUnit unit;
    private final List<Problem> problems = new ArrayList<>();

    private StashCsv(LengthUnit unit) {
        this.unit = unit;
    }

    /**
     * The items of a table, new to the stash; {@code unit} is that of numbers without one. Kind, name, width and height
     * are needed, the rest may be left out.
     */
    public static Outcome<List<StashItem>> read(Path file, LengthUnit unit) {
        return CsvTable.read(file, COLUMNS.subList(0, 4)).then(table -> new StashCsv(unit).items(table));
    }

    private Outcome<List<StashItem>> items(CsvTable table) {
        List<StashItem> items = new ArrayList<>();
        for (CsvRow row : table.rows()) {
            String kind = row.text("kind").toLowerCase(Locale.ROOT);
            switch (kind) {
                case "paper", "offcut" -> items.add(paper(row, kind.equals("offcut")));
                case "ribbon" -> items.add(ribbon(row));
                case "envelope" -> items.add(new StashEnvelope(0, name(row), size(row, ""), measured(row),
                        count(row, 0), price(row), row.text("notes")));
                case "punch" -> items.add(new StashPunch(0, name(row), die(row), optionalSize(row, "outer "),
                        optionalSize(row, "layer "), row.text("set"), heaviest(row), row.text("notes")));
                default -> problems.add(row.problem(TableWords.NO_KIND, "kind", "text", row.text("kind")));
            }
        }
        return problems.isEmpty() ? Outcome.of(items) : Outcome.failed(problems);
    }

    private String name(CsvRow row) {
        return row.needed("name", problems);
    }

    private int count(CsvRow row, int usual) {
        return row.count("count", 0, MOST_SHEETS, problems).orElse(usual);
    }

    private SheetSize size(CsvRow row, String before) {
        return new SheetSize(row.length(before + "width", unit, problems),
                row.length(before + "height", unit, problems));
    }

    private Optional<SheetSize> measured(CsvRow row) {
        return optionalSize(row, "measured ");
    }

    private Optional<SheetSize> optionalSize(CsvRow row, String before) {
        return row.text(before + "width").isEmpty() && row.text(before + "height").isEmpty() ? Optional.empty()
                : Optional.of(size(row, before));
    }

    private Die die(CsvRow row) {
        DieShape shape = word(row, "shape", DieShape.UNTOLD, DieShape.values(), DieShape::word);
        SheetSize size = size(row, "");
        OptionalInt told = row.count("scallops", 0, Die.MOST_SCALLOPS, problems);
        int scallops = told.isPresent() ? told.getAsInt() : Die.usualScallops(shape, size);
        Optional<Traced> traced = Optional.empty();
        if (shape == DieShape.TRACED) {
            Outcome<Traced> read = SvgPaths.read("path", row.text("path"));
            traced = read.value();
            read.problems().forEach(problem -> problems.add(row.problem(TableWords.NO_OUTLINE, "path", "why",
                    problem.message())));
        }
        try {
            return new Die(shape == DieShape.TRACED && traced.isEmpty() ? DieShape.UNTOLD : shape, size, scallops,
                    traced);
        } catch (IllegalArgumentException noDie) {
            problems.add(row.problem(TableWords.NO_DIE, "shape", "shape", shape.word()));
            return Die.untold(size);
        }
    }

    private Optional<Integer> heaviest(CsvRow row) {
        OptionalInt most = row.count("heaviest", 1, MOST_WEIGHT, problems);
        return most.isPresent() ? Optional.of(most.getAsInt()) : Optional.empty();
    }

    private StashPaper paper(CsvRow row, boolean offcut) {
        SheetSize size = size(row, "");
        double weight = weight(row);
        Weight.Basis basis = word(row, "basis", Weight.Basis.METRIC, Weight.Basis.values(), Weight.Basis::label);
        Stock stock = new Stock(name(row), size.width(), size.height(), new Weight(weight, basis),
                row.optionalLength("caliper", LengthUnit.MILLIMETRE, problems), colour(row, "face"),
                colour(row, "back"), row.yes("direction", problems),
                word(row, "grain", Stock.Grain.UNKNOWN, Stock.Grain.values(), StashCsv::grain),
                Print.of(word(row, "swatch", Swatch.PLAIN, Swatch.values(), Swatch::word),
                        row.yes("two-sided", problems)));
        return new StashPaper(0, stock, measured(row), offcut, count(row, offcut ? 1 : 0), price(row),
                row.text("notes"));
    }

    private Optional<BigDecimal> price(CsvRow row) {
        return row.number("price", problems).map(amount -> new BigDecimal(row.text("price").replace(',', '.')));
    }

    private double weight(CsvRow row) {
        double weight = row.number("weight", problems).orElse(USUAL_WEIGHT);
        if (weight > 0 && weight < MOST_WEIGHT) {
            return weight;
        }
        problems.add(row.problem(TableWords.WEIGHT_BETWEEN, "weight", "most", MOST_WEIGHT));
        return USUAL_WEIGHT;
    }

    private StashRibbon ribbon(CsvRow row) {
        return new StashRibbon(0, name(row), row.length("width", unit, problems), row.length("height", unit, problems),
                colour(row, "face"), price(row), row.text("notes"));
    }

    private String colour(CsvRow row, String column) {
        String text = row.text(column);
        if (!text.isEmpty() && !text.matches("#[0-9A-Fa-f]{6}")) {
            problems.add(row.problem(TableWords.NO_COLOUR, column, "text", text));
            return WHITE;
        }
        return text.isEmpty() ? WHITE : text;
    }

    private static String grain(Stock.Grain grain) {
        return grain.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** One of a few words; the usual one for an empty cell. */
    private <E> E word(CsvRow row, String column, E usual, E[] values, Function<E, String> words) {
        String text = row.text(column);
        return text.isEmpty() ? usual : Arrays.stream(values).filter(value -> words.apply(value).equalsIgnoreCase(text))
                .findFirst().orElseGet(() -> {
                    problems.add(row.problem(TableWords.NOT_ONE_OF, column, "text", text, "expected",
                            Arrays.stream(values).map(words).toList()));
                    return usual;
                });
    }

    /** Everything that is owned but the tools. */
    public static String write(Stash stash) {
        return CsvWriter.write(COLUMNS,
                stash.items().stream().filter(StashCsv::isOwned).map(StashCsv::cells)
                        .map(cells -> COLUMNS.stream().map(column -> cells.getOrDefault(column, "")).toList())
                        .toList());
    }

    private static boolean isOwned(StashItem item) {
        return !(item instanceof StashTools || item instanceof StashReservation || item instanceof StashLimit);
    }

    private static Map<String, Object> cells(StashItem item) {
        Map<String, Object> cells = new LinkedHashMap<>(Map.of("name", item.name()));
        return item.accept(new StashItem.Cases<>() {
            @Override
            public Map<String, Object> paper(StashPaper paper) {
                StashCsv.paper(paper, cells);
                return cells;
            }

            @Override
            public Map<String, Object> ribbon(StashRibbon ribbon) {
                cells.put("kind", "ribbon");
                size(cells, "", ribbon.width(), ribbon.left());
                cells.put("face", ribbon.colour());
                ribbon.price().ifPresent(price -> cells.put("price", price.toPlainString()));
                cells.put("notes", ribbon.notes());
                return cells;
            }

            @Override
            public Map<String, Object> envelope(StashEnvelope envelope) {
                cells.put("kind", "envelope");
                size(cells, "", envelope.size().width(), envelope.size().height());
                envelope.measured().ifPresent(size -> size(cells, "measured ", size.width(), size.height()));
                cells.put("count", envelope.count());
                envelope.price().ifPresent(price -> cells.put("price", price.toPlainString()));
                cells.put("notes", envelope.notes());
                return cells;
            }

            @Override
            public Map<String, Object> punch(StashPunch punch) {
                cells.put("kind", "punch");
                size(cells, "", punch.cuts().width(), punch.cuts().height());
                punch.layer().ifPresent(size -> size(cells, "layer ", size.width(), size.height()));
                punch.outer().ifPresent(size -> size(cells, "outer ", size.width(), size.height()));
                cells.put("shape", punch.die().shape() == DieShape.UNTOLD ? "" : punch.die().shape().word());
                cells.put("scallops", punch.die().scallops() > 0 ? punch.die().scallops() : "");
                punch.die().traced().ifPresent(traced -> cells.put("path", traced.path()));
                cells.put("set", punch.set());
                punch.heaviest().ifPresent(most -> cells.put("heaviest", most));
                cells.put("notes", punch.notes());
                return cells;
            }

            @Override
            public Map<String, Object> tools(StashTools tools) {
                throw new IllegalArgumentException("tools have no line in a table");
            }

            @Override
            public Map<String, Object> reservation(StashReservation reservation) {
                throw new IllegalArgumentException("what is set aside has no line in a table");
            }

            @Override
            public Map<String, Object> limit(StashLimit limit) {
                throw new IllegalArgumentException("a limit has no line in a table");
            }
        });
    }

    private static void size(Map<String, Object> cells, String before, Length width, Length height) {
        cells.put(before + "width", ExactText.of(width));
        cells.put(before + "height", ExactText.of(height));
    }

    private static void paper(StashPaper paper, Map<String, Object> cells) {
        Stock stock = paper.stock();
        cells.put("kind", paper.offcut() ? "offcut" : "paper");
        size(cells, "", stock.width(), stock.height());
        cells.put("count", paper.count());
        paper.measured().ifPresent(size -> size(cells, "measured ", size.width(), size.height()));
        cells.put("weight", BigDecimal.valueOf(stock.weight().amount()).stripTrailingZeros().toPlainString());
        cells.put("basis", stock.weight().basis().label());
        stock.measuredCaliper().ifPresent(caliper -> cells.put("caliper", ExactText.of(caliper)));
        cells.put("face", stock.face());
        cells.put("back", stock.back());
        cells.put("direction", stock.directional() ? "yes" : "no");
        cells.put("grain", grain(stock.grain()));
        cells.put("swatch", stock.print().swatch().word());
        cells.put("two-sided", stock.print().isOnBoth() ? "yes" : "no");
        paper.price().ifPresent(price -> cells.put("price", price.toPlainString()));
        cells.put("notes", paper.notes());
    }
}
