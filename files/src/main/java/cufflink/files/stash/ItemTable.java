package cufflink.files.stash;

import cufflink.design.Ornament.Traced;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.files.design.SvgPaths;
import cufflink.paper.BenchTools;
import cufflink.paper.FacePicture;
import cufflink.paper.GrainRule;
import cufflink.paper.Print;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import cufflink.stash.Ware;
import java.util.Optional;
import java.util.Locale;

/** How each kind of item lies in its table. */
enum ItemTable {
    PAPER {
        @Override
        Row write(StashItem item) {
            StashPaper paper = (StashPaper) item;
            Stock stock = paper.stock();
            return new Row.Builder().put("name", stock.name()).put("width", stock.width()).put("height", stock.height())
                    .put("weight", stock.weight().amount())
                    .put("basis", stock.weight().basis().name()).put("caliper", stock.measuredCaliper())
                    .put("face", stock.face()).put("back", stock.back())
                    .put("directional", stock.directional()).put("grain", stock.grain().name())
                    .size("measured_", paper.measured()).put("swatch", stock.print().swatch().name())
                    .put("two_sided", stock.print().isOnBoth())
                    .put("picture", stock.print().picture().map(FacePicture::data))
                    .size("picture_", stock.print().picture()
                            .map(picture -> new SheetSize(picture.width(), picture.height())))
                    .put("offcut", paper.offcut()).put("count", paper.count())
                    .put("price", paper.price()).put("notes", paper.notes()).done();
        }

        @Override
        StashItem read(Row row, long id) {
            Stock stock = new Stock(row.text("name"), row.length("width"), row.length("height"),
                    new Weight(row.number("weight"), row.word("basis", Weight.Basis.class)),
                    row.optionalLength("caliper"), row.text("face"), row.text("back"), row.yes("directional"),
                    row.word("grain", Stock.Grain.class), print(row));
            return new StashPaper(id, stock, row.optionalSize("measured_"), row.yes("offcut"), row.count("count"),
                    row.optionalAmount("price"), row.text("notes"));
        }
    },
    RIBBON {
        @Override
        Row write(StashItem item) {
            StashRibbon ribbon = (StashRibbon) item;
            return new Row.Builder().put("name", ribbon.name()).put("width", ribbon.width())
                    .put("remaining", ribbon.left()).put("colour", ribbon.colour()).put("price", ribbon.price())
                    .put("notes", ribbon.notes()).done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashRibbon(id, row.text("name"), row.length("width"), row.length("remaining"),
                    row.text("colour"), row.optionalAmount("price"), row.text("notes"));
        }
    },
    ENVELOPE {
        @Override
        Row write(StashItem item) {
            StashEnvelope envelope = (StashEnvelope) item;
            return new Row.Builder().put("name", envelope.name()).size("", envelope.size())
                    .size("measured_", envelope.measured()).put("count", envelope.count())
                    .put("price", envelope.price()).put("notes", envelope.notes()).done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashEnvelope(id, row.text("name"), row.size(""), row.optionalSize("measured_"),
                    row.count("count"),
                    row.optionalAmount("price"), row.text("notes"));
        }
    },
    PUNCH {
        @Override
        Row write(StashItem item) {
            StashPunch punch = (StashPunch) item;
            return new Row.Builder().put("name", punch.name()).size("cuts_", punch.cuts()).size("layer_", punch.layer())
                    .put("notes", punch.notes()).put("shape", punch.die().shape().name())
                    .put("scallops", punch.die().scallops()).put("path", punch.die().traced().map(Traced::path))
                    .size("outer_", punch.outer()).put("nested", punch.set()).put("heaviest", punch.heaviest())
                    .done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashPunch(id, row.text("name"), die(row), row.optionalSize("outer_"),
                    row.optionalSize("layer_"), row.optionalText("nested").orElse(""), row.optionalCount("heaviest"),
                    row.text("notes"));
        }
    },
    TOOLS {
        @Override
        Row write(StashItem item) {
            BenchTools tools = ((StashTools) item).tools();
            return new Row.Builder().put("trimmer", tools.trimmerLength()).put("board_width", tools.boardWidth())
                    .put("board_height", tools.boardHeight()).put("groove", tools.grooveStep())
                    .put("grain", tools.grain().name()).put("on_grooves", tools.onGrooves())
                    .put("cuts_short", tools.cutsShort()).done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashTools(
                    new BenchTools(row.length("trimmer"), row.length("board_width"), row.length("board_height"),
                            row.length("groove"), row.word("grain", GrainRule.class), row.yes("on_grooves", false),
                            row.signedLength("cuts_short")));
        }
    },
    RESERVATION {
        @Override
        Row write(StashItem item) {
            StashReservation one = (StashReservation) item;
            return new Row.Builder().put("name", one.name()).put("ware", one.ware().name()).size("", one.size())
                    .put("count", one.count()).put("length", one.length()).put("job", one.job()).put("wanted", one.by())
                    .done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashReservation(id, row.text("name"), row.word("ware", Ware.class), row.optionalSize(""),
                    row.count("count"), row.length("length"), row.text("job"), row.text("wanted"));
        }
    },
    LEAST {
        @Override
        Row write(StashItem item) {
            StashLimit limit = (StashLimit) item;
            return new Row.Builder().put("name", limit.name()).put("ware", limit.ware().name())
                    .put("count", limit.count()).put("length", limit.length()).done();
        }

        @Override
        StashItem read(Row row, long id) {
            return new StashLimit(id, row.text("name"), row.word("ware", Ware.class), row.count("count"),
                    row.length("length"));
        }
    };

    /** A row of the first versions tells no shape. */
    private static Die die(Row row) {
        DieShape shape = row.optionalText("shape").map(word -> row.word("shape", DieShape.class))
                .orElse(DieShape.UNTOLD);
        Optional<Traced> traced = row.optionalText("path").map(path -> SvgPaths.read("path", path).value()
                .orElseThrow(() -> new UnreadableCell("path", path, "an SVG path")));
        return new Die(shape, row.size("cuts_"), row.optionalCount("scallops").orElse(0), traced);
    }

    /** Whether a row holds a picture tells its size. */
    private static Print print(Row row) {
        return Print.of(row.word("swatch", Swatch.class), row.yes("two_sided"))
                .withPicture(row.optionalSize("picture_")
                        .map(size -> new FacePicture(row.text("picture"), size.width(), size.height())));
    }

    /** The item's columns without its id. */
    abstract Row write(StashItem item);

    /** The item in a line; throws {@link IllegalArgumentException} for a line that holds no such item. */
    abstract StashItem read(Row row, long id);

    /** The table of an item. */
    static ItemTable of(StashItem item) {
        return item.accept(new StashItem.Cases<>() {
            @Override
            public ItemTable paper(StashPaper paper) {
                return PAPER;
            }

            @Override
            public ItemTable ribbon(StashRibbon ribbon) {
                return RIBBON;
            }

            @Override
            public ItemTable envelope(StashEnvelope envelope) {
                return ENVELOPE;
            }

            @Override
            public ItemTable punch(StashPunch punch) {
                return PUNCH;
            }

            @Override
            public ItemTable tools(StashTools tools) {
                return TOOLS;
            }

            @Override
            public ItemTable reservation(StashReservation reservation) {
                return RESERVATION;
            }

            @Override
            public ItemTable limit(StashLimit limit) {
                return LEAST;
            }
        });
    }

    /** The table's name. */
    String table() {
        return name().toLowerCase(Locale.ROOT);
    }
}
